import { between } from '../../exercise/draws';
import type { Skill } from './skill';

/** Rounding to a place: tenths, hundredths, tens. */
export const roundingPlaces: Skill = {
	skill: 'rounding-places',
	title: 'Rounding to a place',
	letter: '3',
	about: 'Round a number to the nearest tenth, hundredth or ten.',
	watch: 'A decimal place is not a number of figures. 0.04 to the nearest tenth is 0.0.',
	slips: ['truncated', 'digits-many', 'digits-few'],
	scenes: [
		{
			level: 1,
			things: [
				{
					says: 'A branch of the old pine measures {<n> cm|start}.',
					draw: { n: between('10.113', '98.987', 'a branch') },
				},
				{ says: 'Snow on the board stands at {<n> cm|start}.', draw: { n: between('10.113', '48.987', 'new snow') } },
			],
			asks: ['Round it to the nearest tenth.', 'Write it with one decimal.', 'What is that to the nearest tenth?'],
			start: '<n> cm',
			want: 'cm',
			rounding: { place: -1 },
		},
		{
			level: 1,
			things: [
				{
					says: 'A crate of jars weighs {<n> kg|start}.',
					draw: { n: between('8.13', '18.87', 'a crate one can lift') },
				},
				{ says: 'The dog on the scale has {<n> kg|start}.', draw: { n: between('18.13', '38.87', 'a sled dog') } },
			],
			asks: ['Round it to the nearest whole kilogram.', 'What is that to the nearest kilogram?'],
			start: '<n> kg',
			want: 'kg',
			rounding: { place: 0 },
		},
		{
			level: 2,
			things: [
				{
					says: 'The drip line gives {<n> mL|start} a minute.',
					draw: { n: between('1.1003', '38.9967', 'a drip line') },
				},
				{ says: 'The syringe is filled to {<n> mL|start}.', draw: { n: between('1.1003', '9.9967', 'a syringe') } },
			],
			asks: ['Round it to two decimals.', 'What is that to the nearest hundredth?', 'Write it with two decimals.'],
			start: '<n> mL',
			want: 'mL',
			rounding: { place: -2 },
		},
		{
			level: 2,
			things: [
				{ says: 'The hut stands {<n> m|start} above the station.', draw: { n: between('113.7', '787.3', 'a climb') } },
				{ says: 'The cable is {<n> m|start} long.', draw: { n: between('113.7', '987.3', 'a cable') } },
			],
			asks: ['Round it to the nearest ten metres.', 'What is that to the nearest ten?'],
			start: '<n> m',
			want: 'm',
			rounding: { place: 1 },
		},
		{
			level: 3,
			things: [
				{
					says: 'The lens of the old lamp is {<n> mm|start} thick.',
					draw: { n: between('3.9511', '7.9989', 'a lens') },
				},
				{ says: 'The wick stands out by {<n> mm|start}.', draw: { n: between('3.9511', '7.9989', 'a wick') } },
			],
			asks: ['Round it to the nearest tenth.', 'Write it with one decimal.'],
			start: '<n> mm',
			want: 'mm',
			rounding: { place: -1 },
		},
		{
			level: 3,
			things: [
				{
					says: 'The frost went {<n> m|start} into the ground.',
					draw: { n: between('0.1111', '0.9489', 'frost in the ground') },
				},
				{
					says: 'The valve opens by {<n> m|start}.',
					draw: { n: between('0.0111', '0.0489', 'less than half a tenth') },
				},
			],
			asks: ['Round it to the nearest tenth of a metre.', 'What is that to one decimal?'],
			start: '<n> m',
			want: 'm',
			rounding: { place: -1 },
		},
		{
			level: 3,
			things: [
				{ says: 'The balloon burst at {<n> m|start}.', draw: { n: between('11113', '29987', 'where balloons burst') } },
				{
					says: 'From the mast one sees a ridge {<n> m|start} away.',
					draw: { n: between('1113', '9987', 'the next ridges') },
				},
			],
			asks: ['Round it to the nearest hundred metres.', 'What is that to the nearest hundred?'],
			start: '<n> m',
			want: 'm',
			rounding: { place: 2 },
		},
	],
};
