import { between, oneOf } from '../../exercise/draws';
import type { Skill } from './skill';

const HOW_MUCH = (unit: string) => [`How many ${unit} is that?`, `What is the dose in ${unit}?`];

/** Doses that go by the mass of the body. */
export const doses: Skill = {
	skill: 'doses',
	title: 'Doses per kilogram',
	letter: 'm',
	about: 'Find a dose from the mass of the animal and the dose per kilogram.',
	watch: 'Start from the mass of the animal. The dose per kilogram is one factor, the strength of the bottle another.',
	slips: ['wrong-start', 'flipped-factor', 'skipped-factor', 'place-slip'],
	scenes: [
		{
			level: 1,
			things: [
				{
					says: 'A sled dog of {<n> kg|start} is given {<d> mg|fact} for each {1 kg|fact}.',
					draw: { n: between('18.3', '38.7', 'a sled dog'), d: between('1.1', '9.8', 'a dose') },
				},
				{
					says: 'The goat weighs {<n> kg|start} and is to have {<d> mg|fact} for each {1 kg|fact}.',
					draw: { n: between('31.3', '58.7', 'a goat'), d: between('1.1', '9.8', 'a dose') },
				},
			],
			asks: HOW_MUCH('mg'),
			start: '<n> kg',
			facts: ['<d> mg = 1 kg'],
			want: 'mg',
			line: ['<d> mg / 1 kg'],
		},
		{
			level: 1,
			things: [
				{
					says: 'A lamb of {<n> kg|start} gets {<d> mL|fact} of milk for each {1 kg|fact}.',
					draw: { n: between('3.13', '8.87', 'a lamb'), d: between('41.3', '58.7', 'a meal of milk') },
				},
				{
					says: 'The pup weighs {<n> kg|start}; it gets {<d> mL|fact} of water for each {1 kg|fact}.',
					draw: { n: between('2.13', '8.87', 'a pup'), d: between('41.3', '58.7', 'water for a day') },
				},
			],
			asks: HOW_MUCH('mL'),
			start: '<n> kg',
			facts: ['<d> mL = 1 kg'],
			want: 'mL',
			line: ['<d> mL / 1 kg'],
		},
		{
			level: 1,
			things: [
				{
					says: 'An owl of {<n> g|start} is in the cage. It gets {<d> mg|fact} for each {1 g|fact}.',
					draw: { n: between('213', '487', 'an owl'), d: between('0.011', '0.048', 'a dose for a bird') },
				},
				{
					says: 'The marten weighs {<n> g|start} and gets {<d> mg|fact} for each {1 g|fact}.',
					draw: { n: between('813', '1487', 'a marten'), d: between('0.011', '0.028', 'a dose') },
				},
			],
			asks: HOW_MUCH('mg'),
			start: '<n> g',
			facts: ['<d> mg = 1 g'],
			want: 'mg',
			line: ['<d> mg / 1 g'],
		},
		{
			level: 2,
			things: [
				{
					says: 'The dog has {<n> kg|start}. It gets {<d> mg|fact} for each {1 kg|fact}, from a bottle with {<c> mg|fact} in {1 mL|fact}.',
					draw: {
						n: between('18.3', '38.7', 'a sled dog'),
						d: between('1.1', '9.8', 'a dose'),
						c: between('11', '48', 'a bottle'),
					},
				},
				{
					says: 'A ewe of {<n> kg|start} is to have {<d> mg|fact} for each {1 kg|fact}; the bottle has {<c> mg|fact} in {1 mL|fact}.',
					draw: {
						n: between('51.3', '78.7', 'a ewe'),
						d: between('1.1', '7.8', 'a dose'),
						c: between('11', '98', 'a bottle'),
					},
				},
			],
			asks: ['How many mL is that?', 'What does the syringe take, in mL?'],
			start: '<n> kg',
			facts: ['<d> mg = 1 kg', '<c> mg = 1 mL'],
			want: 'mL',
			line: ['<d> mg / 1 kg', '1 mL / <c> mg'],
		},
		{
			level: 2,
			things: [
				{
					says: 'A hedgehog of {<n> g|start} is found in the shed. It gets {<d> mg|fact} for each {1 kg|fact}.',
					draw: { n: between('313', '987', 'a hedgehog'), d: between('1.1', '9.8', 'a dose') },
				},
				{
					says: 'The hen weighs {<n> g|start}; for each {1 kg|fact} it is given {<d> mg|fact}.',
					draw: { n: between('1413', '2487', 'a hen'), d: between('2.1', '9.8', 'a dose') },
				},
			],
			asks: HOW_MUCH('mg'),
			start: '<n> g',
			facts: ['<d> mg = 1 kg'],
			want: 'mg',
			line: ['1 kg / 1000 g', '<d> mg / 1 kg'],
		},
		{
			level: 2,
			things: [
				{
					says: 'A dog of {<n> kg|start} is given {<d> µg|fact} for each {1 kg|fact}, by the vet’s list.',
					draw: { n: between('18.3', '38.7', 'a sled dog'), d: between('11.3', '98.7', 'a small dose') },
				},
				{
					says: 'For each {1 kg|fact} the kid gets {<d> µg|fact}; it weighs {<n> kg|start}.',
					draw: { n: between('3.13', '9.87', 'a young goat'), d: between('11.3', '98.7', 'a small dose') },
				},
			],
			asks: HOW_MUCH('mg'),
			start: '<n> kg',
			facts: ['<d> µg = 1 kg'],
			want: 'mg',
			line: ['<d> µg / 1 kg', '1 mg / 1000 µg'],
		},
		{
			level: 3,
			things: [
				{
					says: 'A dog of {<n> lb|start} is given {<d> µg|fact} for each {1 kg|fact}; the drops have {<c> mg|fact} in {1 mL|fact}.',
					draw: {
						n: between('41.3', '88.7', 'a sled dog'),
						d: between('41', '98', 'a small dose'),
						c: between('1.1', '4.8', 'drops'),
					},
				},
				{
					says: 'The pup weighs {<n> lb|start}. For each {1 kg|fact} it gets {<d> µg|fact}, and {1 mL|fact} holds {<c> mg|fact}.',
					draw: {
						n: between('8.13', '19.87', 'a pup'),
						d: between('41', '98', 'a small dose'),
						c: between('1.1', '2.8', 'drops'),
					},
				},
			],
			asks: HOW_MUCH('mL'),
			start: '<n> lb',
			facts: ['<d> µg = 1 kg', '<c> mg = 1 mL'],
			want: 'mL',
			line: ['453.59237 g / 1 lb', '1 kg / 1000 g', '<d> µg / 1 kg', '1 mg / 1000 µg', '1 mL / <c> mg'],
		},
		{
			level: 3,
			things: [
				{
					says: 'A dog weighs {<n> lb|start} and gets {<d> mg|fact} for each {1 kg|fact}.',
					draw: { n: between('41.3', '88.7', 'a sled dog'), d: between('2.1', '9.8', 'a dose') },
				},
				{
					says: 'The old list has the goat at {<n> lb|start}. For each {1 kg|fact} it is to have {<d> mg|fact}.',
					draw: { n: between('71.3', '118.7', 'a goat'), d: between('2.1', '9.8', 'a dose') },
				},
			],
			asks: HOW_MUCH('mg'),
			start: '<n> lb',
			facts: ['<d> mg = 1 kg'],
			want: 'mg',
			line: ['0.45359237 kg / 1 lb', '<d> mg / 1 kg'],
		},
		{
			level: 3,
			things: [
				{
					says: 'An eagle of {<n> g|start} gets {<d> mg|fact} for each {1 kg|fact}, and {1 mL|fact} of the syrup has {<c> mg|fact}.',
					draw: {
						n: between('3113', '4987', 'an eagle'),
						d: between('5.1', '9.8', 'a dose'),
						c: oneOf('a bottle', '12', '15', '24', '48'),
					},
				},
				{
					says: 'The marten weighs {<n> g|start}. It is given {<d> mg|fact} for each {1 kg|fact}, out of {<c> mg|fact} in {1 mL|fact}.',
					draw: {
						n: between('813', '1487', 'a marten'),
						d: between('5.1', '9.8', 'a dose'),
						c: oneOf('a bottle', '12', '15', '24', '48'),
					},
				},
			],
			asks: HOW_MUCH('mL'),
			start: '<n> g',
			facts: ['<d> mg = 1 kg', '<c> mg = 1 mL'],
			want: 'mL',
			line: ['1 kg / 1000 g', '<d> mg / 1 kg', '1 mL / <c> mg'],
		},
	],
};
