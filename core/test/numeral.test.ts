import fc from 'fast-check';
import {
	parseNumeral,
	printRounded,
	printUnrounded,
	printValue,
	printWritten,
	rationalText,
	round,
	withPoints,
} from '../src';
import { isPowerOfTen, rational, rationalOfRow, tenTo } from '../src/numeral/rational';
import { isRoundingOf, roundFigures } from '../src/numeral/round';

function read(text: string) {
	const numeral = parseNumeral(text);
	if (!numeral.ok) throw new Error(`${text}: ${numeral.fault.code}`);
	return numeral.value;
}

function fault(text: string) {
	const numeral = parseNumeral(text);
	if (numeral.ok) throw new Error(`${text} was read as ${rationalText(numeral.value.value)}`);
	return numeral.fault;
}

describe('parseNumeral', () => {
	it.each([
		['1\u202f250', '1250', 3, 4],
		['1\u2009250\u2009000', '1250000', 3, 7],
		['4000.', '4000', 4, 4],
		['3.0x10³', '3000', 2, 2],
		['3.0*10^3', '3000', 2, 2],
		['3.0 × 10^(-3)', '3/1000', 2, 2],
		['2.5×10⁻²', '1/40', 2, 2],
		['+5', '5', 1, 1],
		['0.000 033', '33/1000000', 2, 2],
		['3.141 592 65', '62831853/20000000', 9, 9],
		['1,250.50', '2501/2', 6, 6],
		['  7.0  ', '7', 2, 2],
		['40e3', '40000', 1, 2],
		['0e5', '0', 1, 1],
		['1e10', '10000000000', 1, 1],
		['2.5 × 10^10', '25000000000', 2, 2],
	])('reads %j as %s with %d to %d figures', (text, value, significant, atMost) => {
		const numeral = read(text);
		expect([rationalText(numeral.value), numeral.significant, numeral.atMost]).toEqual([value, significant, atMost]);
	});

	it.each([
		['10⁻³', '1/1000', 0],
		['-10^2', '-100', 0],
		['-3/4', '-3/4', 0],
		['-3 1/2', '-7/2', 0],
		['½', '1/2', 0],
		['3 ½', '7/2', 0],
		['pi', '1', 1],
		['2π', '2', 1],
		['-2 pi', '-2', 1],
		['π/180', '1/180', 1],
		['0π', '0', 0],
	])('takes %j as exact as written', (text, value, pi) => {
		expect(read(text)).toMatchObject({ significant: null, atMost: null, lastPlace: null, ambiguous: false, pi });
		expect(rationalText(read(text).value)).toBe(value);
	});

	it.each([
		['12..5', 'two-points', [3, 4]],
		['  1.2.3', 'two-points', [5, 6]],
		['12,50,000', 'comma-unclear', [2, 3]],
		['1,234,56', 'comma-unclear', [1, 2]],
		['1.25,75', 'comma-unclear', [4, 5]],
		['1,25.5', 'comma-unclear', [1, 2]],
		['1 25', 'spacing', [1, 2]],
		['0 125', 'spacing', [1, 2]],
		['1  250', 'spacing', [1, 2]],
		['3.0 x 10', 'exponent', [3, 8]],
		['3e', 'exponent', [1, 2]],
		['x10^3', 'not-a-number', [0, 5]],
		['.', 'not-a-number', [0, 1]],
		['seven', 'not-a-number', [0, 5]],
		['5 m', 'not-a-number', [1, 3]],
		['1/0', 'zero-below', [0, 3]],
		['', 'empty', [0, 0]],
		['   ', 'empty', [0, 3]],
		['10^401', 'too-large', [0, 6]],
		['2e-401', 'too-large', [1, 6]],
		['1e99999999999', 'too-large', [1, 13]],
	])('says what is wrong with %j, and where', (text, code, at) => {
		expect(fault(text)).toMatchObject({ code, at });
		expect(fault(text).message).toMatch(/[.]$/);
	});

	it('reads back every number it prints', () => {
		const decimal = fc.tuple(
			fc.bigInt(-(10n ** 12n), 10n ** 12n),
			fc.integer({ min: -20, max: 20 }),
			fc.integer({ min: 1, max: 12 }),
		);
		fc.assert(
			fc.property(decimal, ([n, power, significant]) => {
				const rounded = round(rational(n).mul(tenTo(power)), { significant });
				const printed = printRounded(rounded);
				for (const text of [printed.text, printed.scientific, printed.plain])
					if (text !== null) expect(read(text).value.equals(rounded.value)).toBe(true);
				if (n !== 0n) expect(read(printed.text).significant).toBe(significant);
			}),
		);
	});

	it('never throws, and places a fault inside the text', () => {
		fc.assert(
			fc.property(fc.oneof(fc.string(), fc.stringMatching(/^[-+−0-9.,eEx×^/ ½π]{0,30}$/u)), (text) => {
				const numeral = parseNumeral(text);
				if (numeral.ok) return;
				const [from, to] = numeral.fault.at ?? [0, 0];
				expect(from).toBeGreaterThanOrEqual(0);
				expect(to).toBeLessThanOrEqual(text.length);
				expect(from).toBeLessThanOrEqual(to);
			}),
			{ numRuns: 2000 },
		);
	});
});

