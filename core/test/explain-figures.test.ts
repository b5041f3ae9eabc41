import fc from 'fast-check';
import { parseNumeral, printRounded } from '../src';
import { explainFigures, seeRounding } from '../src/shelf';

function read(text: string) {
	const numeral = parseNumeral(text);
	if (!numeral.ok) throw new Error(numeral.fault.message);
	return numeral.value;
}

/** The digits that count as •, those that hold the place as -, the unclear ones as ?. */
const marks = (text: string) =>
	explainFigures(read(text))
		?.map(({ state }) => ({ counts: '•', holds: '-', unclear: '?' })[state])
		.join('');

describe('the digits of a number', () => {
	it.each([
		['418', '•••'],
		['0.0820', '--•••'],
		['4.07', '•••'],
		['1250', '•••?'],
		['4500', '••??'],
		['4500.', '••••'],
		['30.0', '•••'],
		['.50', '••'],
		['4.50e-3', '•••'],
		['1 250', '•••?'],
		['-0.030', '--••'],
		['0', '•'],
		['0.00', '-••'],
	])('%s is marked %s', (text, expected) => {
		expect(marks(text)).toBe(expected);
	});

	it.each(['3/4', '10^-3', '2π'])('%s is exact as written and has none to mark', (text) => {
		expect(explainFigures(read(text))).toBeNull();
	});

	it('have as many that count as the number has figures, and as many unclear as its count may grow', () => {
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 999_999 }), fc.integer({ min: 0, max: 5 }), (n, places) => {
				const digits = `${n}`.padStart(places + 1, '0');
				const text = places ? `${digits.slice(0, -places)}.${digits.slice(-places)}` : digits;
				const numeral = read(text);
				const states = (explainFigures(numeral) ?? []).map(({ state }) => state);
				expect([text, states.filter((state) => state === 'counts').length]).toEqual([text, numeral.significant]);
				expect(states.filter((state) => state !== 'holds')).toHaveLength(numeral.atMost ?? 0);
			}),
		);
	});

	it('keep the point where it was written', () => {
		const shown = (text: string) =>
			explainFigures(read(text))
				?.map(({ digit, point }) => `${point === 'before' ? '.' : ''}${digit}${point === 'after' ? '.' : ''}`)
				.join('');
		for (const text of ['0.0820', '418', '4500.', '.50', '12.5']) expect(shown(text)).toBe(text);
	});

	it('each tell why', () => {
		for (const { why } of explainFigures(read('0.0820')) ?? []) expect(why).toMatch(/counts?|holds/);
	});
});

describe('watching a number being rounded', () => {
	it.each<[string, Parameters<typeof seeRounding>[1], number | null, boolean, number, string]>([
		['12.46', { significant: 3 }, 6, true, 0, '12.5'],
		['12.44', { significant: 3 }, 4, false, 0, '12.4'],
		['9.996', { significant: 3 }, 6, true, 3, '10.0'],
		['0.0995', { place: -3 }, 5, true, 2, '0.100'],
		['12.5', { place: 0 }, 5, true, 0, '13'],
		['-12.46', { place: -1 }, 6, true, 0, '-12.5'],
		['12.4', { significant: 3 }, null, false, 0, '12.4'],
		['0', { significant: 2 }, null, false, 0, '0.00'],
	])('%s %j', (text, target, decides, up, carries, plain) => {
		const seen = seeRounding(read(text).value, target);
		expect([seen.decides, seen.up, seen.carries]).toEqual([decides, up, carries]);
		expect(printRounded(seen.rounded).plain).toBe(plain);
	});

	it('goes up just where the rounded value is further from zero than the cut one', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 9_999_999 }), fc.integer({ min: 1, max: 6 }), (n, significant) => {
				const value = read(`${n / 1000}`).value;
				const { up, rounded, decides } = seeRounding(value, { significant });
				expect(up).toBe(rounded.value.compare(value) > 0 || (decides === 5 && rounded.value.compare(value) > 0));
			}),
		);
	});
});
