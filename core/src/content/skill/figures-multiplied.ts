import { between, followed } from '../../exercise/draws';
import type { Skill } from './skill';

/** Figures of a product: as many as the measured input with fewest. */
export const figuresMultiplied: Skill = {
	skill: 'figures-multiplied',
	title: 'Figures when multiplying',
	letter: 't',
	about: 'Round a product to as many figures as the least precise measured number.',
	watch: 'Counts and defined facts are exact and do not limit the figures.',
	slips: ['digits-many', 'digits-few', 'digits-from-exact', 'rounded-early'],
	scenes: [
		{
			level: 1,
			things: [
				{
					says: 'A cord of {<n> m|start} has {<d> g|fact} in each {1 m|fact}.',
					draw: { n: between('1.1', '9.8', 'a cord'), d: between('11.13', '38.87', 'a cord') },
				},
				{
					says: 'From the roll {<n> m|start} of wire are cut, {<d> g|fact} to {1 m|fact}.',
					draw: { n: between('1.1', '9.8', 'a piece'), d: between('8.13', '58.87', 'wire') },
				},
			],
			asks: ['What is its mass in g?', 'How many grams is that?'],
			start: '<n> m',
			facts: ['<d> g = 1 m'],
			want: 'g',
			line: ['<d> g / 1 m'],
		},
		{
			level: 2,
			things: [
				{
					says: 'A bed of {<n> m²|start} gets {<d> kg|fact} of feed on each {1 m²|fact}.',
					draw: { n: between('11.13', '38.87', 'a bed'), d: between('0.013', '0.098', 'feed') },
				},
				{
					says: 'The net covers {<n> m²|start} and weighs {<d> kg|fact} for {1 m²|fact}.',
					draw: { n: between('21.13', '58.87', 'a net'), d: between('0.031', '0.078', 'a net') },
				},
			],
			asks: ['What mass is that in g?', 'How many grams is that?'],
			start: '<n> m^2',
			facts: ['<d> kg = 1 m^2'],
			want: 'g',
			line: ['<d> kg / 1 m^2', '1000 g / 1 kg'],
		},
		{
			level: 2,
			things: [
				{
					says: 'There are {<n> jars|start} on the shelf, with {<d> g|fact} of lid to {1 jar|fact}.',
					draw: { n: between('113', '487', 'a store'), d: between('6.113', '9.887', 'a lid') },
				},
				{
					says: 'For {<n> jars|start} one needs lids of {<d> g|fact} for each {1 jar|fact}.',
					draw: { n: between('113', '487', 'a harvest'), d: between('6.113', '9.887', 'a lid') },
				},
			],
			asks: ['What mass is that in kg?', 'How many kg is that?'],
			start: '<n> jar',
			exactStart: true,
			facts: ['<d> g = 1 jar'],
			want: 'kg',
			line: ['<d> g / 1 jar', '1 kg / 1000 g'],
		},
		{
			level: 3,
			things: [
				{
					says: 'The tank gets {<n> L|start} of water with {<d> g|fact} of lime in each {1 L|fact}.',
					draw: {
						n: followed(between('11.1', '98.8', 'a tank'), '0', '00'),
						d: followed(between('0.11', '0.38', 'hard water'), '0', ''),
					},
				},
				{
					says: 'In {<n> L|start} of feed there are {<d> g|fact} for each {1 L|fact}.',
					draw: {
						n: followed(between('1.1', '9.8', 'a can'), '0', '00'),
						d: followed(between('1.1', '3.8', 'feed'), '0', ''),
					},
				},
			],
			asks: ['How much is that in mg?', 'How many mg is that?'],
			start: '<n> L',
			facts: ['<d> g = 1 L'],
			want: 'mg',
			line: ['<d> g / 1 L', '1000 mg / 1 g'],
		},
		{
			level: 3,
			things: [
				{
					says: 'The trail crew laid {<n> m|start} of rope, {<d> kg|fact} to {100. m|fact}.',
					draw: { n: followed(between('11', '38', 'a trail'), '0', '00'), d: between('3.013', '7.887', 'a rope') },
				},
				{
					says: 'A fence of {<n> m|start} takes {<d> kg|fact} of wire for each {100. m|fact}.',
					draw: { n: followed(between('11', '98', 'a fence'), '0'), d: between('3.013', '9.887', 'wire') },
				},
			],
			asks: ['What mass is that in kg?', 'How many kg is that?'],
			start: '<n> m',
			facts: ['<d> kg = 100. m'],
			want: 'kg',
			line: ['<d> kg / 100. m'],
		},
	],
};
