import fc from 'fast-check';
import {
	askedBy,
	BOOK,
	type BookExercise,
	bookExercise,
	type Chain,
	type Exercise,
	printValue,
	readAnswer,
	solutionOf,
	type UnitExercise,
} from '../src';
import { keyOf } from '../src/key/key';
import { round } from '../src/numeral/round';
import { check } from '../src/practice';

const SPEED: Exercise = {
	prompt: '',
	start: { number: '18.5', unit: 'mi/h' },
	facts: [],
	want: { unit: 'ft/s' },
	rounding: 'figures',
};

function verdict(exercise: Exercise, answer: string, chain?: Chain) {
	const made = check(exercise, answer, chain);
	if (!made.ok) throw new Error(made.fault.message);
	const { line, value, figures, unit, right, first } = made.value;
	return { line: line.verdict, value: value.verdict, figures: figures.verdict, unit: unit.verdict, right, first };
}

function named(name: string): BookExercise {
	return bookExercise(name) as BookExercise;
}

describe('reading an answer', () => {
	it.each([
		['27.1 ft/s', '27.1', 'ft/s'],
		['27.1ft/s', '27.1', 'ft/s'],
		['2.71 x 10^1 ft s^-1', '2.71 x 10^1', 'ft/s'],
		['3.0e3 s', '3.0e3', 's'],
		['1 250 m', '1 250', 'm'],
		['3 1/2 in', '3 1/2', 'in'],
		['5 1/s', '5', '1/s'],
		['½ gal', '½', 'gal'],
		['10^-3 m', '10^-3', 'm'],
		['2π rad', '2π', 'rad'],
		['−40.0 °C', '−40.0', '°C'],
		['5%', '5', '%'],
		['298.2 degrees K', '298.2', 'K'],
		['ans: 27.1 ft/s', '27.1', 'ft/s'],
		['27.1 ft/s (3 s.f.)', '27.1', 'ft/s'],
		['27.1 ft/s, to 3 sig figs', '27.1', 'ft/s'],
		['96.6 kmph', '96.6', 'km/h'],
		['2 eV', '2', 'eV'],
		['7', '7', null],
		['ft/s', null, 'ft/s'],
	])('splits %j', (text, number, unit) => {
		const read = readAnswer(text);
		if (!read.ok) throw new Error(read.fault.message);
		expect([read.value.number?.text ?? null, read.value.unit?.text ?? null]).toEqual([number, unit]);
	});

	it.each([
		['12..5 ft/s', 'two-points', [3, 4]],
		['27.1 ft//s', 'unit-unclear', [8, 9]],
		['12,50,000 m', 'comma-unclear', [2, 3]],
	])('places what is wrong with %j in the whole text', (text, code, at) => {
		expect(readAnswer(text)).toMatchObject({ ok: false, fault: { code, at } });
	});
});

/** What is wrong with how an answer is written, for one that is typed. */
function faultOf(exercise: Exercise, text: string) {
	const { answering } = askedBy(exercise);
	if (answering.by !== 'typing') throw new Error('this answer is not typed');
	return answering.fault(text);
}

describe('an answer as it is typed', () => {
	it('says of several parts that one number is asked, and points at the second', () => {
		const hours: Exercise = { ...SPEED, start: { number: '2.50', unit: 'h' }, want: { unit: 'min' } };
		expect(faultOf(hours, '2 h 30 min')).toMatchObject({
			code: 'unit-unclear',
			message: expect.stringMatching(/2 parts.*one number with one unit/),
			at: [4, 10],
		});
		expect(faultOf(hours, '150. min')).toBeNull();
	});

	it.each([
		['', 'empty'],
		['ft/s', 'empty'],
		['27.1 ftt/s', 'unknown-unit'],
		['12..5 ft/s', 'two-points'],
	])('stops %j before it is judged', (text, code) => {
		expect(faultOf(SPEED, text)?.code).toBe(code);
	});

	it('lets a wrong but readable answer through', () => {
		expect(faultOf(SPEED, '5 kg')).toBeNull();
	});

	it('knows the counted things of the exercise', () => {
		const jars: Exercise = {
			...SPEED,
			start: { number: '3', unit: 'crate' },
			want: { unit: 'jar' },
			facts: [{ left: { number: '1', unit: 'crate' }, right: { number: '24', unit: 'jars' } }],
		};
		expect(faultOf(jars, '72 jars')).toBeNull();
		expect(faultOf(jars, '72 trays')?.code).toBe('unknown-unit');
	});
});

