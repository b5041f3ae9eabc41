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
	about: 'Round a number to so many significant figures, once.',
	watch: 'Count from the first figure that is not 0. The next one decides, and what is rounded away is not cut.',
	slips: ['truncated', 'digits-many', 'digits-few', 'zeros-unclear'],
	scenes: [
		{
			level: 1,
			draw: { n: between('10.113', '98.987') },
			says: ['The balance in the seed store shows {<n> g|start}.', 'The wax left in the mould has {<n> g|start}.'],
			asks: asks('three'),
			start: '<n> g',
			want: 'g',
			rounding: { significant: 3 },
		},
		{
			level: 1,
			draw: { n: between('1.1013', '9.8987') },
			says: ['The mast records a gust of {<n> m/s|start}.', 'The sled made {<n> m/s|start} on the last stretch.'],
			asks: asks('two'),
			start: '<n> m/s',
			want: 'm/s',
			rounding: { significant: 2 },
		},
		{
			level: 2,
			draw: { n: between('0.010113', '0.098987') },
			says: ['A bee carries {<n> g|start} of nectar.', 'A seed of the tray has {<n> g|start}.'],
			asks: asks('three'),
			start: '<n> g',
			want: 'g',
			rounding: { significant: 3 },
		},
		{
			level: 2,
			draw: { n: between('10113', '98987') },
			says: ['The spring gives {<n> L|start} in a month.', 'The lamps used {<n> L|start} of oil in the old days.'],
			asks: asks('three'),
			start: '<n> L',
			want: 'L',
			rounding: { significant: 3 },
		},
		{
			level: 3,
			draw: { n: between('9.9511', '9.9989') },
			says: ['The snow stake moved {<n> cm|start} in the night.', 'The trunk grew {<n> cm|start} in a year.'],
			asks: asks('two'),
			start: '<n> cm',
			want: 'cm',
			rounding: { significant: 2 },
		},
		{
			level: 3,
			draw: { n: between('0.0039511', '0.0079989') },
			says: ['The film of oil is {<n> mm|start} thick.', 'The hair of the hygrometer is {<n> mm|start} wide.'],
			asks: asks('two'),
			start: '<n> mm',
			want: 'mm',
			rounding: { significant: 2 },
		},
		{
			level: 3,
			draw: { n: between('195113', '799989') },
			says: [
				'The bees of all hives together fly {<n> km|start} in a summer.',
				'The old meter stands at {<n> km|start}.',
			],
			asks: asks('two'),
			start: '<n> km',
			want: 'km',
			rounding: { significant: 2 },
		},
	],
};
