import { parseNumeral, rationalFromText, round } from '../src';
import { engineeringText, inForm, mixedNumberText, NUMBER_FORMS } from '../src/help';

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

describe('switching the form of a number as written', () => {
	it.each([
		['3.0e3', { plain: '3000', scientific: '3.0e3', engineering: '3.0e3', fraction: '3000' }],
		['0.000420', { plain: '0.000420', scientific: '4.20e-4', engineering: '420e-6', fraction: '21/50000' }],
		['8.75', { plain: '8.75', scientific: '8.75e0', engineering: '8.75e0', fraction: '8 3/4' }],
		['2/3', { plain: null, scientific: null, engineering: null, fraction: '2/3' }],
		['3 1/2', { plain: '3.5', scientific: '3.5e0', engineering: '3.5e0', fraction: '3 1/2' }],
		['-4.50e7', { plain: '-45000000', scientific: '-4.50e7', engineering: '-45.0e6', fraction: '-45000000' }],
	])('%s keeps its figures', (text, forms) => {
		const number = parseNumeral(text);
		if (!number.ok) throw new Error(text);
		expect(Object.fromEntries(NUMBER_FORMS.map((form) => [form, inForm(number.value, form)]))).toEqual(forms);
	});
});
