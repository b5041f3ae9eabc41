import { between } from '../../exercise/draws';
import type { Skill } from './skill';

/** A rate of which one end changes and the other is left alone. */
export const rateOneEnd: Skill = {
	skill: 'rate-one-end',
	title: 'A rate, one end',
	letter: 'e',
	about: 'Change the unit above or the unit below, and leave the other alone.',
	watch: 'A unit on the bottom cancels one on the top: there the factor stands the other way up.',
	slips: ['flipped-factor', 'wrong-number', 'prefix-sign'],
	scenes: [
		{
			level: 1,
			draw: { n: between('11.3', '98.7') },
			says: [
				'A drip line in the glasshouse gives {<n> mL/min|start}.',
				'Sap runs from the birch at {<n> mL/min|start}.',
			],
			start: '<n> mL/min',
			want: 'L/min',
			line: ['1 L / 1000 mL'],
		},
		{
			level: 1,
			draw: { n: between('1.13', '9.87') },
			says: [
				'The pressure in the boiler climbs {<n> kPa/min|start}.',
				'Before the storm the gauge fell {<n> kPa/min|start}.',
			],
			start: '<n> kPa/min',
			want: 'Pa/min',
			line: ['1000 Pa / 1 kPa'],
		},
		{
			level: 2,
			draw: { n: between('1.13', '98.7') },
			says: ['The spring runs at {<n> L/min|start}.', 'The pump of the pond moves {<n> L/min|start}.'],
			start: '<n> L/min',
			want: 'L/h',
			line: ['60 min / 1 h'],
		},
		{
			level: 2,
			draw: { n: between('11.3', '98.7') },
			says: ['The sled train goes {<n> km/h|start} on the flat.', 'The gust at the mast is {<n> km/h|start}.'],
			start: '<n> km/h',
			want: 'km/min',
			line: ['1 h / 60 min'],
		},
		{
			level: 3,
			draw: { n: between('11.3', '98.7') },
			says: [
				'The wheel of the anemometer turns {<n> rev/min|start}.',
				'The fan of the dryer turns {<n> rev/min|start}.',
			],
			start: '<n> rev/min',
			want: 'rev/d',
			line: ['60 min / 1 h', '24 h / 1 d'],
		},
		{
			level: 3,
			draw: { n: between('0.113', '0.987') },
			says: ['Ice on the pond thickens by {<n> m/wk|start}.', 'The glacier of the far valley moves {<n> m/wk|start}.'],
			start: '<n> m/wk',
			want: 'm/h',
			line: ['1 wk / 7 d', '1 d / 24 h'],
		},
		{
			level: 3,
			draw: { n: between('1.13', '9.87') },
			says: [
				'A lump of ore from the ridge has {<n> g/cm³|start}.',
				'The shot in the ballast bag has {<n> g/cm³|start}.',
			],
			start: '<n> g/cm^3',
			want: 'g/m^3',
			line: ['(100 cm / 1 m) ^ 3'],
		},
	],
};
