import { between, followed, oneOf } from '../../exercise/draws';
import type { Skill } from './skill';

function asks(units: string): readonly string[] {
	return [`What is that in ${units}?`, `Write it in ${units}.`, `The list wants ${units}. What stands there?`];
}

/** A decimal of one unit as whole parts of several. */
export const intoParts: Skill = {
	skill: 'into-parts',
	title: 'A decimal into parts',
	letter: 'c',
	about: 'Write a decimal as whole parts and a remainder: feet and inches, hours and minutes.',
	watch: 'The digits after the point are tenths of the larger unit, not a number of the smaller one.',
	slips: ['decimal-as-parts', 'whole-included', 'wrong-number'],
	scenes: [
		{
			level: 1,
			things: [
				{
					says: 'The plan asks for {<n> ft|start} of batten.',
					draw: { n: followed(between('12', '98', 'battens for a wall'), '.25', '.5', '.75') },
				},
				{
					says: 'The rope is {<n> ft|start} long.',
					draw: { n: followed(between('22', '98', 'a rope'), '.25', '.5', '.75') },
				},
			],
			asks: asks('ft and in'),
			start: '<n> ft',
			want: { mixed: ['ft', 'in'] },
		},
		{
			level: 1,
			things: [
				{
					says: 'The lamps burn {<n> h|start} a day in the dark months.',
					draw: { n: followed(between('5', '15', 'a day of lamps'), '.25', '.5', '.75', '.1', '.2', '.4', '.7') },
				},
				{
					says: 'The trip to the pass takes {<n> h|start}.',
					draw: { n: followed(between('2', '7', 'a day trip'), '.25', '.5', '.75', '.1', '.2', '.4', '.7') },
				},
			],
			asks: asks('h and min'),
			start: '<n> h',
			want: { mixed: ['h', 'min'] },
		},
		{
			level: 2,
			things: [
				{
					says: 'The scale of the sled shed shows {<n> lb|start}.',
					draw: { n: followed(between('12', '98', 'a load'), '.125', '.375', '.625', '.875') },
				},
				{
					says: 'A crate of comb weighs {<n> lb|start}.',
					draw: { n: followed(between('12', '28', 'a crate one can lift'), '.125', '.375', '.625', '.875') },
				},
			],
			asks: asks('lb and oz'),
			start: '<n> lb',
			want: { mixed: ['lb', 'oz'] },
		},
		{
			level: 2,
			things: [
				{
					says: 'The kiln was open for {<n> min|start}.',
					draw: { n: between('2.05', '8.95', 'a look into the kiln') },
				},
				{
					says: 'The balloon was in sight for {<n> min|start}.',
					draw: { n: between('12.05', '58.95', 'a balloon on a clear day') },
				},
			],
			asks: asks('min and s'),
			start: '<n> min',
			want: { mixed: ['min', 's'] },
		},
		{
			level: 3,
			things: [
				{
					says: 'The wall of the hut measures {<n> ft|start}.',
					draw: { n: between('13.11', '27.89', 'a wall of a hut') },
				},
				{ says: 'The clothes line spans {<n> ft|start}.', draw: { n: between('13.11', '37.89', 'a line') } },
			],
			asks: ['What is that in ft and in, to the nearest inch?', 'Write it in ft and in, to the nearest whole inch.'],
			start: '<n> ft',
			want: { mixed: ['ft', 'in'] },
			rounding: { place: 0 },
		},
		{
			level: 3,
			things: [
				{
					says: 'The snow lay {<n> d|start}.',
					draw: { n: followed(between('2', '31', 'days of snow'), '.15', '.35', '.55', '.65', '.85', '.95') },
				},
				{
					says: 'The bees kept in for {<n> d|start}.',
					draw: { n: followed(between('2', '21', 'cold days'), '.15', '.35', '.55', '.65', '.85', '.95') },
				},
			],
			asks: asks('d, h and min'),
			start: '<n> d',
			want: { mixed: ['d', 'h', 'min'] },
		},
		{
			level: 3,
			things: [
				{
					says: 'The ridge stands at {<n>°|start} on the dial.',
					draw: {
						n: followed(
							oneOf('a bearing', '46', '47', '51', '12', '8', '7', '33', '63'),
							'.15',
							'.35',
							'.55',
							'.65',
							'.85',
							'.7',
							'.45',
							'.05',
						),
					},
				},
				{
					says: 'The sun was at {<n>°|start} above the mast.',
					draw: {
						n: followed(
							oneOf('the height of the sun', '46', '47', '51', '12', '8', '7', '33', '63'),
							'.15',
							'.35',
							'.55',
							'.65',
							'.85',
							'.7',
							'.45',
							'.05',
						),
					},
				},
			],
			asks: asks('degrees and minutes'),
			start: '<n> °',
			want: { mixed: ['°', '′'] },
		},
	],
};