/** The figures of n/d, both above zero, by long division with whole numbers alone. */
function longDivision(n: bigint, d: bigint, count: number, ties: 'away' | 'even'): { digits: string; place: number } {
	const under = 10n ** BigInt(count);
	const scaled = (place: number) =>
		place < 0 ? ([n * 10n ** BigInt(-place), d] as const) : ([n, d * 10n ** BigInt(place)] as const);
	let place = -80;
	for (let [top, bottom] = scaled(place); top / bottom >= under; [top, bottom] = scaled(place)) place += 1;
	const [top, bottom] = scaled(place);
	const whole = top / bottom;
	const twice = (top % bottom) * 2n;
	const up = twice > bottom || (twice === bottom && (ties === 'away' || whole % 2n === 1n));
	const digits = `${up ? whole + 1n : whole}`;
	return digits.length > count ? { digits: digits.slice(0, -1), place: place + 1 } : { digits, place };
}

describe('round', () => {
	it('shows what long division shows, round powers of ten, at ties, and past what a common number holds', () => {
		const nearTen = fc
			.tuple(fc.integer({ min: 0, max: 24 }), fc.bigInt(-2n, 2n))
			.map(([power, off]) => 10n ** BigInt(power) + off)
			.filter((n) => n > 0n);
		const halves = fc.bigInt(1n, 10n ** 6n).map((n) => 2n * n + 1n);
		const size = fc.oneof(nearTen, halves, fc.bigInt(1n, 10n ** 24n), fc.bigInt(2n ** 53n - 9n, 2n ** 53n + 9n));
		const under = fc.oneof(fc.constantFrom(1n, 2n, 20n, 2000n), nearTen, fc.bigInt(1n, 10n ** 18n));
		fc.assert(
			fc.property(
				size,
				under,
				fc.integer({ min: 1, max: 20 }),
				fc.constantFrom('away' as const, 'even' as const),
				fc.boolean(),
				(n, d, significant, ties, negative) => {
					const shown = roundFigures(rational(negative ? -n : n, d), { significant }, ties);
					expect(shown).toEqual({ ...longDivision(n, d, significant, ties), significant, negative });
				},
			),
			{ numRuns: 3000 },
		);
	});

	it('shows no minus before a zero', () => {
		expect(printRounded(roundFigures(rational(-2n, 5n), { place: 0 })).text).toBe('0');
		expect(printRounded(roundFigures(rational(-2n, 5000n), { place: -2 })).plain).toBe('0.00');
	});

	it('is within half a step, and rounding again changes nothing', () => {
		const value = fc.tuple(fc.bigInt(-(10n ** 9n), 10n ** 9n), fc.bigInt(1n, 10n ** 9n));
		fc.assert(
			fc.property(
				value,
				fc.integer({ min: 1, max: 12 }),
				fc.constantFrom('away' as const, 'even' as const),
				([n, d], significant, ties) => {
					const exact = rational(n, d);
					const once = round(exact, { significant }, ties);
					expect(round(once.value, { significant }, ties).value.equals(once.value)).toBe(true);
					const half = tenTo(once.place).div(rational(2n));
					expect(once.value.sub(exact).abs().compare(half)).toBeLessThanOrEqual(0);
					expect(isRoundingOf(once.value, exact, { significant })).toBe(true);
				},
			),
		);
	});

	it.each([
		['5/2', '3', '2'],
		['7/2', '4', '4'],
		['-5/2', '-3', '-2'],
		['-7/2', '-4', '-4'],
	])('takes the tie %s away from zero to %s or to the even %s', (text, away, even) => {
		const value = rationalOfRow(text);
		const to = (ties: 'away' | 'even') => `${round(value, { place: 0 }, ties).units}`;
		expect([to('away'), to('even')]).toEqual([away, even]);
	});

	it('accepts either neighbour of a tie as its rounding, and nothing else', () => {
		const tie = rational(1005n, 1000n);
		const written = (text: string) => isRoundingOf(read(text).value, tie, { significant: 3 });
		expect(['1.00', '1.01', '1.02', '0.99'].map(written)).toEqual([true, true, false, false]);
	});

	it('accepts the low neighbour of a tie that carries to another digit', () => {
		expect(isRoundingOf(rational(999n), rational(1999n, 2n), { significant: 3 })).toBe(true);
		expect(isRoundingOf(rational(1000n), rational(1999n, 2n), { significant: 3 })).toBe(true);
	});
});

