import { between } from '../../exercise/draws';
import type { Skill } from './skill';

function asks(count: string): readonly string[] {
	return [
		`Round it to ${count} significant figures.`,
		`Write it with ${count} significant figures.`,
		`The log takes ${count} significant figures. What is written there?`,
	];
}

/** Rounding to a count of figures, with what comes of a carry and of zeros that do not show. */
export const roundingFigures: Skill = {
	skill: 'rounding-figures',
	title: 'Rounding to figures',
	letter: '2',
	about: 'Round a number to a given number of significant figures.',
	watch: 'Count from the first figure that is not 0. The next digit decides whether you round up.',
	slips: ['truncated', 'digits-many', 'digits-few', 'zeros-unclear'],
	scenes: [
		{
			level: 1,
			things: [
				{
					says: 'The balance in the seed store shows {<n> g|start}.',
					draw: { n: between('10.113', '98.987', 'a handful of seed') },
				},
				{
					says: 'The wax left in the mould has {<n> g|start}.',
					draw: { n: between('10.113', '98.987', 'a candle end') },
				},
			],
			asks: asks('three'),
			start: '<n> g',
			want: 'g',
			rounding: { significant: 3 },
		},
		{
			level: 1,
			things: [
				{ says: 'The mast records a breeze of {<n> m/s|start}.', draw: { n: between('1.1013', '9.8987', 'a breeze') } },
				{
					says: 'The sled made {<n> m/s|start} on the last stretch.',
					draw: { n: between('2.1013', '8.8987', 'a sled') },
				},
			],
			asks: asks('two'),
			start: '<n> m/s',
			want: 'm/s',
			rounding: { significant: 2 },
		},
		{
			level: 2,
			things: [
				{
					says: 'A bee carries {<n> g|start} of nectar.',
					draw: { n: between('0.020113', '0.068987', 'what a bee can carry') },
				},
				{ says: 'A seed of the tray has {<n> g|start}.', draw: { n: between('0.010113', '0.098987', 'a seed') } },
			],
			asks: asks('three'),
			start: '<n> g',
			want: 'g',
			rounding: { significant: 3 },
		},
		{
			level: 2,
			things: [
				{ says: 'The spring gives {<n> L|start} in a day.', draw: { n: between('10113', '98987', 'a spring') } },
				{
					says: 'In a month the station uses {<n> L|start} of water.',
					draw: { n: between('10113', '58987', 'a household of some people') },
				},
			],
			asks: asks('three'),
			start: '<n> L',
			want: 'L',
			rounding: { significant: 3 },
		},
		{
			level: 3,
			things: [
				{
					says: 'The snow stake moved {<n> cm|start} in the night.',
					draw: { n: between('9.9511', '9.9989', 'just under ten, so that it carries') },
				},
				{
					says: 'The larch grew {<n> cm|start} in a year.',
					draw: { n: between('9.9511', '9.9989', 'just under ten, so that it carries') },
				},
			],
			asks: asks('two'),
			start: '<n> cm',
			want: 'cm',
			rounding: { significant: 2 },
		},
		{
			level: 3,
			things: [
				{ says: 'The film of oil is {<n> mm|start} thick.', draw: { n: between('0.0039511', '0.0079989', 'a film') } },
				{
					says: 'The foil of the balloon is {<n> mm|start} thick.',
					draw: { n: between('0.0059511', '0.0189989', 'a thin foil') },
				},
			],
			asks: asks('two'),
			start: '<n> mm',
			want: 'mm',
			rounding: { significant: 2 },
		},
		{
			level: 3,
			things: [
				{
					says: 'The bees of all hives together fly {<n> km|start} in a summer.',
					draw: { n: between('195113', '799989', 'many bees, many flights') },
				},
				{
					says: 'The old meter of the snow cat stands at {<n> km|start}.',
					draw: { n: between('105113', '299989', 'an old machine') },
				},
			],
			asks: asks('two'),
			start: '<n> km',
			want: 'km',
			rounding: { significant: 2 },
		},
	],
};
