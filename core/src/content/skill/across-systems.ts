import { between } from '../../exercise/draws';
import type { Skill } from './skill';

/** Between customary and metric units, over one of the facts that join them. */
export const acrossSystems: Skill = {
	skill: 'across-systems',
	title: 'Across systems',
	letter: 'a',
	about: 'Go from customary to metric units or back.',
	watch: 'First choose one fact that links the two systems. Then see what else must change.',
	slips: ['flipped-factor', 'skipped-factor', 'wrong-number', 'rounded-early'],
	scenes: [
		{
			level: 1,
			things: [
				{ says: 'A nail for the hut is {<n> in|start} long.', draw: { n: between('1.25', '5.75', 'a nail') } },
				{ says: 'The pipe from the spring is {<n> in|start} wide.', draw: { n: between('1.25', '4.75', 'a pipe') } },
			],
			start: '<n> in',
			want: 'cm',
			line: ['2.54 cm / 1 in'],
		},
		{
			level: 1,
			things: [
				{
					says: 'The needle of the old gauge moved {<n> cm|start}.',
					draw: { n: between('1.13', '8.87', 'a gauge one can hold') },
				},
				{ says: 'A candle is {<n> cm|start} tall.', draw: { n: between('11.3', '28.7', 'a candle') } },
			],
			start: '<n> cm',
			want: 'in',
			line: ['1 in / 2.54 cm'],
		},
		{
			level: 1,
			things: [
				{ says: 'A visitor walked {<n> mi|start} to the station.', draw: { n: between('2.13', '9.87', 'a walk') } },
				{
					says: 'The old map gives {<n> mi|start} to the pass.',
					draw: { n: between('1.13', '9.87', 'the next pass') },
				},
			],
			start: '<n> mi',
			want: 'km',
			line: ['1.609344 km / 1 mi'],
		},
		{
			level: 2,
			things: [
				{ says: 'A sack of oats weighs {<n> lb|start}.', draw: { n: between('11.3', '48.7', 'a sack one can lift') } },
				{ says: 'The sled carries {<n> lb|start} of rope.', draw: { n: between('8.13', '28.7', 'a coil of rope') } },
			],
			start: '<n> lb',
			want: 'kg',
			line: ['453.59237 g / 1 lb', '1 kg / 1000 g'],
		},
		{
			level: 2,
			things: [
				{ says: 'The new snow is {<n> mm|start} deep.', draw: { n: between('41.3', '298.7', 'new snow') } },
				{ says: 'The bolt of the mast is {<n> mm|start} long.', draw: { n: between('81.3', '198.7', 'a bolt') } },
			],
			start: '<n> mm',
			want: 'in',
			line: ['1 cm / 10 mm', '1 in / 2.54 cm'],
		},
		{
			level: 2,
			things: [
				{
					says: 'The paint for the hives is {<n> gal|start}.',
					draw: { n: between('1.13', '2.87', 'some cans of paint') },
				},
				{ says: 'The watering can has {<n> gal|start} in it.', draw: { n: between('1.13', '2.87', 'a watering can') } },
			],
			start: '<n> gal',
			want: 'mL',
			line: ['3.785411784 L / 1 gal', '1000 mL / 1 L'],
		},
		{
			level: 3,
			things: [
				{ says: 'The rope to the first ledge is {<n> ft|start} long.', draw: { n: between('31.3', '98.7', 'a rope') } },
				{ says: 'The mast stands {<n> ft|start} high.', draw: { n: between('31.3', '98.7', 'a mast') } },
			],
			start: '<n> ft',
			want: 'm',
			line: ['12 in / 1 ft', '2.54 cm / 1 in', '1 m / 100 cm'],
		},
		{
			level: 3,
			things: [
				{ says: 'A tin of wax weighs {<n> g|start}.', draw: { n: between('113', '487', 'a tin') } },
				{
					says: 'The radio of the balloon weighs {<n> g|start}.',
					draw: { n: between('83.1', '248.7', 'what a balloon can lift') },
				},
			],
			start: '<n> g',
			want: 'oz',
			line: ['1 lb / 453.59237 g', '16 oz / 1 lb'],
		},
		{
			level: 3,
			things: [
				{
					says: 'The ski track round the ridge is {<n> km|start} long.',
					draw: { n: between('3.13', '9.87', 'a track') },
				},
				{ says: 'One sees {<n> km|start} far today.', draw: { n: between('1.13', '9.87', 'haze') } },
			],
			start: '<n> km',
			want: 'ft',
			line: ['1 mi / 1.609344 km', '5280 ft / 1 mi'],
		},
	],
};
