import type { Chain, Exercise, Factor } from '../src';
import { check, slipNamed } from '../src/practice';
import { LINE_SLIPS } from '../src/slip/line-slips';
import { SLIPS } from '../src/slip/slips';
import { SLIP_CODES } from './slip-codes';

const q = (text: string) => ({ number: text.split(' ')[0] as string, unit: text.split(' ')[1] ?? '' });
const over = (top: string, bottom: string, more: Partial<Factor> = {}): Factor => ({
	top: q(top),
	bottom: q(bottom),
	...more,
});

const GUST: Exercise = {
	prompt: '',
	start: q('18.5 mi/h'),
	facts: [],
	want: { unit: 'ft/s' },
	rounding: 'figures',
	line: [over('5280 ft', '1 mi'), over('1 h', '60 min'), over('1 min', '60 s')],
};

function exercise(start: string, unit: string, line?: readonly Factor[], more: Partial<Exercise> = {}): Exercise {
	return {
		prompt: '',
		start: q(start),
		facts: [],
		want: { unit },
		rounding: 'figures',
		...(line ? { line } : {}),
		...more,
	};
}

function codes(of: Exercise, answer: string, chain?: Chain): readonly string[] {
	const made = check(of, answer, chain);
	if (!made.ok) throw new Error(made.fault.message);
	return made.value.slips.map(({ code }) => code);
}

