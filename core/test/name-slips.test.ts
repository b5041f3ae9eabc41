import fc from 'fast-check';
import {
	type Chain,
	type Exercise,
	type Factor,
	judge,
	parseNumeral,
	printValue,
	type Rational,
	rationalFromText,
	turnedFactor,
	workChain,
} from '../src';
import { check, nameSlips } from '../src/practice';

const q = (text: string) => ({ number: text.split(' ')[0] as string, unit: text.split(' ')[1] ?? '' });
const over = (text: string, power?: number): Factor => {
	const [top = '', bottom = ''] = text.split(' / ');
	return { top: q(top), bottom: q(bottom), ...(power ? { power } : {}) };
};

type Line = { readonly from: string; readonly to: string; readonly factors: readonly Factor[] };

const LINES: readonly Line[] = [
	{ from: 'mi/h', to: 'm/s', factors: ['1609.344 m / 1 mi', '1 h / 60 min', '1 min / 60 s'].map((one) => over(one)) },
	{ from: 'in/h', to: 'mm/min', factors: ['2.54 cm / 1 in', '10 mm / 1 cm', '1 h / 60 min'].map((one) => over(one)) },
	{
		from: 'wk',
		to: 's',
		factors: ['7 d / 1 wk', '24 h / 1 d', '60 min / 1 h', '60 s / 1 min'].map((one) => over(one)),
	},
	{ from: 'lb/d', to: 'g/min', factors: ['453.6 g / 1 lb', '1 d / 24 h', '1 h / 60 min'].map((one) => over(one)) },
	{
		from: 'gal/wk',
		to: 'mL/h',
		factors: ['3.785 L / 1 gal', '1000 mL / 1 L', '1 wk / 7 d', '1 d / 24 h'].map((one) => over(one)),
	},
];

function exerciseOf({ from, to, factors }: Line, number: string): Exercise {
	const start = { number, unit: from };
	return { prompt: '', start, facts: [], want: { unit: to }, rounding: 'figures', line: factors };
}

function lineValue(chain: Chain): Rational {
	const made = workChain(chain);
	if (!made.ok || !made.value.value) throw new Error('this line can be worked');
	return made.value.value.value;
}

const three = (value: Rational) => printValue(value, 0, 3).text;
const put = (factors: readonly Factor[], at: number, ...by: readonly Factor[]) => [
	...factors.slice(0, at),
	...by,
	...factors.slice(at + 1),
];

const someLine = fc.constantFrom(...LINES);
const someStart = fc.integer({ min: 111, max: 989 }).map((n) => `${n / 10}`);

/** Slips laid on a line, each with what it does to the factors. */
const LAID: readonly (readonly [string, (factors: readonly Factor[], at: number) => readonly Factor[]])[] = [
	['flipped-factor', (factors, at) => put(factors, at, turnedFactor(factors[at] as Factor))],
	['skipped-factor', (factors, at) => put(factors, at)],
	['repeated-factor', (factors, at) => put(factors, at, factors[at] as Factor, factors[at] as Factor)],
];

describe.each(LAID)('%s, laid anywhere on a line', (code, lay) => {
	const asked = fc.record({ line: someLine, number: someStart, at: fc.nat() });

	it('is among the first three from the bare answer', () => {
		fc.assert(
			fc.property(asked, ({ line, number, at }) => {
				const exercise = exerciseOf(line, number);
				const start = { number, unit: line.from };
				const answer = three(lineValue({ start, factors: lay(line.factors, at % line.factors.length) }));
				fc.pre(answer !== three(lineValue({ start, factors: line.factors })));
				const made = check(exercise, `${answer} ${line.to}`);
				const codes = made.ok ? made.value.slips.slice(0, 3).map((slip) => slip.code) : [];
				expect([line.from, answer, codes]).toEqual([line.from, answer, expect.arrayContaining([code])]);
			}),
			{ numRuns: 150 },
		);
	});

	it('is pointed at with the line given', () => {
		fc.assert(
			fc.property(asked, ({ line, number, at }) => {
				const factors = lay(line.factors, at % line.factors.length);
				const chain: Chain = { start: { number, unit: line.from }, factors, want: line.to };
				const made = check(exerciseOf(line, number), `${three(lineValue(chain))} ${line.to}`, chain);
				if (!made.ok) throw new Error(made.fault.message);
				expect(made.value.line.verdict).toBe('wrong');
				expect(made.value.slips[0]?.factor).toBeDefined();
			}),
			{ numRuns: 150 },
		);
	});
});

