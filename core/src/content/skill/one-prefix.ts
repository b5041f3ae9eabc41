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
			draw: { n: between('1.11', '9.89') },
			says: ['The sled route to the spring is {<n> km|start} long.', 'The kite string runs out over {<n> km|start}.'],
			start: '<n> km',
			want: 'm',
			line: ['1000 m / 1 km'],
		},
		{
			level: 1,
			draw: { n: between('0.211', '0.989') },
			says: ['A jar is filled with {<n> kg|start} of honey.', 'The loaf for the ridge weighs {<n> kg|start}.'],
			start: '<n> kg',
			want: 'g',
			line: ['1000 g / 1 kg'],
		},
		{
			level: 1,
			draw: { n: between('113', '987') },
			says: ['The cup of nutrient solution holds {<n> mL|start}.', 'The rain gauge was emptied of {<n> mL|start}.'],
			start: '<n> mL',
			want: 'L',
			line: ['1 L / 1000 mL'],
		},
		{
			level: 2,
			draw: { n: between('11.3', '98.7') },
			says: ['The snow on the board is {<n> cm|start} deep.', 'A seedling has grown to {<n> cm|start}.'],
			start: '<n> cm',
			want: 'm',
			line: ['1 m / 100 cm'],
		},
		{
			level: 2,
			draw: { n: between('0.113', '0.987') },
			says: ['The sensor on the mast draws {<n> A|start}.', 'The pump takes {<n> A|start} at the start.'],
			start: '<n> A',
			want: 'mA',
			line: ['1 mA / 10^-3 A'],
		},
		{
			level: 2,
			draw: { n: between('1.13', '9.87') },
			says: ['The heater of the glasshouse takes {<n> kW|start}.', 'The saw in the workshop takes {<n> kW|start}.'],
			start: '<n> kW',
			want: 'W',
			line: ['1000 W / 1 kW'],
		},
		{
			level: 3,
			draw: { n: between('0.0113', '0.0987') },
			says: [
				'A hair of the sled dog is {<n> mm|start} thick.',
				'A grain of dust on the filter measures {<n> mm|start}.',
			],
			start: '<n> mm',
			want: 'm',
			line: ['10^-3 m / 1 mm'],
		},
		{
			level: 3,
			draw: { n: followed(between('1.13', '9.87'), 'e-7') },
			says: [
				'The light on the bench has a wavelength of {<n> m|start}.',
				'A bubble in the syrup is {<n> m|start} wide.',
			],
			start: '<n> m',
			want: 'nm',
			line: ['1 nm / 10^-9 m'],
		},
		{
			level: 3,
			draw: { n: between('11.3', '98.7') },
			says: ['The radio of the hut sends at {<n> MHz|start}.', 'The weather balloon answers at {<n> MHz|start}.'],
			start: '<n> MHz',
			want: 'Hz',
			line: ['10^6 Hz / 1 MHz'],
		},
	],
};
