import { calculate, compareLines, type Factor, lineLatex, lineText, rationalText, workChain } from '../src';

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
			sameRoute: true,
			differs: null,
			shorter: null,
			sameEnd: true,
		});
	});

	it('part at the block where the value first differs', () => {
		const other = [over('5820 ft', '1 mi'), over('1 h', '3600 s')];
		expect(compareLines(worked('40 mi/h', ...mine), worked('40 mi/h', ...other))).toMatchObject({
			sameRoute: true,
			differs: { first: 0, second: 0 },
			sameEnd: false,
		});
	});

	it('may go another way, longer, to the same end', () => {
		const longer = [over('5280 ft', '1 mi'), over('1 h', '60 min'), over('1 min', '60 s')];
		expect(compareLines(worked('40 mi/h', ...mine), worked('40 mi/h', ...longer))).toEqual({
			sameRoute: false,
			differs: null,
			shorter: 'first',
			sameEnd: true,
		});
	});
});

describe('a line to hand in', () => {
	const factors = [over('12 in', '1 ft', { power: 3 }), over('1 mL', '0.061 in^3')];
	const chain = { start: q('3.20 ft^3'), factors };

	it('is text that reads in any message', () => {
		expect(lineText(chain, worked('3.20 ft^3', ...factors))).toBe(
			'3.20 ft³ × (12 in / 1 ft)³ × (1 mL / 0.061 in³) = 90649.18032… mL',
		);
	});

	it('is LaTeX with true fractions and struck units', () => {
		expect(lineLatex(chain, worked('3.20 ft^3', ...factors))).toBe(
			'\\frac{3.20\\,\\cancel{\\mathrm{ft}^{3}}}{1} \\times \\left(\\frac{12\\,\\cancel{\\mathrm{in}}}{1\\,\\cancel{\\mathrm{ft}}}\\right)^{3} \\times \\frac{1\\,\\mathrm{mL}}{0.061\\,\\cancel{\\mathrm{in}^{3}}} = 90649.18032\\ldots\\,\\mathrm{mL}',
		);
	});

	it('brackets what came before a factor once something was added', () => {
		const shifted = [over('1', '1', { shift: '-32' }), over('5 °C', '9 °F')];
		expect(lineText({ start: q('77 °F'), factors: shifted }, worked('77 °F', ...shifted))).toBe(
			'(77 °F − 32) × (5 °C / 9 °F) = 25 °C',
		);
	});
});