describe('the four lines', () => {
	it.each([
		['27.1 ft/s', 'right', 'right', 'right', null],
		['27.13 ft/s', 'right', 'wrong', 'right', 'digits-many'],
		['27 ft/s', 'right', 'wrong', 'right', 'digits-few'],
		['30 ft/s', 'wrong', 'wrong', 'right', 'digits-few'],
		['27.1', 'right', 'right', 'absent', 'unit-missing'],
		['27.1 kg', 'right', 'right', 'wrong', 'unit-wrong'],
		['1630 ft/min', 'right', 'right', 'wrong', 'stopped-early'],
		['27.1 fpz', 'right', 'right', 'wrong', 'unit-wrong'],
		['407/15 ft/s', 'right', 'wrong', 'right', null],
		['', 'absent', 'absent', 'absent', null],
	])('of 18.5 mi/h in ft/s: %j', (answer, value, figures, unit, first) => {
		expect(verdict(SPEED, answer)).toMatchObject({
			line: 'not-asked',
			value,
			figures,
			unit,
			first,
			right: answer === '27.1 ft/s',
		});
	});

	it('say that unclear zeros are unclear, not wrong', () => {
		const hours: Exercise = { ...SPEED, start: { number: '0.84', unit: 'h' }, want: { unit: 's' } };
		expect(verdict(hours, '3000 s')).toMatchObject({
			value: 'right',
			figures: 'unclear',
			first: 'zeros-unclear',
			right: false,
		});
		expect(verdict(hours, '3.0 x 10^3 s').right).toBe(true);
	});

	it('take any count between the bounds of an unclear start', () => {
		const forty: Exercise = { ...SPEED, start: { number: '40', unit: 'mi/h' } };
		expect(
			['59 ft/s', '60 ft/s', '6e1 ft/s', '58.7 ft/s', '50 ft/s'].map((answer) => verdict(forty, answer).right),
		).toEqual([true, true, true, false, false]);
	});

	it('accept either neighbour of a tie', () => {
		const tie: Exercise = {
			...SPEED,
			start: { number: '1.25', unit: 'm' },
			want: { unit: 'm' },
			rounding: { significant: 2 },
		};
		expect(['1.2 m', '1.3 m', '1.4 m'].map((answer) => verdict(tie, answer).value)).toEqual([
			'right',
			'right',
			'wrong',
		]);
	});

	it('ask an exact key for its exact value alone, and one without an end for three figures', () => {
		const days: Exercise = { ...SPEED, start: { number: '3', unit: 'd' }, exactStart: true, want: { unit: 'h' } };
		expect(verdict(days, '72 h')).toMatchObject({ right: true, figures: 'not-asked' });
		expect(verdict(days, '72.01 h').value).toBe('wrong');
		const third: Exercise = { ...days, start: { number: '8', unit: 'h' }, want: { unit: 'd' } };
		expect(['0.333 d', '1/3 d', '0.33 d'].map((answer) => verdict(third, answer).value)).toEqual([
			'right',
			'right',
			'wrong',
		]);
	});

	it('judge a place where one is asked, plain zeros included', () => {
		const near: Exercise = { ...SPEED, rounding: { place: 0 } };
		expect(verdict(near, '27 ft/s')).toMatchObject({ value: 'right', figures: 'right' });
		expect(verdict(near, '27.1 ft/s').figures).toBe('wrong');
		const tens: Exercise = {
			...SPEED,
			start: { number: '119.8', unit: 'm' },
			want: { unit: 'm' },
			rounding: { place: 0 },
		};
		expect(verdict(tens, '120 m')).toMatchObject({ value: 'right', figures: 'right', right: true });
	});

	it('judge a temperature by its last place', () => {
		const cold: Exercise = { ...SPEED, start: { number: '27', unit: 'degC' }, want: { unit: 'K' } };
		expect(verdict(cold, '300 K').right).toBe(true);
		expect(verdict(cold, '300.2 K')).toMatchObject({ value: 'right', figures: 'wrong' });
		expect(verdict(cold, '27 degC')).toMatchObject({ value: 'right', unit: 'wrong', first: 'stopped-early' });
		expect(verdict(cold, '27 K').value).toBe('wrong');
	});

	it.each([
		['scientific', '2.71e1 ft/s', '27.1 ft/s'],
		['plain', '27.1 ft/s', '2.71e1 ft/s'],
	] as const)('ask for %s form where it is asked', (form, met, not) => {
		const formed: Exercise = { ...SPEED, want: { unit: 'ft/s', form } };
		expect([verdict(formed, met).figures, verdict(formed, not).figures]).toEqual(['right', 'wrong']);
	});

	it('let a label out of the answer, but not another in', () => {
		const honey: Exercise = { ...SPEED, start: { number: '454', unit: 'g{honey}' }, want: { unit: 'kg{honey}' } };
		expect([
			verdict(honey, '0.454 kg').unit,
			verdict(honey, '0.454 kg{honey}').unit,
			verdict(honey, '0.454 kg{water}').unit,
		]).toEqual(['right', 'right', 'wrong']);
	});
});