describe('slips with the number itself', () => {
	it.each<[string, (truth: Rational) => Rational]>([
		['place-slip', (truth) => truth.mul(rationalFromText('100') as Rational)],
		['sign-lost', (truth) => truth.neg()],
	])('%s is among the first three, whatever the line', (code, make) => {
		fc.assert(
			fc.property(someLine, someStart, (line, number) => {
				const truth = lineValue({ start: { number, unit: line.from }, factors: line.factors });
				const made = check(exerciseOf(line, number), `${three(make(truth))} ${line.to}`);
				const codes = made.ok ? made.value.slips.slice(0, 4).map((slip) => slip.code) : [];
				expect(codes).toContain(code);
			}),
			{ numRuns: 100 },
		);
	});

	it('are never more than five, each once, and each has a sentence', () => {
		fc.assert(
			fc.property(
				someLine,
				someStart,
				fc.integer({ min: 100, max: 999 }),
				fc.integer({ min: -9, max: 9 }),
				(line, number, digits, power) => {
					const made = check(exerciseOf(line, number), `${digits}e${power} ${line.to}`);
					if (!made.ok) throw new Error(made.fault.message);
					const { slips, first } = made.value;
					expect(slips.length).toBeLessThanOrEqual(5);
					expect(new Set(slips.map(({ code }) => code)).size).toBe(slips.length);
					expect(first).toBe(slips[0]?.code ?? null);
					for (const { why, factor = 0 } of slips) {
						expect(why).toMatch(/^[A-Z].*[.?]$/);
						expect(factor).toBeLessThan(line.factors.length);
					}
				},
			),
			{ numRuns: 300 },
		);
	});
});

describe('judging first and naming after', () => {
	const [line] = LINES as [Line];
	const exercise = exerciseOf(line, '18.5');

	// 18.5 mi/h is 8.2704… m/s: worked by hand, as are the numbers of the slips.
	it.each([
		['8.27 m/s', [], { value: 'right', figures: 'right', unit: 'right' }],
		['82.7 m/s', ['place-slip'], { value: 'wrong' }],
		['0.00000319 m/s', ['flipped-factor'], { value: 'wrong' }],
		['496 m/s', ['skipped-factor'], { value: 'wrong' }],
		['2.87 m/s', ['swapped-digits'], { value: 'wrong' }],
		['-8.27 m/s', ['sign-lost'], { value: 'wrong' }],
		['8.27', ['unit-missing'], { value: 'right', unit: 'absent' }],
		['8.27 km', ['unit-wrong'], { value: 'right', unit: 'wrong' }],
	])('%s is judged, and what slipped is named', (answer, codes, lines) => {
		const judged = judge(exercise, answer);
		if (!judged.ok) throw new Error('this can be judged');
		expect(nameSlips(judged.value).slips.map(({ code }) => code)).toEqual(codes);
		for (const [line, verdict] of Object.entries(lines))
			expect(judged.value.lines[line as 'value']).toMatchObject({ verdict });
		expect(judged.value.lines.right).toBe(codes.length === 0);
	});

	it('leaves the refusals as they are', () => {
		expect(judge(exercise, '8..2 m/s')).toEqual(check(exercise, '8..2 m/s'));
		expect(judge({ ...exercise, want: {} as never }, '8')).toMatchObject({ ok: false, fault: { code: 'shape' } });
	});

	it('says what a value rules out only where no slip is named', () => {
		const near = judge(exercise, '8.61 m/s');
		expect(near.ok && nameSlips(near.value)).toMatchObject({
			slips: [],
			rulesOut: expect.stringContaining('no factor'),
		});
		const slip = judge(exercise, '82.7 m/s');
		expect(slip.ok && nameSlips(slip.value).rulesOut).toBeNull();
		const right = judge(exercise, '8.27 m/s');
		expect(right.ok && nameSlips(right.value)).toEqual({ slips: [], rulesOut: null });
	});
});

