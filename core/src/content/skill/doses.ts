import { between } from '../../exercise/draws';
import type { Skill } from './skill';

/** Doses that go by the mass of the body. */
export const doses: Skill = {
	skill: 'doses',
	title: 'Doses for each kilogram',
	letter: 'm',
	about: 'Find a dose from the mass of the animal and what it is to get for each kilogram.',
	watch: 'Start from the animal. What goes with each kilogram is one factor, what is in the bottle another.',
	slips: ['wrong-start', 'flipped-factor', 'skipped-factor', 'place-slip'],
	scenes: [
		{
			level: 1,
			draw: { n: between('11.3', '38.7'), d: between('1.1', '9.8') },
			says: [
				'A sled dog of {<n> kg|start} is given {<d> mg|fact} for each {1 kg|fact}.',
				'The goat weighs {<n> kg|start} and is to have {<d> mg|fact} for each {1 kg|fact}.',
			],
			asks: ['How many mg is that?', 'What is the dose in mg?'],
			start: '<n> kg',
			facts: ['<d> mg = 1 kg'],
			want: 'mg',
			line: ['<d> mg / 1 kg'],
		},
		{
			level: 2,
			draw: { n: between('11.3', '38.7'), d: between('1.1', '9.8'), c: between('11', '48') },
			says: [
				'The dog has {<n> kg|start}. It gets {<d> mg|fact} for each {1 kg|fact}, from a bottle with {<c> mg|fact} in {1 mL|fact}.',
				'A ewe of {<n> kg|start} is to have {<d> mg|fact} for each {1 kg|fact}; the bottle has {<c> mg|fact} in {1 mL|fact}.',
			],
			asks: ['How many mL is that?', 'What does the syringe take, in mL?'],
			start: '<n> kg',
			facts: ['<d> mg = 1 kg', '<c> mg = 1 mL'],
			want: 'mL',
			line: ['<d> mg / 1 kg', '1 mL / <c> mg'],
		},
		{
			level: 3,
			draw: { n: between('11.3', '88.7'), d: between('11', '98'), c: between('1.1', '4.8') },
			says: [
				'A dog of {<n> lb|start} is given {<d> µg|fact} for each {1 kg|fact}; the drops have {<c> mg|fact} in {1 mL|fact}.',
				'The pup weighs {<n> lb|start}. For each {1 kg|fact} it gets {<d> µg|fact}, and {1 mL|fact} holds {<c> mg|fact}.',
			],
			asks: ['How many mL is that?', 'What is the dose in mL?'],
			start: '<n> lb',
			facts: ['<d> µg = 1 kg', '<c> mg = 1 mL'],
			want: 'mL',
			line: ['453.59237 g / 1 lb', '1 kg / 1000 g', '<d> µg / 1 kg', '1 mg / 1000 µg', '1 mL / <c> mg'],
		},
	],
};
