import fc from 'fast-check';
import { fromMixed, rationalText, toMixed } from '../src';

function split(number: string, unit: string, into: readonly string[], target: Parameters<typeof toMixed>[2] = null) {
	const made = toMixed({ number, unit }, into, target);
	return made.ok ? made.value.parts.map((part) => `${part.number} ${part.unit}`).join(' ') : made.fault.code;
}

describe('mixed measures', () => {
	it.each([
		['8.75', 'ft', ['ft', 'in'], '8 ft 9 in'],
		['-1.5', 'ft', ['yd', 'ft', 'in'], '0 yd -1 ft -6 in'],
		['100', 'in', ['mi', 'yd', 'ft', 'in'], '0 mi 2 yd 2 ft 4 in'],
		['1', 'm', ['ft', 'in'], '3 ft 3.3701 in'],
		['2.5125', '°', ['°', '′', '″'], '2 ° 30 ′ 45 ″'],
		['5', 'L', ['imp gal', 'imp pt'], '1 imp gal 0.7988 imp pt'],
		['0', 'h', ['h', 'min'], '0 h 0 min'],
		['7', 'm', ['ft', 's'], 'unlike'],
		['7', 's', ['ft', 'in'], 'unlike'],
		['7', 'm', ['in', 'ft'], 'order'],
	])('%s %s is %j as %s', (number, unit, into, expected) => {
		expect(split(number, unit, into)).toBe(expected);
	});

	it('round in the smallest unit, and carry', () => {
		expect(split('11.99', 'in', ['ft', 'in'], { place: 0 })).toBe('1 ft 0 in');
		expect(split('59.996', 'min', ['d', 'h', 'min'], { place: -1 })).toBe('0 d 1 h 0.0 min');
		expect(split('89.37', 'in', ['ft', 'in'], { significant: 3 })).toBe('7 ft 5.4 in');
	});

	it('come back from their parts to what they were', () => {
		fc.assert(
			fc.property(fc.integer({ min: -100000, max: 100000 }), fc.integer({ min: 0, max: 3 }), (digits, places) => {
				const number = `${digits}e-${places}`;
				const made = toMixed({ number, unit: 'min' }, ['wk', 'd', 'h', 'min']);
				const back = made.ok ? fromMixed(made.value.parts, 'min') : made;
				const direct = fromMixed([{ number, unit: 'min' }], 'min');
				expect(back.ok && rationalText(back.value.value)).toBe(direct.ok && rationalText(direct.value.value));
			}),
		);
	});

	it('say which part cannot be read', () => {
		const made = fromMixed(
			[
				{ number: '7', unit: 'ft' },
				{ number: '5..', unit: 'in' },
			],
			'in',
		);
		expect(made).toMatchObject({ ok: false, fault: { code: 'two-points', in: 'parts.1.number' } });
	});
});
