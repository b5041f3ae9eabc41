import { between, followed } from '../../exercise/draws';
import type { Skill } from './skill';

const ASKS = [
	'Write it in scientific notation.',
	'Put it into scientific form.',
	'How is that written in scientific form?',
];

/** From plain form into scientific form, keeping the figures. */
export const scientificForm: Skill = {
	skill: 'scientific-form',
	title: 'Into scientific form',
	letter: '4',
	about: 'Write a number as one digit, a point, its other figures, and a power of ten.',
	watch: 'A small number has a negative power; the figures stay as many as they were.',
	slips: ['place-slip', 'digits-many', 'digits-few'],
	scenes: [
		{
			level: 1,
			draw: { n: between('1011', '98989') },
			says: ['The spring gives {<n> L|start} in a season.', 'The meadow drinks {<n> L|start} in a wet week.'],
			asks: ASKS,
			start: '<n> L',
			want: { unit: 'L', form: 'scientific' },
		},
		{
			level: 1,
			draw: { n: between('0.00111', '0.00989') },
			says: ['A bee has a mass of {<n> kg|start} with its load.', 'One drop of syrup has {<n> kg|start}.'],
			asks: ASKS,
			start: '<n> kg',
			want: { unit: 'kg', form: 'scientific' },
		},
		{
			level: 2,
			draw: { n: followed(between('0.000011', '0.000989'), '0', '') },
			says: ['A leaf grows {<n> m|start} in an hour.', 'The film on the pond is {<n> m|start} thick.'],
			asks: ASKS,
			start: '<n> m',
			want: { unit: 'm', form: 'scientific' },
		},
		{
			level: 2,
			draw: { n: between('101.01', '989.98') },
			says: [
				'The air at the mast has a pressure of {<n> hPa|start}.',
				'The gauge of the boiler shows {<n> hPa|start}.',
			],
			asks: ASKS,
			start: '<n> hPa',
			want: { unit: 'hPa', form: 'scientific' },
		},
		{
			level: 3,
			draw: { n: followed(between('101', '989'), '0', '00', '000', '00.', '000.') },
			says: [
				'The year’s count at the feeding table is {<n> s|start} of birdsong.',
				'The clock of the mast ran for {<n> s|start}.',
			],
			asks: ASKS,
			start: '<n> s',
			want: { unit: 's', form: 'scientific' },
		},
		{
			level: 3,
			draw: { n: between('0.000000111', '0.000000989') },
			says: [
				'A pore of the filter is {<n> m|start} wide.',
				'The light of the blue lamp has a wavelength of {<n> m|start}.',
			],
			asks: ASKS,
			start: '<n> m',
			want: { unit: 'm', form: 'scientific' },
		},
	],
};
