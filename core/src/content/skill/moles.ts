import { between } from '../../exercise/draws';
import type { Skill } from './skill';

/** Moles and molar mass, with labels that tell substances apart. */
export const moles: Skill = {
	skill: 'moles',
	title: 'Moles and molar mass',
	letter: 'p',
	about: 'Go between mass, moles and solution; the label says of which substance.',
	watch: 'Grams of the salt do not cancel grams of something else.',
	slips: ['flipped-factor', 'skipped-factor', 'wrong-start'],
	scenes: [
		{
			level: 1,
			draw: { n: between('1.13', '98.7'), m: between('61.3', '248.7') },
			says: [
				'For the feed {<n> g|start} of salt are weighed; the salt has {<m> g|fact} in {1 mol|fact}.',
				'There are {<n> g|start} of salt in the dish, and its label gives {<m> g|fact} for {1 mol|fact}.',
			],
			asks: ['How many moles of salt is that?', 'What is that in mol?'],
			start: '<n> g{salt}',
			facts: ['<m> g{salt} = 1 mol{salt}'],
			want: 'mol{salt}',
			line: ['1 mol{salt} / <m> g{salt}'],
		},
		{
			level: 2,
			draw: { n: between('11.3', '98.7'), m: between('61.3', '248.7') },
			says: [
				'The trays need {<n> mmol|start} of salt; the salt has {<m> g|fact} in {1 mol|fact}.',
				'A vial holds {<n> mmol|start} of salt, of which {1 mol|fact} has {<m> g|fact}.',
			],
			asks: ['How many grams of salt is that?', 'What mass is that in g?'],
			start: '<n> mmol{salt}',
			facts: ['<m> g{salt} = 1 mol{salt}'],
			want: 'g{salt}',
			line: ['1 mol{salt} / 1000 mmol{salt}', '<m> g{salt} / 1 mol{salt}'],
		},
		{
			level: 3,
			draw: { n: between('113', '987'), c: between('0.113', '0.487'), m: between('61.3', '248.7') },
			says: [
				'A can of {<n> mL|start} of feed is made with {<c> mol|fact} of salt in {1 L|fact}; the salt has {<m> g|fact} in {1 mol|fact}.',
				'The vine gets {<n> mL|start} of feed. {1 L|fact} holds {<c> mol|fact} of salt, and {1 mol|fact} of it has {<m> g|fact}.',
			],
			asks: ['How many grams of salt is that?', 'What mass of salt is that in g?'],
			start: '<n> mL{feed}',
			facts: ['<c> mol{salt} = 1 L{feed}', '<m> g{salt} = 1 mol{salt}'],
			want: 'g{salt}',
			line: ['1 L{feed} / 1000 mL{feed}', '<c> mol{salt} / 1 L{feed}', '<m> g{salt} / 1 mol{salt}'],
		},
	],
};