describe('two slips on one line', () => {
	it('are both among the five that are named, mostly', () => {
		let [asked, both] = [0, 0];
		for (const line of LINES)
			for (const number of ['2.47', '18.5', '36.2', '7.31'])
				for (const [i, [one, lay]] of LAID.entries())
					for (const [other, layOther] of LAID.slice(i + 1)) {
						const start = { number, unit: line.from };
						const answer = three(
							lineValue({ start, factors: layOther(lay(line.factors, line.factors.length - 1), 0) }),
						);
						if (answer === three(lineValue({ start, factors: line.factors }))) continue;
						const made = check(exerciseOf(line, number), `${answer} ${line.to}`);
						const codes = made.ok ? made.value.slips.map(({ code }) => code) : [];
						asked += 1;
						both += Number(codes.includes(one) && codes.includes(other));
					}
		expect(asked).toBeGreaterThan(40);
		expect(both / asked).toBeGreaterThan(0.5);
	});

	it('are told as two, and neither as the whole cause', () => {
		let told = 0;
		for (const line of LINES)
			for (const [i, [, lay]] of LAID.entries())
				for (const [, layOther] of LAID.slice(i + 1)) {
					const start = { number: '7.31', unit: line.from };
					const laid = layOther(lay(line.factors, line.factors.length - 1), 0);
					const made = check(exerciseOf(line, '7.31'), `${three(lineValue({ start, factors: laid }))} ${line.to}`);
					const slips = made.ok ? made.value.slips : [];
					if (!slips.some(({ also }) => also !== undefined)) continue;
					told += 1;
					for (const { why, also } of slips) {
						expect(also).toBeDefined();
						expect(why).toMatch(/^No single slip gives this number, but two together do: /);
					}
				}
		expect(told).toBeGreaterThan(3);
	});
});

describe('a wrong number', () => {
	it.each([
		['12.5 ft', 'in', '12 in / 1 ft', '200 in'],
		['2.50 h', 'min', '60 min / 1 h', '250 min'],
		['7.25 d', 'h', '24 h / 1 d', '87.0 h'],
		['3.15 lb', 'oz', '16 oz / 1 lb', '37.8 oz'],
		['6.40 mi', 'ft', '5280 ft / 1 mi', '11300 ft'],
	])('in %s to %s is told by the number it makes', (start, unit, factor, answer) => {
		const exercise: Exercise = {
			prompt: '',
			start: q(start),
			facts: [],
			want: { unit },
			rounding: 'figures',
			line: [over(factor)],
		};
		const made = check(exercise, answer);
		expect(made.ok && made.value.first).toBe('wrong-number');
	});

	it('on a block is told by the block, and a number read wrongly stays what was typed', () => {
		const typed = parseNumeral('16');
		expect(typed.ok && typed.value.text).toBe('16');
		const exercise: Exercise = {
			prompt: '',
			start: q('12.5 ft'),
			facts: [],
			want: { unit: 'in' },
			rounding: 'figures',
		};
		const chain: Chain = { start: q('12.5 ft'), factors: [over('16 in / 1 ft')], want: 'in' };
		const made = check(exercise, '200 in', chain);
		expect(made.ok && made.value.slips).toMatchObject([{ code: 'wrong-number', factor: 0 }]);
	});
});

describe('an area and a volume', () => {
	it.each([
		['0.350 m^2', 'cm^2', over('100 cm / 1 m', 2), '35.0 cm^2'],
		['0.350 m^3', 'cm^3', over('100 cm / 1 m', 3), '35.0 cm^3'],
		['0.350 m^3', 'cm^3', over('100 cm / 1 m', 3), '3.50e3 cm^3'],
	])('%s to %s with the plain factor is power-missed', (start, unit, factor, answer) => {
		const exercise: Exercise = {
			prompt: '',
			start: q(start),
			facts: [],
			want: { unit },
			rounding: 'figures',
			line: [factor],
		};
		const made = check(exercise, answer);
		expect(made.ok && made.value.first).toBe('power-missed');
	});

	it('written as a block with the number of the plain units is power-missed too', () => {
		const exercise: Exercise = {
			prompt: '',
			start: q('0.350 m^2'),
			facts: [],
			want: { unit: 'cm^2' },
			rounding: 'figures',
		};
		const chain: Chain = { start: q('0.350 m^2'), factors: [over('100 cm^2 / 1 m^2')], want: 'cm^2' };
		const made = check(exercise, '35.0 cm^2', chain);
		expect(made.ok && made.value.slips[0]).toMatchObject({ code: 'power-missed', factor: 0 });
	});
});