describe('printing', () => {
	it('leaves plain out over 24 characters, and says so by scientific form', () => {
		const printed = printRounded(round(tenTo(30), { significant: 2 }));
		expect(printed).toMatchObject({
			plain: null,
			scientific: '1.0e30',
			preferred: 'scientific',
			clear: false,
			text: '1.0 × 10³⁰',
		});
	});

	it.each([
		['407/15', '≈ 27.1333', null],
		['1/4', '0.25', '0.25'],
		['4320', '4320', '4320'],
		['0', '0', '0'],
		['1/100000', '1 × 10⁻⁵', '0.00001'],
		['1000000000000000', '1000000000000000', '1000000000000000'],
		['20000000000000000', '2 × 10¹⁶', '20000000000000000'],
		['1234567890123456', '≈ 1.23457 × 10¹⁵', null],
	])('prints the exact %s as %s', (value, text, plain) => {
		expect(printValue(rationalOfRow(value), 0, null)).toMatchObject({ text, plain });
	});

	it('shows a multiple of pi to the figures asked, or to six', () => {
		expect(printValue(rational(2n), 1, 4).text).toBe('6.283');
		expect(printValue(rational(1n, 180n), 1, null).text).toBe('≈ 0.0174533');
	});

	it('cuts a quotient instead of rounding it, and marks the cut', () => {
		expect(printUnrounded(rational(6985n, 6000n), 10)).toBe('1.164166666…');
		expect(printUnrounded(rational(2n, 3n), 4)).toBe('0.6666…');
		expect(printUnrounded(rational(-5n, 2n), 10)).toBe('−2.5');
		expect(printUnrounded(tenTo(-7), 10)).toBe('1 × 10⁻⁷');
	});

	it.each([
		['10^-2', '10⁻²'],
		['3.0e3', '3.0 × 10³'],
		['3.0x10^-3', '3.0 × 10⁻³'],
		['-4', '−4'],
		['15120', '15\u202f120'],
		['5280', '5280'],
		['0.00012345', '0.00012345'],
	])('sets the written %s as %s', (text, print) => {
		expect(printWritten(text)).toBe(print);
	});
});

describe('rational helpers', () => {
	it('finds the leading place of any size', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 9 }), fc.integer({ min: -300, max: 300 }), (digit, power) => {
				expect(rational(BigInt(digit)).mul(tenTo(power)).leadingPlace()).toBe(power);
			}),
		);
	});

	it('knows powers of ten from other numbers', () => {
		expect(['1', '10', '1/1000', '20', '-10', '0', '1/20'].map((text) => isPowerOfTen(rationalOfRow(text)))).toEqual([
			true,
			true,
			true,
			false,
			false,
			false,
			false,
		]);
	});

	it('reads rows of tables exactly', () => {
		expect(rationalText(rationalOfRow('1.602176634e-19'))).toBe('801088317/5000000000000000000000000000');
		expect(() => rationalOfRow('a lot')).toThrow(RangeError);
	});
});

describe('a comma', () => {
	it.each([
		['1,25', '5/4', 3],
		['0,125', '1/8', 3],
		[',5', '1/2', 1],
		['2,50e3', '2500', 3],
		['1.250,75', '5003/4', 6],
		['1 250,755', '250151/200', 7],
		['12,3456', '7716/625', 6],
	])('is the decimal mark of %j, where it cannot group', (text, value, significant) => {
		expect(read(text)).toMatchObject({ comma: true, significant });
		expect(rationalText(read(text).value)).toBe(value);
	});

	it('groups by threes, unless it is set to be the decimal mark', () => {
		expect(rationalText(read('1,250').value)).toBe('1250');
		expect(read('1,250')).not.toHaveProperty('comma');
		expect(withPoints('1,250 kg', 'comma')).toBe('1.250 kg');
		expect(withPoints('1,250 kg')).toBe('1,250 kg');
	});

	it.each(['1,250,000', '1,250.5', '12,5', '0,250', '1.250,755'])('is as clear in %j whatever is set', (text) => {
		expect(withPoints(text, 'comma')).toBe(text);
	});
});
