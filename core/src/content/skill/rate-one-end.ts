import { between } from '../../exercise/draws';
import type { Skill } from './skill';

/** A rate of which one end changes and the other is left alone. */
export const rateOneEnd: Skill = {
	skill: 'rate-one-end',
	title: 'A rate, one end',
	letter: 'e',
	about: 'Change the top unit or the bottom unit, and leave the other one alone.',
	watch: 'A unit on the bottom needs a factor with that unit on top.',
	slips: ['flipped-factor', 'wrong-number', 'prefix-sign'],
	scenes: [
		{
			level: 1,
			things: [
				{
					says: 'A drip line in the glasshouse gives {<n> mL/min|start}.',
					draw: { n: between('11.3', '58.7', 'a drip line') },
				},
				{
					says: 'Sap runs from the birch at {<n> mL/min|start}.',
					draw: { n: between('1.13', '9.87', 'sap in spring') },
				},
			],
			start: '<n> mL/min',
			want: 'L/min',
			line: ['1 L / 1000 mL'],
		},
		{
			level: 1,
			things: [
				{
					says: 'The pressure in the boiler climbs {<n> kPa/min|start}.',
					draw: { n: between('1.13', '9.87', 'a boiler being fired') },
				},
				{
					says: 'The hand pump raises the pressure by {<n> kPa/min|start}.',
					draw: { n: between('11.3', '48.7', 'a hand pump') },
				},
			],
			start: '<n> kPa/min',
			want: 'Pa/min',
			line: ['1000 Pa / 1 kPa'],
		},
		{
			level: 2,
			things: [
				{ says: 'The spring runs at {<n> L/min|start}.', draw: { n: between('3.13', '38.7', 'a spring') } },
				{ says: 'The pump of the pond moves {<n> L/min|start}.', draw: { n: between('11.3', '58.7', 'a pond pump') } },
			],
			start: '<n> L/min',
			want: 'L/h',
			line: ['60 min / 1 h'],
		},
		{
			level: 2,
			things: [
				{ says: 'The sled train goes {<n> km/h|start} on the flat.', draw: { n: between('11.3', '24.7', 'a sled') } },
				{ says: 'The gust at the mast is {<n> km/h|start}.', draw: { n: between('41.3', '118.7', 'a gust') } },
			],
			start: '<n> km/h',
			want: 'km/min',
			line: ['1 h / 60 min'],
		},
		{
			level: 3,
			things: [
				{
					says: 'The wheel of the anemometer turns {<n> rev/min|start}.',
					draw: { n: between('31.3', '298.7', 'a wheel in the wind') },
				},
				{ says: 'The fan of the dryer turns {<n> rev/min|start}.', draw: { n: between('313', '987', 'a fan') } },
			],
			start: '<n> rev/min',
			want: 'rev/d',
			line: ['60 min / 1 h', '24 h / 1 d'],
		},
		{
			level: 3,
			things: [
				{ says: 'Ice on the pond thickens by {<n> m/wk|start}.', draw: { n: between('0.0313', '0.0987', 'pond ice') } },
				{
					says: 'The glacier of the far valley moves {<n> m/wk|start}.',
					draw: { n: between('0.313', '2.87', 'a glacier') },
				},
			],
			start: '<n> m/wk',
			want: 'm/h',
			line: ['1 wk / 7 d', '1 d / 24 h'],
		},
		{
			level: 3,
			things: [
				{ says: 'A lump of ore from the ridge has {<n> g/cm³|start}.', draw: { n: between('3.13', '5.87', 'ore') } },
				{ says: 'A pebble from the brook has {<n> g/cm³|start}.', draw: { n: between('2.53', '2.87', 'stone') } },
			],
			start: '<n> g/cm^3',
			want: 'g/m^3',
			line: ['(100 cm / 1 m) ^ 3'],
		},
	],
};