describe('a slip known by the answer alone', () => {
	it.each<[string, Exercise, string]>([
		['flipped-factor', GUST, '9.73e-7 ft/s'],
		['skipped-factor', GUST, '1630 ft/s'],
		['skipped-factor', exercise('2.50 h', 's'), '150. s'],
		['power-missed', exercise('0.350 m^2', 'cm^2', [over('100 cm', '1 m', { power: 2 })]), '35.0 cm^2'],
		['wrong-number', exercise('12.5 ft', 'in', [over('12 in', '1 ft')]), '200 in'],
		['ee-slip', exercise('3.45 km', 'm', [over('10^3 m', '1 km')]), '34500 m'],
		['swapped-digits', GUST, '21.7 ft/s'],
		['place-slip', exercise('2.75 kPa/min', 'Pa/min', [over('1000 Pa', '1 kPa')]), '0.0275 Pa/min'],
		['sign-lost', exercise('-2.50 m', 'cm', [over('100 cm', '1 m')]), '250 cm'],
		['truncated', exercise('7.00 in', 'cm', [over('2.54 cm', '1 in')]), '17.7 cm'],
		['offset-missed', exercise('23 degC', 'K'), '23 K'],
		['offset-backwards', exercise('23 degC', 'K'), '-250 K'],
		['offset-backwards', exercise('25.0 degC', 'K'), '248.2 K'],
		['skipped-factor', exercise('98.6 degF', 'degC'), '66.6 degC'],
		['sign-lost', exercise('-10.0 degC', 'K'), '283.2 K'],
		['sign-lost', exercise('-4.0 degF', 'degC'), '-15.6 degC'],
		['offset-order', exercise('64.8 degF', 'degC'), '4.0 degC'],
		['offset-short', exercise('23.40 degC', 'K'), '296.40 K'],
		['difference-shifted', exercise('10.0 degC', 'degF', undefined, { difference: true }), '50.0 degF'],
	])('%s is named first', (code, of, answer) => {
		expect(codes(of, answer)[0]).toBe(code);
	});

	it.each<[string, Exercise, string]>([
		['prefix-sign', exercise('3.45 m', 'cm', [over('1 cm', '10^-2 m')]), '0.0345 cm'],
		[
			'bracket-missed',
			exercise('7.5 mi/h', 'ft/s', [over('5280 ft', '1 mi'), over('1 h', '60 min'), over('1 min', '60 s')]),
			'39600 ft/s',
		],
		['repeated-factor', exercise('2.47 ft', 'cm', [over('12 in', '1 ft'), over('2.54 cm', '1 in')]), '191 cm'],
		[
			'wrong-start',
			exercise('4.8 L', 'min', [over('1000 mL', '1 L'), over('1 min', '72 mL')], {
				facts: [{ left: q('72 mL'), right: q('1 min') }],
			}),
			'14 min',
		],
		[
			'rounded-early',
			exercise('36.2 in/h', 'mm/min', [over('2.54 cm', '1 in'), over('10 mm', '1 cm'), over('1 h', '60 min')]),
			'15.1 mm/min',
		],
		['decimal-as-parts', exercise('5 in', 'ft', undefined, { terms: [q('7 ft')], rounding: { place: -2 } }), '7.50 ft'],
		['stopped-early', exercise('5 in', 'ft', undefined, { terms: [q('7 ft')], rounding: { place: -2 } }), '0.42 ft'],
		['digits-from-exact', exercise('18.53 ft', 'in', [over('12 in', '1 ft')]), '220 in'],
	])('%s is among the first three', (code, of, answer) => {
		expect(codes(of, answer).slice(0, 3)).toContain(code);
	});

	it('may have been made on another way than the key goes', () => {
		// The key goes from feet to centimetres at once; by way of inches, the second block was upside down.
		const atOnce = exercise('18.5 ft', 'cm', [over('30.48 cm', '1 ft')]);
		expect(codes(atOnce, '87.4 cm')[0]).toBe('flipped-factor');
	});

	it('of a range is named as well', () => {
		const kept = exercise('2.1 degC', 'K', undefined, { until: q('12.9 degC') });
		expect(codes(kept, '2.1 to 12.9 K')[0]).toBe('offset-missed');
	});

	it('is ruled out in words where only the digits can be off', () => {
		const made = check(GUST, '26.2 ft/s');
		expect(made.ok && [made.value.value.why, made.value.slips]).toEqual([
			expect.stringContaining('no factor is upside down, missing or used twice'),
			[],
		]);
		const far = check(GUST, '43.9 ft/s');
		expect(far.ok && far.value.value.why).toContain('Build it as a line');
	});

	it('of a mixed measure is the whole part converted too, or left out', () => {
		const beam: Exercise = { ...exercise('8.75 ft', ''), want: { mixed: ['ft', 'in'] } };
		expect(codes(beam, '8 ft 105 in')[0]).toBe('whole-included');
		expect(codes(beam, '9 in')[0]).toBe('whole-included');
	});

	it('of a mixed measure is the digits after the point taken for the smaller unit', () => {
		const beam: Exercise = { ...exercise('8.75 ft', ''), want: { mixed: ['ft', 'in'] } };
		expect(codes(beam, '8 ft 75 in')[0]).toBe('decimal-as-parts');
		expect(codes(beam, '8 ft 7.5 in')[0]).toBe('decimal-as-parts');
		expect(codes(beam, '8 ft 3 in')).toEqual([]);
	});

	it('comes with another: both are named', () => {
		// The hour upside down and the minute left out.
		expect(codes(GUST, '5.86e6 ft/s')).toEqual(expect.arrayContaining(['flipped-factor', 'skipped-factor']));
	});

	it('is looked for whatever way the numbers are written', () => {
		for (const answer of [
			'27.',
			'.27 ft/s',
			'2 7/8 ft/s',
			'10^3 ft/s',
			'1 250 ft/s',
			'-0 ft/s',
			`${'9'.repeat(150)} ft/s`,
		])
			expect(check(GUST, answer).ok).toBe(true);
		const pi = exercise('2 rev', 'rad', [over('2π rad', '1 rev')]);
		expect(check(pi, '6.28 rad').ok && check(pi, '3.14 rad').ok).toBe(true);
		const zero = exercise('0 mi/h', 'ft/s', GUST.line);
		expect(codes(zero, '5.0 ft/s')).toEqual([]);
	});

	it('is not named where one figure fits by chance, or nothing fits', () => {
		expect(codes(GUST, '4 ft/s')).toEqual([]);
		expect(codes(GUST, '43.9 ft/s')).toEqual([]);
	});
});

