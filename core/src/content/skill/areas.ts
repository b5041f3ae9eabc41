import { between } from '../../exercise/draws';
import type { Skill } from './skill';

/** Areas, which take the plain factor twice. */
export const areas: Skill = {
	skill: 'areas',
	title: 'Areas',
	letter: 'g',
	about: 'Change a square unit: the plain factor, squared.',
	watch: 'A square metre is a hundred by a hundred square centimetres.',
	slips: ['power-missed', 'flipped-factor', 'skipped-factor'],
	scenes: [
		{
			level: 1,
			draw: { n: between('0.113', '9.87') },
			says: ['A pane of the glasshouse has {<n> m²|start}.', 'The solar panel of the mast has {<n> m²|start}.'],
			start: '<n> m^2',
			want: 'cm²',
			line: ['(100 cm / 1 m) ^ 2'],
		},
		{
			level: 1,
			draw: { n: between('1.13', '9.87') },
			says: ['A seed bed covers {<n> ft²|start}.', 'The table in the workshop has {<n> ft²|start}.'],
			start: '<n> ft^2',
			want: 'in²',
			line: ['(12 in / 1 ft) ^ 2'],
		},
		{
			level: 2,
			draw: { n: between('113', '9870') },
			says: ['A leaf of the squash has {<n> mm²|start}.', 'The label of a jar has {<n> mm²|start}.'],
			start: '<n> mm^2',
			want: 'cm²',
			line: ['(1 cm / 10 mm) ^ 2'],
		},
		{
			level: 2,
			draw: { n: between('0.113', '0.987') },
			says: ['The forest by the ridge covers {<n> km²|start}.', 'The pasture takes up {<n> km²|start}.'],
			start: '<n> km^2',
			want: 'm²',
			line: ['(1000 m / 1 km) ^ 2'],
		},
		{
			level: 3,
			draw: { n: between('1.13', '9.87') },
			says: ['The tarpaulin over the wood pile has {<n> ft²|start}.', 'A hive needs {<n> ft²|start} of board.'],
			start: '<n> ft^2',
			want: 'cm²',
			line: ['(12 in / 1 ft) ^ 2', '(2.54 cm / 1 in) ^ 2'],
		},
		{
			level: 3,
			draw: { n: between('113', '987') },
			says: [
				'The vent of the boiler opens {<n> cm²|start}.',
				'The sail of the ice sled has {<n> cm²|start} of patches.',
			],
			start: '<n> cm^2',
			want: 'in²',
			line: ['(1 in / 2.54 cm) ^ 2'],
		},
		{
			level: 3,
			draw: { n: between('1.13', '9.87') },
			says: ['Rain on the roof comes to {<n> L/m²|start}.', 'The spreader gives the bed {<n> L/m²|start}.'],
			start: '<n> L/m^2',
			want: 'mL/cm²',
			line: ['1000 mL / 1 L', '(1 m / 100 cm) ^ 2'],
		},
	],
};
