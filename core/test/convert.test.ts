import fc from 'fast-check';
import { convert, rationalText } from '../src';

function made(number: string, unit: string, to: string, options = {}) {
	const result = convert({ number, unit }, to, options);
	if (!result.ok) throw new Error(result.fault.message);
	return result.value;
}

describe('convert', () => {
	it.each([
		['1', 'mi', 'm', '201168/125'],
		['90', 'deg', 'rev', '1/4'],
		['5', 'mg/mL', 'g/L', '5'],
		['1', 'atm', 'mmHg', '965000000000/1269737023'],
		['2', 'kWh', 'MJ', '36/5'],
		['1', 'yr', 'd', '365'],
		['1', 'J/(g·°C)', 'J/(kg·K)', '1000'],
	])('takes %s %s to %s', (number, unit, to, value) => {
		expect(rationalText(made(number, unit, to).value)).toBe(value);
	});

	it('comes back to where it was, shifted scales included', () => {
		const pairs = fc.constantFrom(
			['degC', 'degF'],
			['degF', 'K'],
			['K', 'degC'],
			['degR', 'degF'],
			['mi/h', 'm/s'],
			['gal', 'L'],
			['deg', 'rad'],
		);
		fc.assert(
			fc.property(pairs, fc.integer({ min: 0, max: 9999 }), ([one, two], n) => {
				const there = made(`${n}`, one as string, two as string);
				if (there.pi !== 0) return;
				const text = rationalText(there.value);
				const back = made(text.includes('/') ? text : `${text}.`, two as string, one as string);
				expect(rationalText(back.value)).toBe(`${n}`);
			}),
		);
	});

	it('keeps the last place of a shifted reading, in plain form', () => {
		expect(made('26.85', 'degC', 'K')).toMatchObject({ text: '300.00', significant: 5, lastPlace: -2 });
		expect(made('27', 'degC', 'K')).toMatchObject({ text: '300', significant: 3, lastPlace: 0 });
		expect(made('-0.2', 'degC', 'degF')).toMatchObject({ text: '31.6' });
		expect(made('100', 'degC', 'degF')).toMatchObject({ text: '212', lastPlace: 0 });
	});

	it('only scales a difference, and counts its figures', () => {
		expect(made('9.0', 'degF', 'K', { difference: true })).toMatchObject({ text: '5.0', significant: 2 });
	});

	it('limits figures by a unit that is measured, and not by its own count when exact', () => {
		expect(made('1.00', 'Da', 'kg').significant).toBe(3);
		expect(made('1.00', 'Da', 'kg', { exact: true }).significant).toBe(12);
		expect(made('2', 'ft', 'in', { exact: true })).toMatchObject({ significant: null, text: '24' });
	});

	it.each([
		['-273.16', 'degC', 'K', 'below-absolute-zero', 'from.number'],
		['-459.68', 'degF', 'degC', 'below-absolute-zero', 'from.number'],
		['-1', 'K', 'K', 'below-absolute-zero', 'from.number'],
		['5', 'kg', 'm', 'unlike', undefined],
		['5', 'metrs', 'm', 'unknown-unit', 'from.unit'],
		['5', 'm', 'jar', 'unknown-unit', 'to'],
		['5..', 'm', 'km', 'two-points', 'from.number'],
	])('refuses %s %s to %s: %s', (number, unit, to, code, field) => {
		expect(convert({ number, unit }, to)).toMatchObject({ ok: false, fault: field ? { code, in: field } : { code } });
	});

	it('says of unlike units what each measures', () => {
		expect(convert({ number: '5', unit: 'kg' }, 'm')).toMatchObject({
			fault: { message: expect.stringMatching(/a mass.*a length/) },
		});
	});

	it('allows a negative difference of temperatures', () => {
		expect(rationalText(made('-300', 'degC', 'K', { difference: true }).value)).toBe('-300');
	});
});
