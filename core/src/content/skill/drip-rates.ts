import { between, oneOf } from '../../exercise/draws';
import type { Skill } from './skill';

/** Drops in a minute from a volume in a time. */
export const dripRates: Skill = {
	skill: 'drip-rates',
	title: 'Drip rates',
	letter: 'n',
	about: 'Find the drops each minute from a volume, a time, and the drops in a millilitre.',
	watch: 'Two quantities make the start: the volume over the time. Drops to the millilitre are a factor.',
	slips: ['flipped-factor', 'skipped-factor', 'bracket-missed', 'wrong-start'],
	scenes: [
		{
			level: 1,
			draw: { v: between('113', '987'), t: between('113', '287'), k: oneOf('15', '20', '60') },
			says: [
				'The line is to give {<v> mL in <t> min|start}, at {<k> drops|fact} to {1 mL|fact}.',
				'The vine is to get {<v> mL in <t> min|start}; the drip gives {<k> drops|fact} for {1 mL|fact}.',
			],
			asks: [
				'How many drops a minute is that, to the nearest drop?',
				'Set the drip: how many drops/min, to the nearest whole one?',
			],
			start: '<v> mL in <t> min',
			facts: ['<k> drop = 1 mL exact'],
			want: 'drop/min',
			line: ['<k> drop / 1 mL'],
			rounding: { place: 0 },
		},
		{
			level: 2,
			draw: { v: between('113', '987'), t: between('2.25', '7.75'), k: oneOf('15', '20', '60') },
			says: [
				'The tray is to get {<v> mL in <t> h|start}, with {<k> drops|fact} to {1 mL|fact}.',
				'The sick dog is given {<v> mL in <t> h|start}; the set gives {<k> drops|fact} for {1 mL|fact}.',
			],
			asks: [
				'How many drops a minute is that, to the nearest drop?',
				'Set the drip: how many drops/min, to the nearest whole one?',
			],
			start: '<v> mL in <t> h',
			facts: ['<k> drop = 1 mL exact'],
			want: 'drop/min',
			line: ['<k> drop / 1 mL', '1 h / 60 min'],
			rounding: { place: 0 },
		},
		{
			level: 3,
			draw: { v: between('1.13', '2.87'), t: between('2.25', '7.75'), k: oneOf('15', '20', '60') },
			says: [
				'The bed gets {<v> L in <t> h|start} through one dripper, {<k> drops|fact} to {1 mL|fact}.',
				'A larch is to have {<v> L in <t> h|start}. The dripper makes {<k> drops|fact} out of {1 mL|fact}.',
			],
			asks: [
				'How many drops a minute is that, to the nearest drop?',
				'Set the drip: how many drops/min, to the nearest whole one?',
			],
			start: '<v> L in <t> h',
			facts: ['<k> drop = 1 mL exact'],
			want: 'drop/min',
			line: ['1000 mL / 1 L', '<k> drop / 1 mL', '1 h / 60 min'],
			rounding: { place: 0 },
		},
	],
};
