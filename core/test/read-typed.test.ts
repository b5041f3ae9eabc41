import { parseNumeral, readAnswer, readQuantityText } from '../src';
import { readFactText, readPartsText, readStartText } from '../src/help';
import { VULGAR } from '../src/numeral/vulgar';
import { readProblem } from '../src/problem';
import { numberPart } from '../src/read/number-part';
import { readFactorText } from '../src/read/read-factor';

const SIGNS = Object.keys(VULGAR);

function value<T>(read: { readonly ok: boolean; readonly value?: T }): T {
	if (!read.ok) throw new Error('this can be read');
	return read.value as T;
}

describe('a fraction of one sign', () => {
	it('is known by many signs', () => {
		expect(SIGNS.length).toBeGreaterThan(12);
	});

	it.each(SIGNS)('%s is read wherever a number is typed', (sign) => {
		const quantity = { number: sign, unit: 'in' };
		expect(parseNumeral(sign).ok).toBe(true);
		expect(value(readQuantityText(`${sign} in`))).toEqual(quantity);
		expect(value(readQuantityText(`2${sign} in`))).toEqual({ number: `2${sign}`, unit: 'in' });
		expect(value(readAnswer(`${sign} in`)).unit?.text).toBe('in');
		expect(value(readFactText(`${sign} in = 1 peg`)).left).toEqual(quantity);
		expect(value(readFactText(`1 peg = ${sign} in`)).right).toEqual(quantity);
		expect(value(readStartText(`3 in in ${sign} h`))).toEqual({
			top: { number: '3', unit: 'in' },
			bottom: { number: sign, unit: 'h' },
		});
		expect(value(readPartsText(`3 ft ${sign} in`))).toEqual([{ number: '3', unit: 'ft' }, quantity]);
		expect(readProblem(`A peg is ${sign} in wide. How many mm is that?`).start).toEqual(quantity);
	});
});

describe('a fact as it is typed', () => {
	it.each([
		['12 in = 1 ft', '12 in', '1 ft'],
		['12 jars to a crate', '12 jars', '1 crate'],
		['2 in in each gap', '2 in', '1 gap'],
		['36 in in 1 yd', '36 in', '1 yd'],
		['3 seeds in a cell', '3 seeds', '1 cell'],
	])('%j has two sides', (text, left, right) => {
		const quantity = ({ number, unit }: { number: string; unit: string }) => `${number} ${unit}`;
		const fact = value(readFactText(text));
		expect([quantity(fact.left), quantity(fact.right)]).toEqual([left, right]);
	});

	it('says what is wrong with a side at its place', () => {
		expect(readFactText('12.. jars = 1 crate')).toMatchObject({ ok: false, fault: { at: [0, 9] } });
		expect(readFactText('12 jars')).toMatchObject({ ok: false, fault: { code: 'shape' } });
	});
});

describe('where a number ends and its unit begins', () => {
	it.each([
		['3.0e3 s', '3.0e3'],
		['3.0 × 10^3 s', '3.0 × 10^3'],
		['10^-3 A', '10^-3'],
		['5 1/s', '5'],
		['3 1/2 ft', '3 1/2'],
		['1 250 m', '1 250'],
		['−40 °C', '−40'],
		['2π rad', '2π'],
		['ft', ''],
		['', ''],
	])('%j begins with %j', (text, number) => {
		expect(numberPart(text)).toBe(number);
	});
});

describe('a factor as it is typed', () => {
	it.each([
		['1 kJ / 10^3 J', { top: { number: '1', unit: 'kJ' }, bottom: { number: '10^3', unit: 'J' } }],
		['(100 cm / 1 m)^2', { top: { number: '100', unit: 'cm' }, bottom: { number: '1', unit: 'm' }, power: 2 }],
		['12 in per 1 ft', { top: { number: '12', unit: 'in' }, bottom: { number: '1', unit: 'ft' } }],
		['12 in/ft', { top: { number: '12', unit: 'in' }, bottom: { number: '1', unit: 'ft' } }],
		['12 in', null],
		['', null],
	])('%j is read', (text, factor) => {
		expect(readFactorText(text)).toEqual(factor);
	});
});
