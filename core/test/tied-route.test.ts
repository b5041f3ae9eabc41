import type { Exercise } from '../src';
import { check } from '../src/practice';
import { quantityOfRow } from '../src/quantity/quantity';
import { tyingFacts } from '../src/route/tied-route';

const fact = (text: string) => {
	const [left = '', right = ''] = text.split(' = ');
	return { left: quantityOfRow(left), right: quantityOfRow(right) };
};

function asked(start: string, unit: string, ...facts: readonly string[]): Exercise {
	return { prompt: '', start: quantityOfRow(start), facts: facts.map(fact), want: { unit }, rounding: 'figures' };
}

function isRight(exercise: Exercise, answer: string): boolean {
	const made = check(exercise, answer);
	if (!made.ok) throw new Error(made.fault.message);
	return made.value.right;
}

const DOSE = '2.50 mg = 1 kg';
const MAP = '1 cm = 2.50 km';

describe('a fact that ties amounts of one kind which are not equal', () => {
	it.each([
		['of a dose', '72.5 kg', 'mg', DOSE, '181 mg'],
		['of a dose, with the body in grams', '72500. g', 'mg', DOSE, '181 mg'],
		['of a dose, with the body in pounds', '165 lb', 'mg', DOSE, '187 mg'],
		['of a map', '7.42 cm', 'km', MAP, '18.6 km'],
		['of a map, the other way', '18.5 km', 'cm', MAP, '7.40 cm'],
		['of a map, in metres', '7.42 cm', 'm', MAP, '1.86e4 m'],
		['of a share', '250. g', 'g', '3.20 g = 100 g', '8.00 g'],
		['of two substances', '250. g{water}', 'g{salt}', '3.20 g{salt} = 100 g{water}', '8.00 g'],
	])('leads the line %s', (_, start, unit, tie, answer) => {
		expect(isRight(asked(start, unit, tie), answer)).toBe(true);
	});

	it('goes on to other facts of the problem', () => {
		expect(isRight(asked('72.0 kg', 'mL', DOSE, '50.0 mg = 1 mL'), '3.60 mL')).toBe(true);
	});

	it('is not passed by another fact of the problem, whose amount is of one side of it', () => {
		for (const [start, answer] of [
			['1189 g', '0.79 mL'],
			['1.189 kg', '0.79 mL'],
			['2.621 lb', '0.79 mL'],
		] as const)
			expect(isRight(asked(start, 'mL', '8.0 mg = 1 kg', '12 mg = 1 mL'), answer)).toBe(true);
		expect(isRight(asked('1189 g', 'mL', '8.0 mg = 1 kg', '12 mg = 1 mL'), '99000 mL')).toBe(false);
	});

	it('is not gone by where the tables are sooner there', () => {
		expect(isRight(asked('165 lb', 'kg', DOSE), '74.8 kg')).toBe(true);
		expect(isRight(asked('5 ft', 'in', MAP), '60 in')).toBe(true);
	});

	it('is no fact of two equal amounts', () => {
		expect(tyingFacts([DOSE, '1 kg = 1000 g', '1 gal = 3.785 L', '12 jar = 1 crate'].map(fact))).toEqual([fact(DOSE)]);
	});
});
