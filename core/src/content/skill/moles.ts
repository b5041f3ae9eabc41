import { between } from '../../exercise/draws';
import type { Skill } from './skill';

const SALT = between('74.1', '136.9', 'a salt');
const SUGAR = between('180.1', '342.3', 'a sugar');

/** Moles and molar mass, with labels that tell substances apart. */
export const moles: Skill = {
	skill: 'moles',
	title: 'Moles and molar mass',
	letter: 'p',
	about: 'Convert between mass, moles and solution. The label says which substance it is.',
	watch: 'Grams of the salt do not cancel grams of something else.',
	slips: ['flipped-factor', 'skipped-factor', 'wrong-start'],
	scenes: [
		{
			level: 1,
			things: [
				{
					says: 'For the feed {<n> g|start} of salt are weighed; the salt has {<m> g|fact} in {1 mol|fact}.',
					draw: { n: between('1.13', '48.7', 'a feed'), m: SALT },
				},
				{
					says: 'There are {<n> g|start} of salt in the dish, and its label gives {<m> g|fact} for {1 mol|fact}.',
					draw: { n: between('1.13', '18.7', 'a dish'), m: SALT },
				},
			],
			asks: ['How many moles of salt is that?', 'What is that in mol?'],
			start: '<n> g{salt}',
			facts: ['<m> g{salt} = 1 mol{salt}'],
			want: 'mol{salt}',
			line: ['1 mol{salt} / <m> g{salt}'],
		},
		{
			level: 1,
			things: [
				{
					says: 'A can of feed needs {<n> mol|start} of salt, and {1 mol|fact} of it has {<m> g|fact}.',
					draw: { n: between('0.113', '0.487', 'a can'), m: SALT },
				},
				{
					says: 'The recipe says {<n> mol|start} of salt; the salt has {<m> g|fact} in {1 mol|fact}.',
					draw: { n: between('0.0213', '0.0987', 'a small recipe'), m: SALT },
				},
			],
			asks: ['How many grams of salt is that?', 'What mass of salt is that in g?'],
			start: '<n> mol{salt}',
			facts: ['<m> g{salt} = 1 mol{salt}'],
			want: 'g{salt}',
			line: ['<m> g{salt} / 1 mol{salt}'],
		},
		{
			level: 1,
			things: [
				{
					says: 'The tank gets {<n> L|start} of feed with {<c> mol|fact} of salt in {1 L|fact}.',
					draw: { n: between('1.13', '19.87', 'a tank'), c: between('0.0113', '0.0487', 'weak feed') },
				},
				{
					says: 'A bed takes {<n> L|start} of feed, and each {1 L|fact} holds {<c> mol|fact} of salt.',
					draw: { n: between('1.13', '9.87', 'a bed'), c: between('0.0113', '0.0487', 'weak feed') },
				},
			],
			asks: ['How many moles of salt is that?', 'What is that in mol of salt?'],
			start: '<n> L{feed}',
			facts: ['<c> mol{salt} = 1 L{feed}'],
			want: 'mol{salt}',
			line: ['<c> mol{salt} / 1 L{feed}'],
		},
		{
			level: 2,
			things: [
				{
					says: 'The trays need {<n> mmol|start} of salt; the salt has {<m> g|fact} in {1 mol|fact}.',
					draw: { n: between('11.3', '98.7', 'some trays'), m: SALT },
				},
				{
					says: 'A vial holds {<n> mmol|start} of salt, of which {1 mol|fact} has {<m> g|fact}.',
					draw: { n: between('1.13', '9.87', 'a vial'), m: SALT },
				},
			],
			asks: ['How many grams of salt is that?', 'What mass is that in g?'],
			start: '<n> mmol{salt}',
			facts: ['<m> g{salt} = 1 mol{salt}'],
			want: 'g{salt}',
			line: ['1 mol{salt} / 1000 mmol{salt}', '<m> g{salt} / 1 mol{salt}'],
		},
		{
			level: 2,
			things: [
				{
					says: 'On the paper lie {<n> mg|start} of salt, of which {1 mol|fact} has {<m> g|fact}.',
					draw: { n: between('113', '987', 'a pinch'), m: SALT },
				},
				{
					says: 'The tablet has {<n> mg|start} of salt; the salt has {<m> g|fact} in {1 mol|fact}.',
					draw: { n: between('213', '687', 'a tablet'), m: SALT },
				},
			],
			asks: ['How many moles of salt is that?', 'What is that in mol?'],
			start: '<n> mg{salt}',
			facts: ['<m> g{salt} = 1 mol{salt}'],
			want: 'mol{salt}',
			line: ['1 g{salt} / 1000 mg{salt}', '1 mol{salt} / <m> g{salt}'],
		},
		{
			level: 2,
			things: [
				{
					says: 'A bee is given {<n> µL|start} of syrup, and {1 L|fact} of it holds {<c> mol|fact} of sugar.',
					draw: { n: between('11.3', '48.7', 'what a bee drinks'), c: between('1.13', '2.87', 'syrup') },
				},
				{
					says: 'The pipette takes {<n> µL|start} of syrup with {<c> mol|fact} of sugar in {1 L|fact}.',
					draw: { n: between('113', '987', 'a pipette'), c: between('1.13', '2.87', 'syrup') },
				},
			],
			asks: ['How many moles of sugar is that?', 'What is that in mol of sugar?'],
			start: '<n> µL{syrup}',
			facts: ['<c> mol{sugar} = 1 L{syrup}'],
			want: 'mol{sugar}',
			line: ['10^-6 L{syrup} / 1 µL{syrup}', '<c> mol{sugar} / 1 L{syrup}'],
		},
		{
			level: 3,
			things: [
				{
					says: 'A can of {<n> mL|start} of feed is made with {<c> mol|fact} of salt in {1 L|fact}; the salt has {<m> g|fact} in {1 mol|fact}.',
					draw: { n: between('513', '987', 'a can'), c: between('0.0113', '0.0487', 'weak feed'), m: SALT },
				},
				{
					says: 'The vine gets {<n> mL|start} of feed. {1 L|fact} holds {<c> mol|fact} of salt, and {1 mol|fact} of it has {<m> g|fact}.',
					draw: { n: between('213', '487', 'a vine'), c: between('0.0113', '0.0487', 'weak feed'), m: SALT },
				},
			],
			asks: ['How many grams of salt is that?', 'What mass of salt is that in g?'],
			start: '<n> mL{feed}',
			facts: ['<c> mol{salt} = 1 L{feed}', '<m> g{salt} = 1 mol{salt}'],
			want: 'g{salt}',
			line: ['1 L{feed} / 1000 mL{feed}', '<c> mol{salt} / 1 L{feed}', '<m> g{salt} / 1 mol{salt}'],
		},
		{
			level: 3,
			things: [
				{
					says: 'There are {<n> g|start} of salt, with {<m> g|fact} in {1 mol|fact}. The feed is to have {<c> mol|fact} of it in {1 L|fact}.',
					draw: { n: between('1.13', '18.7', 'what is left'), c: between('0.0113', '0.0487', 'weak feed'), m: SALT },
				},
				{
					says: 'The last {<n> g|start} of salt go into the feed, {<c> mol|fact} to {1 L|fact}; {1 mol|fact} of the salt has {<m> g|fact}.',
					draw: { n: between('1.13', '9.87', 'what is left'), c: between('0.0113', '0.0487', 'weak feed'), m: SALT },
				},
			],
			asks: ['For how many mL of feed is that enough?', 'How much feed does that make, in mL?'],
			start: '<n> g{salt}',
			facts: ['<c> mol{salt} = 1 L{feed}', '<m> g{salt} = 1 mol{salt}'],
			want: 'mL{feed}',
			line: ['1 mol{salt} / <m> g{salt}', '1 L{feed} / <c> mol{salt}', '1000 mL{feed} / 1 L{feed}'],
		},
		{
			level: 3,
			things: [
				{
					says: 'For the bees {<n> mL|start} of syrup are stirred, {<c> mol|fact} of sugar to {1 L|fact}; the sugar has {<m> g|fact} in {1 mol|fact}.',
					draw: { n: between('513', '987', 'a feeder'), c: between('1.13', '2.87', 'syrup'), m: SUGAR },
				},
				{
					says: 'The feeder takes {<n> mL|start} of syrup. {1 L|fact} of it holds {<c> mol|fact} of sugar, of which {1 mol|fact} has {<m> g|fact}.',
					draw: { n: between('513', '987', 'a feeder'), c: between('1.13', '2.87', 'syrup'), m: SUGAR },
				},
			],
			asks: ['How many kg of sugar is that?', 'What mass of sugar is that in kg?'],
			start: '<n> mL{syrup}',
			facts: ['<c> mol{sugar} = 1 L{syrup}', '<m> g{sugar} = 1 mol{sugar}'],
			want: 'kg{sugar}',
			line: [
				'1 L{syrup} / 1000 mL{syrup}',
				'<c> mol{sugar} / 1 L{syrup}',
				'<m> g{sugar} / 1 mol{sugar}',
				'1 kg{sugar} / 1000 g{sugar}',
			],
		},
	],
};
