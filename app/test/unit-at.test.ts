import { unitAt } from '../src/bring/unit-at';

const TEXT = 'A cistern holds 3 m³. What is the mass in kilograms, or cubic feet, of oil in it?';

describe('a unit that is touched in a text', () => {
	it.each([
		['kilograms', 'kilograms'],
		['cubic', 'cubic feet'],
		['feet', 'cubic feet'],
	])('is found at “%s”', (word, unit) => {
		const place = TEXT.indexOf(word) + 1;
		const found = unitAt(TEXT, place);
		expect(found?.text).toBe(unit);
		expect(TEXT.slice(...(found?.at ?? [0, 0]))).toBe(unit);
	});

	it.each(['cistern', 'in kilo', 'What', 'oil'])('is not found at “%s”', (word) => {
		expect(unitAt(TEXT, TEXT.indexOf(word) + 1)).toBeNull();
	});
});
