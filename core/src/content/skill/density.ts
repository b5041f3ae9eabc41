import { between } from '../../exercise/draws';
import type { Skill } from './skill';

/** A density or a concentration from the problem, as a factor. */
export const density: Skill = {
	skill: 'density',
	title: 'Density and concentration',
	letter: 'j',
	about: 'Use a density or a concentration as a factor, the way up that cancels.',
	watch: 'The density is never the start when a mass or a volume is asked for.',
	slips: ['flipped-factor', 'wrong-start', 'skipped-factor'],
	scenes: [
		{
			level: 1,
			things: [
				{
					says: 'A flask holds {<n> mL|start} of syrup, with {<d> g|fact} in each {1 mL|fact}.',
					draw: { n: between('113', '487', 'a flask'), d: between('1.25', '1.37', 'syrup') },
				},
				{
					says: 'The cup has {<n> mL|start} of honey in it. Honey of this year has {<d> g|fact} to {1 mL|fact}.',
					draw: { n: between('81.3', '218.7', 'a cup'), d: between('1.38', '1.45', 'honey') },
				},
			],
			asks: ['What is its mass in g?', 'How many grams is that?', 'How much does it weigh in g?'],
			start: '<n> mL',
			facts: ['<d> g = 1 mL'],
			want: 'g',
			line: ['<d> g / 1 mL'],
		},
		{
			level: 1,
			things: [
				{
					says: 'The lamp is filled with {<n> g|start} of oil, and {1 mL|fact} of it has {<d> g|fact}.',
					draw: { n: between('113', '487', 'a lamp'), d: between('0.79', '0.85', 'lamp oil') },
				},
				{
					says: 'There are {<n> g|start} of wax left. The wax has {<d> g|fact} in each {1 mL|fact}.',
					draw: { n: between('113', '987', 'a block'), d: between('0.95', '0.97', 'beeswax') },
				},
			],
			asks: ['What is its volume in mL?', 'How many mL is that?'],
			start: '<n> g',
			facts: ['<d> g = 1 mL'],
			want: 'mL',
			line: ['1 mL / <d> g'],
		},
		{
			level: 2,
			things: [
				{
					says: 'The tank holds {<n> L|start} of nutrient solution. Its label gives {<d> g|fact} for each {1 mL|fact}.',
					draw: { n: between('11.3', '48.7', 'a tank'), d: between('1.02', '1.18', 'strong feed') },
				},
				{
					says: 'For the bees there are {<n> L|start} of syrup, {<d> g|fact} to {1 mL|fact}.',
					draw: { n: between('2.13', '9.87', 'feed for some hives'), d: between('1.25', '1.37', 'syrup') },
				},
			],
			asks: ['What is its mass in kg?', 'How many kilograms is that?'],
			start: '<n> L',
			facts: ['<d> g = 1 mL'],
			want: 'kg',
			line: ['1000 mL / 1 L', '<d> g / 1 mL', '1 kg / 1000 g'],
		},
		{
			level: 2,
			things: [
				{
					says: 'The bed gets {<n> mL|start} of feed, which has {<d> g|fact} of salt in each {1 L|fact}.',
					draw: { n: between('213', '987', 'a watering'), d: between('1.13', '3.87', 'weak feed') },
				},
				{
					says: 'A tray is given {<n> mL|start} of a solution with {<d> g|fact} of salt in {1 L|fact}.',
					draw: { n: between('113', '487', 'a tray'), d: between('0.513', '2.487', 'weak feed') },
				},
			],
			asks: ['How much salt is that in mg?', 'How many mg of salt does it get?'],
			start: '<n> mL',
			facts: ['<d> g = 1 L'],
			want: 'mg',
			line: ['1 L / 1000 mL', '<d> g / 1 L', '1000 mg / 1 g'],
		},
		{
			level: 3,
			things: [
				{
					says: 'A drift holds {<n> m³|start} of snow; the core shows {<d> g|fact} in {1 cm³|fact}.',
					draw: { n: between('11.3', '98.7', 'a drift'), d: between('0.21', '0.38', 'old snow') },
				},
				{
					says: 'On the roof lie {<n> m³|start} of snow, {<d> g|fact} to each {1 cm³|fact}.',
					draw: { n: between('3.13', '18.7', 'snow on a roof'), d: between('0.11', '0.28', 'snow') },
				},
			],
			asks: ['What is its mass in kg?', 'How many kg of snow is that?'],
			start: '<n> m^3',
			facts: ['<d> g = 1 cm^3'],
			want: 'kg',
			line: ['(100 cm / 1 m) ^ 3', '<d> g / 1 cm^3', '1 kg / 1000 g'],
		},
		{
			level: 3,
			things: [
				{
					says: 'A can of oil weighs {<n> lb|start} without the tin; the oil has {<d> g|fact} in {1 mL|fact}.',
					draw: { n: between('3.13', '9.87', 'a can'), d: between('0.85', '0.92', 'oil') },
				},
				{
					says: 'The heater takes {<n> lb|start} of fuel a day, and the fuel has {<d> g|fact} to {1 mL|fact}.',
					draw: { n: between('8.13', '19.87', 'a day of heating'), d: between('0.82', '0.86', 'fuel') },
				},
			],
			asks: ['How many litres is that?', 'What is that in L?'],
			start: '<n> lb',
			facts: ['<d> g = 1 mL'],
			want: 'L',
			line: ['453.59237 g / 1 lb', '1 mL / <d> g', '1 L / 1000 mL'],
		},
	],
};
