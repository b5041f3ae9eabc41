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
	title: 'Into scientific notation',
	letter: '4',
	about: 'Write a number as one digit, a point, its other figures, and a power of ten.',
	watch: 'A small number has a negative power of ten. Keep the same number of figures.',
	slips: ['place-slip', 'digits-many', 'digits-few'],
	scenes: [
		{
			level: 1,
			things: [
				{ says: 'The spring gives {<n> L|start} in a day.', draw: { n: between('10111', '98989', 'a spring') } },
				{
					says: 'The meadow drinks {<n> L|start} in a wet week.',
					draw: { n: between('1011', '98989', 'rain on a meadow') },
				},
			],
			asks: ASKS,
			start: '<n> L',
			want: { unit: 'L', form: 'scientific' },
		},
		{
			level: 1,
			things: [
				{
					says: 'A mouse in the store has a mass of {<n> kg|start}.',
					draw: { n: between('0.0151', '0.0289', 'a mouse') },
				},
				{ says: 'A spoon of syrup has {<n> kg|start}.', draw: { n: between('0.00511', '0.00989', 'a spoon') } },
			],
			asks: ASKS,
			start: '<n> kg',
			want: { unit: 'kg', form: 'scientific' },
		},
		{
			level: 2,
			things: [
				{
					says: 'A shoot grows {<n> m|start} in an hour.',
					draw: { n: followed(between('0.000111', '0.000989', 'tenths of a millimetre'), '0', '') },
				},
				{
					says: 'The film on the pond is {<n> m|start} thick.',
					draw: { n: followed(between('0.000011', '0.000089', 'hundredths of a millimetre'), '0', '') },
				},
			],
			asks: ASKS,
			start: '<n> m',
			want: { unit: 'm', form: 'scientific' },
		},
		{
			level: 2,
			things: [
				{
					says: 'The air at the mast has a pressure of {<n> hPa|start}.',
					draw: { n: between('601.01', '799.98', 'air on a mountain') },
				},
				{
					says: 'The air in the valley has a pressure of {<n> hPa|start}.',
					draw: { n: between('901.01', '989.98', 'air in a valley') },
				},
			],
			asks: ASKS,
			start: '<n> hPa',
			want: { unit: 'hPa', form: 'scientific' },
		},
		{
			level: 3,
			things: [
				{
					says: 'The clock of the mast ran for {<n> s|start}.',
					draw: { n: followed(between('101', '989', 'from an hour to some months'), '0', '00', '000', '00.', '000.') },
				},
				{
					says: 'Birds were heard for {<n> s|start} in the year.',
					draw: { n: followed(between('101', '989', 'hours of song'), '00', '000', '00.', '000.') },
				},
			],
			asks: ASKS,
			start: '<n> s',
			want: { unit: 's', form: 'scientific' },
		},
		{
			level: 3,
			things: [
				{
					says: 'A pore of the filter is {<n> m|start} wide.',
					draw: { n: between('0.000000211', '0.000000789', 'a fine filter') },
				},
				{
					says: 'The light of the blue lamp has a wavelength of {<n> m|start}.',
					draw: { n: between('0.000000441', '0.000000489', 'blue light') },
				},
			],
			asks: ASKS,
			start: '<n> m',
			want: { unit: 'm', form: 'scientific' },
		},
	],
};
