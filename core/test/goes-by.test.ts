import { type Exercise, inClass, judge, solutionOf } from '../src';
import { check } from '../src/practice';

const LENGTH: Exercise = {
	prompt: '',
	start: { number: '2.25', unit: 'm' },
	facts: [],
	want: { unit: 'm' },
	rounding: { significant: 2 },
};

function lines(exercise: Exercise, answer: string) {
	const made = judge(exercise, answer);
	if (!made.ok) throw new Error(made.fault.message);
	return made.value.lines;
}

const answerOf = (exercise: Exercise) => {
	const solved = solutionOf(exercise);
	return solved.ok ? solved.value.answer : solved.fault.message;
};

describe('what a class goes by', () => {
	it('is nothing where nothing is said: a half is right either way', () => {
		expect(inClass(LENGTH, undefined)).toBe(LENGTH);
		for (const answer of ['2.2 m', '2.3 m']) expect(lines(LENGTH, answer).right).toBe(true);
	});

	it.each([
		['even', '2.2 m', '2.3 m', 'to the even digit'],
		['away', '2.3 m', '2.2 m', 'away from zero'],
	] as const)('rounds a half %s, and says so to one who does not', (ties, right, wrong, says) => {
		const exercise = inClass(LENGTH, { ties });
		expect(answerOf(exercise)).toBe(right);
		expect(lines(exercise, right).right).toBe(true);
		expect(lines(exercise, wrong).value).toMatchObject({ verdict: 'wrong', why: expect.stringContaining(says) });
		// What is wrong for another reason is not told so.
		expect(lines(exercise, '2.9 m').value.why).not.toContain(says);
	});

	it('rounds the last part of a mixed measure its way', () => {
		const rope: Exercise = {
			...LENGTH,
			start: { number: '100.5', unit: 'in' },
			want: { mixed: ['ft', 'in'] },
			rounding: { place: 0 },
		};
		expect(answerOf(inClass(rope, { ties: 'even' }))).toBe('8 ft 4 in');
		expect(answerOf(inClass(rope, { ties: 'away' }))).toBe('8 ft 5 in');
		expect(lines(inClass(rope, { ties: 'even' }), '8 ft 5 in').right).toBe(false);
	});

	it('holds for a line of the student’s own too', () => {
		const exercise = inClass({ ...LENGTH, start: { number: '22.5', unit: 'dm' } }, { ties: 'even' });
		const chain = {
			start: { number: '22.5', unit: 'dm' },
			factors: [{ top: { number: '1', unit: 'm' }, bottom: { number: '10', unit: 'dm' } }],
		};
		const right = (answer: string) => {
			const made = check(exercise, answer, chain);
			return made.ok && made.value.right;
		};
		expect([right('2.2 m'), right('2.3 m')]).toEqual([true, false]);
	});

	it('puts the class’s facts beside those of the problem, and keeps the rest with it', () => {
		const stride = { left: { number: '1', unit: 'stride' }, right: { number: '0.75', unit: 'm' } };
		const exercise = inClass(
			{ ...LENGTH, want: { unit: 'stride' }, rounding: 'figures' },
			{ facts: [stride], tables: ['metric'], support: 'light', numbers: 'covered' },
		);
		expect(exercise.facts).toEqual([stride]);
		expect(exercise.goesBy).toEqual({ tables: ['metric'], support: 'light', numbers: 'covered' });
		expect(answerOf(exercise)).toBe('3.0 stride');
	});

	it('works the key over the tables that count, and over all of them where those lead nowhere', () => {
		const lineOf = (exercise: Exercise) => {
			const solved = solutionOf(exercise);
			return solved.ok
				? (solved.value.chain?.factors ?? []).map(({ top, bottom }) => `${top.unit}/${bottom.unit}`)
				: [];
		};
		const miles: Exercise = { ...LENGTH, start: { number: '3.0', unit: 'km' }, want: { unit: 'ft' } };
		expect(lineOf(inClass(miles, { tables: ['prefixes'] })).length).toBeGreaterThan(0);
		expect(lineOf(inClass(miles, { tables: ['metric', 'between', 'customary'] })).at(-1)).toMatch(/^ft\//);
	});
});
