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
	watch: 'The digits after the point are tenths of the larger unit, not so many of the smaller one.',
	slips: ['decimal-as-parts', 'whole-included', 'wrong-number'],
	scenes: [
		{
			level: 1,
			draw: { n: followed(between('2', '98'), '.25', '.5', '.75') },
			says: ['The plan asks for {<n> ft|start} of batten.', 'The rope is {<n> ft|start} long.'],
			asks: asks('ft and in'),
			start: '<n> ft',
			want: { mixed: ['ft', 'in'] },
		},
		{
			level: 1,
			draw: { n: followed(between('2', '23'), '.25', '.5', '.75', '.1', '.2', '.4', '.7') },
			says: ['The lamps burn {<n> h|start} in the dark months.', 'The trip to the pass takes {<n> h|start}.'],
			asks: asks('h and min'),
			start: '<n> h',
			want: { mixed: ['h', 'min'] },
		},
		{
			level: 2,
			draw: { n: followed(between('2', '98'), '.125', '.375', '.625', '.875') },
			says: ['The scale of the sled shed shows {<n> lb|start}.', 'A crate of comb weighs {<n> lb|start}.'],
			asks: asks('lb and oz'),
			start: '<n> lb',
			want: { mixed: ['lb', 'oz'] },
		},
		{
			level: 2,
			draw: { n: between('2.05', '58.95') },
			says: ['The kiln holds its heat for {<n> min|start}.', 'The balloon was in sight for {<n> min|start}.'],
			asks: asks('min and s'),
			start: '<n> min',
			want: { mixed: ['min', 's'] },
		},
		{
			level: 3,
			draw: { n: between('3.11', '97.89') },
			says: ['The wall of the hut measures {<n> ft|start}.', 'The clothes line spans {<n> ft|start}.'],
			asks: ['What is that in ft and in, to the nearest inch?', 'Write it in ft and in, to the nearest whole inch.'],
			start: '<n> ft',
			want: { mixed: ['ft', 'in'] },
			rounding: { place: 0 },
		},
		{
			level: 3,
			draw: { n: followed(between('2', '31'), '.15', '.35', '.55', '.65', '.85', '.95') },
			says: ['The snow lay {<n> d|start}.', 'The bees kept in for {<n> d|start}.'],
			asks: asks('d, h and min'),
			start: '<n> d',
			want: { mixed: ['d', 'h', 'min'] },
		},
		{
			level: 3,
			draw: {
				n: followed(
					oneOf('46', '47', '51', '12', '8', '7', '33', '63'),
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
			says: ['The ridge stands at {<n>°|start} on the dial.', 'The sun was at {<n>°|start} above the mast.'],
			asks: asks('degrees and minutes'),
			start: '<n> °',
			want: { mixed: ['°', '′'] },
		},
	],
};
