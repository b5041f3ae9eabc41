import { type Exercise, inClass, judge, sayAsked, solutionOf } from '../src';
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

	it('rounds answers in a unit as the class does, where the exercise asks for no rounding', () => {
		const dose: Exercise = {
			prompt: '',
			start: { number: '250', unit: 'mL' },
			facts: [{ left: { number: '15', unit: 'gtt' }, right: { number: '1', unit: 'mL' } }],
			want: { unit: 'gtt' },
			rounding: 'figures',
		};
		const rows = [
			{ unit: 'drops', place: 0 },
			{ unit: 'mL', place: -1 },
		];
		const drip = inClass({ ...dose, start: { number: '2.43', unit: 'mL' } }, { rounding: rows });
		expect(answerOf(drip)).toBe('36 drop');
		expect(sayAsked(drip)).toBe('to the ones');
		expect([lines(drip, '36 gtt').right, lines(drip, '36.45 gtt').right]).toEqual([true, false]);
		expect(answerOf({ ...drip, rounding: { significant: 1 } })).toBe('40 drop');
		expect(answerOf(inClass(dose, { rounding: [{ unit: 'L', place: 0 }] }))).toBe(answerOf(dose));
	});

	it('takes the numbers of a problem as exact where the class does, a line of the student’s own included', () => {
		const drip: Exercise = inClass(
			{
				prompt: '',
				start: { number: '2.5', unit: 'mL' },
				facts: [{ left: { number: '15', unit: 'gtt' }, right: { number: '1', unit: 'mL' } }],
				want: { unit: 'gtt' },
				rounding: 'figures',
			},
			{ given: 'exact' },
		);
		const chain = {
			start: { number: '2.5', unit: 'mL' },
			factors: [{ top: { number: '15', unit: 'gtt' }, bottom: { number: '1', unit: 'mL' } }],
		};
		for (const line of [undefined, chain]) {
			const made = check(drip, '37.5 gtt', line);
			expect(made.ok && [made.value.right, made.value.figures.verdict]).toEqual([true, 'not-asked']);
			const rounded = check(drip, '38 gtt', line);
			expect(rounded.ok && rounded.value.right).toBe(false);
		}
	});

	it('adds exact parts to an exact sum', () => {
		const sum: Exercise = {
			prompt: '',
			start: { number: '3', unit: 'kg' },
			terms: [{ number: '250', unit: 'g' }],
			parts: false,
			facts: [],
			want: { unit: 'g' },
			rounding: 'figures',
			goesBy: { given: 'exact' },
		};
		expect(answerOf(sum)).toBe('3250 g');
		expect(lines(sum, '3250 g')).toMatchObject({ right: true, figures: { verdict: 'not-asked' } });
	});
});
