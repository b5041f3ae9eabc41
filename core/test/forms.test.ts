import { engineeringText, mixedNumberText, parseNumeral, rationalFromText, round } from '../src';

describe('engineering form', () => {
	it.each([
		['12345', 3, '12.3e3'],
		['0.00450', 2, '4.5e-3'],
		['999.6', 3, '1.00e3'],
		['123456', 2, '0.12e6'],
		['5', 1, '5e0'],
		['-0.0000321', 3, '-32.1e-6'],
	])('of %s to %s figures is %s, and is read with as many', (text, significant, expected) => {
		const value = parseNumeral(text);
		if (!value.ok) throw new Error(value.fault.message);
		const shown = engineeringText(round(value.value.value, { significant }));
		expect(shown).toBe(expected);
		const again = parseNumeral(expected);
		expect(again.ok && again.value.significant).toBe(significant);
	});
});

describe('a mixed number', () => {
	it.each([
		['7/2', '3 1/2'],
		['-7/2', '-3 1/2'],
		['3/4', '3/4'],
		['-3/4', '-3/4'],
		['6', '6'],
		['0', '0'],
	])('of %s is %s', (value, expected) => {
		const exact = rationalFromText(value);
		expect(exact && mixedNumberText(exact)).toBe(expected);
	});
});
