import { type Factor, parseNumeral, rationalText, workChain } from '../src';
import { calculate, compareDigits, compareLines, sayCompared } from '../src/help';

const q = (text: string) => ({ number: text.split(' ')[0] as string, unit: text.split(' ')[1] ?? '' });
const over = (top: string, bottom: string, more: Partial<Factor> = {}): Factor => ({
	top: q(top),
	bottom: q(bottom),
	...more,
});

function worked(start: string, ...factors: Factor[]) {
	const made = workChain({ start: q(start), factors });
	if (!made.ok) throw new Error(made.fault.message);
	return made.value;
}

describe('the calculator', () => {
	it.each([
		['40 × 5280 ÷ ( 60 × 60 ) =', '176/3'],
		['40 × 5280 ÷ 60 × 60 =', '211200'],
		['1 EE -2', '1/100'],
		['3.0e4*2', '60000'],
		['( 77 − 32 ) × 5 ÷ 9', '25'],
		['-2 + 5', '3'],
		['2 × -3', '-6'],
		['2^3 ÷ 2^-1', '16'],
		['( 3 + 4', '7'],
	])('works %s', (keys, value) => {
		const made = calculate(keys);
		expect(made.ok && rationalText(made.value)).toBe(value);
	});

	it.each([
		['', 'empty', [0, 0]],
		['2 ×', 'empty', [3, 3]],
		['1..2 + 1', 'two-points', [0, 4]],
		['5 ÷ 0', 'zero-below', [4, 5]],
		['3 4', 'not-a-number', [2, 3]],
		['2 & 3', 'not-a-number', [2, 3]],
		['2^99', 'exponent', [2, 4]],
		['1 EE 401', 'too-large', [0, 8]],
		['1 EE 399 × 1 EE 399', 'too-large', [0, 19]],
		['('.repeat(60), 'too-large', [50, 51]],
		['((((1.5^60)^60)^60)^60)^60', 'too-large', [16, 18]],
		['2^1.5', 'exponent', [2, 5]],
		['0^-1', 'zero-below', [2, 3]],
		['2 ( 3 )', 'not-a-number', [2, 3]],
	] as const)('says of %s what is wrong, and where', (keys, code, at) => {
		expect(calculate(keys)).toMatchObject({ ok: false, fault: { code, at } });
	});
});

describe('two lines side by side', () => {
	const mine = [over('5280 ft', '1 mi'), over('1 h', '3600 s')];

	it('are the same route with the same values', () => {
		expect(compareLines(worked('40 mi/h', ...mine), worked('40 mi/h', ...mine))).toEqual({
			way: 'same',
			differs: null,
			shorter: null,
			sameEnd: true,
		});
	});

	it('part at the block where the value first differs', () => {
		const other = [over('5820 ft', '1 mi'), over('1 h', '3600 s')];
		expect(compareLines(worked('40 mi/h', ...mine), worked('40 mi/h', ...other))).toMatchObject({
			way: 'same',
			differs: { first: 0, second: 0 },
			sameEnd: false,
		});
	});

	it('may go another way, longer, to the same end', () => {
		const longer = [over('5280 ft', '1 mi'), over('1 h', '60 min'), over('1 min', '60 s')];
		expect(compareLines(worked('40 mi/h', ...mine), worked('40 mi/h', ...longer))).toEqual({
			way: 'split',
			differs: null,
			shorter: 'first',
			sameEnd: true,
		});
	});

	it.each([
		['the same factors in another order', '40 mi/h', [...mine].reverse(), 'order'],
		['another start', '41 mi/h', mine, 'start'],
		['the start as it stands in another unit', '64.4 km/h', [over('1000 m', '1 km')], 'start'],
		['another route', '40 mi/h', [over('1 h', '60 min'), over('5280 ft', '1 mi'), over('1 min', '60 s')], 'route'],
	] as const)('tells %s', (_, start, factors, way) => {
		expect(compareLines(worked('40 mi/h', ...mine), worked(start, ...factors)).way).toBe(way);
	});

	it('of which one is not finished yet are not called shorter or another route', () => {
		const begun = compareLines(worked('40 mi/h', mine[0] as never), worked('40 mi/h', ...mine));
		expect(begun).toMatchObject({ way: 'begun', differs: null, shorter: null, sameEnd: false });
		expect(sayCompared(begun, 'the worked line')).toEqual([
			'Both begin with the same factors, but one of them goes further.',
			'Wherever both have the same unit, the values agree.',
		]);
		expect(compareLines(worked('40 mi/h'), worked('40 mi/h', ...mine))).toMatchObject({ way: 'begun', shorter: null });
	});

	it('are told in sentences', () => {
		const longer = [over('5280 ft', '1 mi'), over('1 h', '60 min'), over('1 min', '60 s')];
		const compared = compareLines(worked('40 mi/h', ...mine), worked('40 mi/h', ...longer));
		expect(sayCompared(compared, 'the other line')).toEqual([
			'Both take the same route, but one of them uses more factors.',
			'Both give the same value.',
			'Yours is shorter.',
		]);
	});
});

describe('two numbers digit by digit', () => {
	const laid = (a: string, b: string) => {
		const [first, second] = [parseNumeral(a), parseNumeral(b)];
		return first.ok && second.ok ? compareDigits(first.value, second.value) : null;
	};

	it.each([
		['58.67', '58.76', { first: '58.67', second: '58.76', parts: -1, shifted: null }],
		['58.7', '58.67', { first: '58.7 ', second: '58.67', parts: -1, shifted: null }],
		['3.0e3', '3000', { first: '3000', second: '3000', parts: null, shifted: null }],
		['0.0450', '45.0', { first: '00.0450', second: '45.0   ', parts: 1, shifted: 3 }],
		['1250', '152', { first: '1250', second: '0152', parts: 3, shifted: null }],
	])('%s and %s', (a, b, compared) => {
		expect(laid(a, b)).toEqual(compared);
	});

	it('are not laid where one is no decimal, or they are too far apart', () => {
		expect(laid('3/4', '0.75')).toBeNull();
		expect(laid('1e-30', '1e30')).toBeNull();
	});
});