describe('the line', () => {
	const tank = named('nutrient-tank');
	const steps = tank.line ?? [];
	const judge = (factors: Chain['factors'], start = tank.start) => check(tank, '2.95 kg', { start, factors });
	const lineOf = (factors: Chain['factors'], start = tank.start) => {
		const made = judge(factors, start);
		return made.ok ? made.value.line : null;
	};

	it('is right when every block holds and it ends at what is wanted', () => {
		expect(lineOf(steps)).toMatchObject({ verdict: 'right' });
	});

	it.each<[string, Chain['factors'], number | undefined]>([
		[
			'an upside-down factor',
			[{ top: { number: '1', unit: 'L' }, bottom: { number: '1000', unit: 'mL' } }, ...steps.slice(1)],
			0,
		],
		[
			'an invented factor',
			[{ top: { number: '100', unit: 'mL' }, bottom: { number: '1', unit: 'L' } }, ...steps.slice(1)],
			0,
		],
		[
			'a density the problem does not give',
			[
				steps[0] as never,
				{ top: { number: '1.81', unit: 'g' }, bottom: { number: '1', unit: 'mL' } },
				steps[2] as never,
			],
			1,
		],
		[
			'a number missing',
			[{ top: { number: '', unit: 'mL' }, bottom: { number: '1', unit: 'L' } }, ...steps.slice(1)],
			0,
		],
		['a line that stops early', steps.slice(0, 2), 1],
	])('is wrong with %s, and says where', (_, factors, factor) => {
		const judged = lineOf(factors);
		expect(judged?.verdict).toBe('wrong');
		expect(judged?.factor).toBe(factor);
	});

	it('is wrong from the wrong start', () => {
		expect(lineOf(steps, { number: '1.18', unit: 'g/mL' })).toMatchObject({ verdict: 'wrong', factor: -1 });
	});

	it('is a fault when it cannot be read', () => {
		expect(judge([{ top: { number: '1..', unit: 'mL' }, bottom: { number: '1', unit: 'L' } }])).toMatchObject({
			ok: false,
			fault: { in: 'chain.factors.0.top.number' },
		});
	});
});

