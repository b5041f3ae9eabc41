import { formOf, posedBy, WANTS_POSED, wantText } from '../src/help';

describe('what is wanted, posed', () => {
	it.each([
		[{ unit: 'km/h' }, 'quantity', 'km/h'],
		[{ unit: 'm', form: 'scientific' as const }, 'quantity', 'm'],
		[{ mixed: ['ft', 'in'] }, 'quantity', 'ft and in'],
		[{ factor: 'kJ' }, 'factor', 'kJ'],
		[{ figures: '0.00450' }, 'figures', '0.00450'],
	])('%j is typed and read again as it was', (want, name, text) => {
		const way = posedBy(want);
		expect([way.name, wantText(want)]).toEqual([name, text]);
		expect(way.read(text, formOf(want))).toEqual(want);
		expect(way.fault(text)).toBeNull();
	});

	it('is a quantity where nothing is said yet', () => {
		expect([posedBy(null).name, wantText(null), formOf(null)]).toEqual(['quantity', '', null]);
	});

	it.each([
		['quantity', 'in and ft', 'order'],
		['factor', 'k//J', 'unit-unclear'],
		['figures', '1..2', 'two-points'],
	])('says what is wrong with a %s typed “%s”', (name, text, code) => {
		expect(WANTS_POSED.find((way) => way.name === name)?.fault(text)?.code).toBe(code);
	});
});
