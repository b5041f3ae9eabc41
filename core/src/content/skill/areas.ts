import { between } from '../../exercise/draws';
import type { Skill } from './skill';

/** Areas, which take the plain factor twice. */
export const areas: Skill = {
	skill: 'areas',
	title: 'Areas',
	letter: 'g',
	about: 'Convert a square unit with the plain factor, squared.',
	watch: 'A square metre is a hundred by a hundred square centimetres.',
	slips: ['power-missed', 'flipped-factor', 'skipped-factor'],
	scenes: [
		{
			level: 1,
			things: [
				{ says: 'A pane of the glasshouse has {<n> m²|start}.', draw: { n: between('0.413', '1.487', 'a pane') } },
				{ says: 'The solar panel of the mast has {<n> m²|start}.', draw: { n: between('0.213', '1.687', 'a panel') } },
			],
			start: '<n> m^2',
			want: 'cm²',
			line: ['(100 cm / 1 m) ^ 2'],
		},
		{
			level: 1,
			things: [
				{ says: 'A seed bed covers {<n> ft²|start}.', draw: { n: between('11.3', '48.7', 'a bed') } },
				{ says: 'The table in the workshop has {<n> ft²|start}.', draw: { n: between('8.13', '19.87', 'a table') } },
			],
			start: '<n> ft^2',
			want: 'in²',
			line: ['(12 in / 1 ft) ^ 2'],
		},
		{
			level: 2,
			things: [
				{ says: 'A leaf of the squash has {<n> mm²|start}.', draw: { n: between('11130', '38870', 'a large leaf') } },
				{ says: 'The label of a jar has {<n> mm²|start}.', draw: { n: between('1130', '4870', 'a label') } },
			],
			start: '<n> mm^2',
			want: 'cm²',
			line: ['(1 cm / 10 mm) ^ 2'],
		},
		{
			level: 2,
			things: [
				{ says: 'The forest by the ridge covers {<n> km²|start}.', draw: { n: between('0.413', '8.987', 'a forest') } },
				{ says: 'The pasture takes up {<n> km²|start}.', draw: { n: between('0.113', '0.987', 'a pasture') } },
			],
			start: '<n> km^2',
			want: 'm²',
			line: ['(1000 m / 1 km) ^ 2'],
		},
		{
			level: 3,
			things: [
				{
					says: 'The tarpaulin over the wood pile has {<n> ft²|start}.',
					draw: { n: between('31.3', '98.7', 'a tarpaulin') },
				},
				{ says: 'A hive needs {<n> ft²|start} of board.', draw: { n: between('11.3', '19.87', 'a hive') } },
			],
			start: '<n> ft^2',
			want: 'cm²',
			line: ['(12 in / 1 ft) ^ 2', '(2.54 cm / 1 in) ^ 2'],
		},
		{
			level: 3,
			things: [
				{ says: 'The vent of the boiler opens {<n> cm²|start}.', draw: { n: between('113', '387', 'a vent') } },
				{ says: 'A patch on the tent has {<n> cm²|start}.', draw: { n: between('113', '987', 'a patch') } },
			],
			start: '<n> cm^2',
			want: 'in²',
			line: ['(1 in / 2.54 cm) ^ 2'],
		},
		{
			level: 3,
			things: [
				{ says: 'Rain on the roof comes to {<n> L/m²|start}.', draw: { n: between('1.13', '38.7', 'a day of rain') } },
				{ says: 'The sprinkler gives the bed {<n> L/m²|start}.', draw: { n: between('3.13', '9.87', 'watering') } },
			],
			start: '<n> L/m^2',
			want: 'mL/cm²',
			line: ['1000 mL / 1 L', '(1 m / 100 cm) ^ 2'],
		},
	],
};