describe('an exercise that has no key', () => {
	it('is a fault that says so', () => {
		expect(check({ ...SPEED, want: { unit: 'kg' } }, '5 kg')).toMatchObject({ ok: false, fault: { code: 'no-route' } });
		expect(check({ ...SPEED, want: { unit: 'm//s' } }, '5 kg')).toMatchObject({
			ok: false,
			fault: { in: 'exercise.want.unit' },
		});
		expect(check({ ...SPEED, start: { number: '1..2', unit: 'm' }, want: { unit: 'km' } }, '5')).toMatchObject({
			ok: false,
			fault: { in: 'exercise.start.number' },
		});
		expect(
			check({ ...SPEED, line: [{ top: { number: '1', unit: 'kg' }, bottom: { number: '1', unit: 'mi' } }] }, '5'),
		).toMatchObject({
			ok: false,
			fault: { code: 'no-route' },
		});
	});
});

describe('the book', () => {
	it.each(BOOK.map((exercise) => [exercise.name, exercise] as const))(
		'%s is right by its own worked line and answer',
		(_, exercise) => {
			const solved = solutionOf(exercise);
			if (!solved.ok || !solved.value.chain) throw new Error('a line is worked here');
			const { chain, answer } = solved.value;
			const made = check(exercise, answer, chain);
			expect(made.ok && made.value).toMatchObject({ line: { verdict: 'right' }, right: true, slips: [] });
			for (const { at } of exercise.marks ?? [])
				expect(exercise.prompt.slice(...at)).toMatch(/^(?:-?[\d.]+ |\$[\d.]+$)/);
		},
	);

	it('has a start mark in every problem, and one name for each', () => {
		expect(BOOK.length).toBeGreaterThanOrEqual(40);
		for (const { name, marks } of BOOK)
			expect([name, marks?.filter(({ role }) => role === 'start').length]).toEqual([name, 1]);
		expect(new Set(BOOK.map(({ name }) => name)).size).toBe(BOOK.length);
	});
});

describe('a right answer', () => {
	it('is never called wrong, in any writing of it', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 1000, max: 99999 }),
				fc.integer({ min: -6, max: 6 }),
				fc.constantFrom('ft/s', 'm/s', 'km/h', 'mm/min'),
				(n, power, unit) => {
					const exercise: UnitExercise = {
						...SPEED,
						start: { number: `${n / 100}e${power}`, unit: 'mi/h' },
						want: { unit },
					};
					const key = keyOf(exercise);
					if (!key.ok || key.value.asked?.kind !== 'count') throw new Error('a count is asked here');
					const printed = printValue(key.value.value, 0, key.value.asked.from);
					const even = round(key.value.value, { significant: key.value.asked.from }, 'even');
					expect(even.significant).toBe(key.value.asked.from);
					for (const text of [printed.text, printed.scientific])
						expect(verdict(exercise, `${text} ${unit}`).right).toBe(true);
				},
			),
			{ numRuns: 300 },
		);
	});
});

describe('a line that has the size of what is wanted and does not end at it', () => {
	it('is told by the block that is upside down', () => {
		const battery: Exercise = {
			prompt: '',
			start: { number: '0.64', unit: 'mA' },
			facts: [],
			want: { unit: 'µA' },
			rounding: 'figures',
		};
		const chain = {
			start: { number: '0.64', unit: 'mA' },
			factors: [{ top: { number: '1', unit: 'mA' }, bottom: { number: '10^-3', unit: 'A' } }],
		};
		const made = check(battery, '640 µA', chain);
		expect(made.ok && made.value).toMatchObject({ right: false, first: 'flipped-factor', value: { follows: true } });
		expect(made.ok && made.value.line.why).toBe(
			'The line ends at mA²/A. It should end at µA. Look at factor 1. Turned over, more of it cancels.',
		);
	});

	it('is not told so where the block turned over would lead to another kind', () => {
		const floor: Exercise = {
			prompt: '',
			start: { number: '12', unit: 'ft' },
			times: [{ number: '15', unit: 'ft' }],
			facts: [],
			want: { unit: 'm²' },
			rounding: 'figures',
		};
		const chain = {
			start: { number: '12', unit: 'ft' },
			factors: [{ top: { number: '15', unit: 'ft' }, bottom: { number: '1', unit: '' }, given: true }],
		};
		const made = check(floor, '17 m²', chain);
		expect(made.ok && made.value.slips.map(({ code }) => code)).not.toContain('flipped-factor');
	});
});