describe('a slip told by the line', () => {
	const line = (...factors: Factor[]): Chain => ({ start: q('18.5 mi/h'), factors, want: 'ft/s' });
	const [feet, minutes, seconds] = GUST.line as [Factor, Factor, Factor];

	it.each<[string, Chain, number]>([
		['flipped-factor', line(over('1 mi', '5280 ft'), minutes, seconds), 0],
		['wrong-number', line(feet, over('1 h', '100 min'), seconds), 1],
		['repeated-factor', line(feet, minutes, seconds, seconds), 2],
	])('%s is named with its block', (code, chain, factor) => {
		const made = check(GUST, '1.00 ft/s', chain);
		if (!made.ok) throw new Error(made.fault.message);
		expect(made.value.line.verdict).toBe('wrong');
		expect(made.value.slips[0]).toMatchObject({ code, factor });
	});

	it.each<[string, Chain, number]>([
		['swapped-digits', { ...line(feet, minutes, seconds), start: q('15.8 mi/h') }, -1],
		['swapped-digits', line(over('5820 ft', '1 mi'), minutes, seconds), 0],
		['skipped-factor', line(feet, minutes), 1],
		['wrong-start', { ...line(feet, minutes, seconds), start: q('3 mi/h') }, -1],
		['unequal-factor', line(over('7 ft', '3 mi'), minutes, seconds), 0],
	])('%s points at where it happened', (code, chain, factor) => {
		const made = check(GUST, '1.00 ft/s', chain);
		expect(made.ok && made.value.slips[0]).toMatchObject({ code, factor });
		expect(made.ok && made.value.line.factor).toBe(factor);
	});

	it('comes with another: both blocks are named', () => {
		const twice = check(GUST, '1.00 ft/s', line(over('1 mi', '5280 ft'), minutes, over('60 s', '1 min')));
		expect(twice.ok && twice.value.slips.slice(0, 1)).toMatchObject([{ code: 'flipped-factor', factor: 0 }]);
		const mixed = check(GUST, '1.00 ft/s', line(over('1 mi', '5280 ft'), over('1 h', '100 min'), seconds));
		expect(mixed.ok && mixed.value.slips.slice(0, 2)).toMatchObject([
			{ code: 'wrong-number', factor: 1 },
			{ code: 'flipped-factor', factor: 0 },
		]);
	});

	it('of a prefix is the power of ten on the wrong side', () => {
		const of = exercise('3.45 m', 'cm', [over('1 cm', '10^-2 m')]);
		const chain: Chain = { start: q('3.45 m'), factors: [over('10^-2 cm', '1 m')], want: 'cm' };
		expect(codes(of, '0.0345 cm', chain)[0]).toBe('prefix-sign');
	});

	it('is how the number was keyed, where the line is right', () => {
		expect(codes(GUST, '97700 ft/s', line(feet, minutes, seconds))[0]).toBe('bracket-missed');
	});
});

describe('the slips', () => {
	it('that mend a block or a step are those a line is asked for, in the same order', () => {
		const mending = SLIPS.filter(({ mend, mendShift }) => mend ?? mendShift);
		expect(LINE_SLIPS.map(({ code }) => code)).toEqual(mending.map(({ code }) => code));
		expect(mending.length).toBeGreaterThan(4);
	});

	it('of the brief all have a name and a nudge', () => {
		for (const code of SLIP_CODES) {
			const { title = '', nudge = '' } = slipNamed(code) ?? {};
			expect([code, title.length > 3, nudge.length > 20]).toEqual([code, true, true]);
		}
		expect(slipNamed('bad-luck')).toBeUndefined();
	});
});

describe('a number by chance', () => {
	const digits = ['264', '267', '271', '253', '248', '246'];

	it('near the right one has no name in a problem of one factor', () => {
		const small = exercise('0.259 kg', 'g', [over('1000 g', '1 kg')]);
		for (const number of digits) expect(codes(small, `${number} g`)).toEqual([]);
	});

	it('is not taken for digits exchanged in a number that nobody copies', () => {
		const pounds = exercise('165 lb', 'kg');
		// 0.45359237 with two of its digits exchanged: 0.43559237, 0.45395237.
		expect(codes(pounds, '71.9 kg')).not.toContain('swapped-digits');
		expect(codes(pounds, '74.9 kg')).not.toContain('swapped-digits');
	});
});
