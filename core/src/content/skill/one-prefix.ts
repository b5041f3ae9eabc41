import { between, followed } from '../../exercise/draws';
import type { Skill } from './skill';

/** One prefix put on or taken off. */
export const onePrefix: Skill = {
	skill: 'one-prefix',
	title: 'One prefix',
	letter: '6',
	about: 'Take a prefix off a unit, or put one on.',
	watch: 'The 1 goes with the prefixed unit, the power of ten with the base unit.',
	slips: ['prefix-sign', 'flipped-factor', 'place-slip', 'wrong-number'],
	scenes: [
		{
			level: 1,
			things: [
				{
					says: 'The sled route to the spring is {<n> km|start} long.',
					draw: { n: between('1.11', '9.89', 'a sled route') },
				},
				{ says: 'The marked trail runs over {<n> km|start}.', draw: { n: between('1.11', '9.89', 'a trail') } },
			],
			start: '<n> km',
			want: 'm',
			line: ['1000 m / 1 km'],
		},
		{
			level: 1,
			things: [
				{ says: 'A jar is filled with {<n> kg|start} of honey.', draw: { n: between('0.211', '0.989', 'a jar') } },
				{ says: 'The loaf for the ridge weighs {<n> kg|start}.', draw: { n: between('0.511', '0.989', 'a loaf') } },
			],
			start: '<n> kg',
			want: 'g',
			line: ['1000 g / 1 kg'],
		},
		{
			level: 1,
			things: [
				{ says: 'The cup of nutrient solution holds {<n> mL|start}.', draw: { n: between('113', '387', 'a cup') } },
				{ says: 'The rain gauge was emptied of {<n> mL|start}.', draw: { n: between('113', '987', 'a rain gauge') } },
			],
			start: '<n> mL',
			want: 'L',
			line: ['1 L / 1000 mL'],
		},
		{
			level: 2,
			things: [
				{ says: 'The snow on the board is {<n> cm|start} deep.', draw: { n: between('11.3', '58.7', 'new snow') } },
				{ says: 'A seedling has grown to {<n> cm|start}.', draw: { n: between('5.3', '18.7', 'a seedling') } },
			],
			start: '<n> cm',
			want: 'm',
			line: ['1 m / 100 cm'],
		},
		{
			level: 2,
			things: [
				{ says: 'The sensor on the mast draws {<n> A|start}.', draw: { n: between('0.013', '0.087', 'a sensor') } },
				{ says: 'The pump takes {<n> A|start} at the start.', draw: { n: between('0.613', '0.987', 'a small pump') } },
			],
			start: '<n> A',
			want: 'mA',
			line: ['1 mA / 10^-3 A'],
		},
		{
			level: 2,
			things: [
				{
					says: 'The heater of the glasshouse takes {<n> kW|start}.',
					draw: { n: between('1.13', '9.87', 'a heater') },
				},
				{ says: 'The saw in the workshop takes {<n> kW|start}.', draw: { n: between('1.13', '2.87', 'a saw') } },
			],
			start: '<n> kW',
			want: 'W',
			line: ['1000 W / 1 kW'],
		},
		{
			level: 3,
			things: [
				{ says: 'A hair of the sled dog is {<n> mm|start} thick.', draw: { n: between('0.0313', '0.0987', 'a hair') } },
				{
					says: 'A grain of dust on the filter measures {<n> mm|start}.',
					draw: { n: between('0.0113', '0.0987', 'dust') },
				},
			],
			start: '<n> mm',
			want: 'm',
			line: ['10^-3 m / 1 mm'],
		},
		{
			level: 3,
			things: [
				{
					says: 'The light on the bench has a wavelength of {<n> m|start}.',
					draw: { n: followed(between('4.13', '6.87', 'light one can see'), 'e-7') },
				},
				{
					says: 'A bubble in the syrup is {<n> m|start} wide.',
					draw: { n: followed(between('1.13', '9.87', 'a tiny bubble'), 'e-6') },
				},
			],
			start: '<n> m',
			want: 'nm',
			line: ['1 nm / 10^-9 m'],
		},
		{
			level: 3,
			things: [
				{
					says: 'The radio of the hut sends at {<n> MHz|start}.',
					draw: { n: between('118.3', '168.7', 'a radio for speech') },
				},
				{
					says: 'The weather balloon answers at {<n> MHz|start}.',
					draw: { n: between('400.3', '405.7', 'the band of weather balloons') },
				},
			],
			start: '<n> MHz',
			want: 'Hz',
			line: ['10^6 Hz / 1 MHz'],
		},
	],
};
