import { between } from '../../exercise/draws';
import type { Skill } from './skill';

function asks(unit: string): readonly string[] {
	return [
		`Which one factor takes it to ${unit}?`,
		`Write the one factor that leads to ${unit}.`,
		`What must it be multiplied by to stand in ${unit}?`,
	];
}

/** Only the factor is asked for, not the answer. */
export const missingFactor: Skill = {
	skill: 'missing-factor',
	title: 'The missing factor',
	letter: '8',
	about: 'Write the one factor that takes a quantity to another unit.',
	watch: 'Put the unit you want to cancel on the other side of the bar. Then give each unit its number.',
	slips: ['flipped-factor', 'prefix-sign', 'unequal-factor'],
	scenes: [
		{
			level: 1,
			things: [
				{
					says: 'The kettle on the stove takes up {<n> kJ|start}.',
					draw: { n: between('113', '687', 'a kettle of water') },
				},
				{ says: 'Burning the match gives {<n> kJ|start}.', draw: { n: between('1.13', '2.87', 'a match') } },
			],
			asks: asks('J'),
			start: '<n> kJ',
			want: { factor: 'J' },
		},
		{
			level: 1,
			things: [
				{ says: 'The plank for the bench is {<n> ft|start} long.', draw: { n: between('4.3', '9.7', 'a plank') } },
				{ says: 'The ladder reaches {<n> ft|start} up the mast.', draw: { n: between('8.3', '23.7', 'a ladder') } },
			],
			asks: asks('inches'),
			start: '<n> ft',
			want: { factor: 'in' },
		},
		{
			level: 1,
			things: [
				{ says: 'The kiln needs {<n> min|start}.', draw: { n: between('31.3', '98.7', 'a kiln') } },
				{ says: 'The snow took {<n> min|start} to slide off the roof.', draw: { n: between('1.3', '8.7', 'a slide') } },
			],
			asks: asks('s'),
			start: '<n> min',
			want: { factor: 's' },
		},
		{
			level: 2,
			things: [
				{ says: 'The seed bag weighs {<n> g|start}.', draw: { n: between('113', '987', 'a bag of seed') } },
				{ says: 'A frame of comb has {<n> g|start}.', draw: { n: between('1113', '2487', 'a full frame') } },
			],
			asks: asks('kg'),
			start: '<n> g',
			want: { factor: 'kg' },
		},
		{
			level: 2,
			things: [
				{
					says: 'The top of the mast sways with {<n> cm/s|start}.',
					draw: { n: between('2.13', '18.7', 'a slow sway') },
				},
				{
					says: 'Melt water seeps along at {<n> cm/s|start}.',
					draw: { n: between('0.113', '0.987', 'seeping water') },
				},
			],
			asks: asks('m/s'),
			start: '<n> cm/s',
			want: { factor: 'm/s' },
		},
		{
			level: 3,
			things: [
				{ says: 'A pane of the glasshouse has {<n> m²|start}.', draw: { n: between('0.413', '1.487', 'a pane') } },
				{
					says: 'The tarpaulin of the sled covers {<n> m²|start}.',
					draw: { n: between('2.13', '5.87', 'a tarpaulin') },
				},
			],
			asks: asks('cm²'),
			start: '<n> m^2',
			want: { factor: 'cm^2' },
		},
		{
			level: 3,
			things: [
				{ says: 'Water comes from the spring at {<n> L/h|start}.', draw: { n: between('413', '987', 'a spring') } },
				{ says: 'The pump moves {<n> L/h|start}.', draw: { n: between('213', '987', 'a small pump') } },
			],
			asks: asks('L/min'),
			start: '<n> L/h',
			want: { factor: 'L/min' },
		},
		{
			level: 3,
			things: [
				{ says: 'The compost bin holds {<n> yd³|start}.', draw: { n: between('0.413', '1.487', 'a bin') } },
				{ says: 'The snow on the roof is {<n> yd³|start}.', draw: { n: between('5.13', '38.7', 'snow on a roof') } },
			],
			asks: asks('ft³'),
			start: '<n> yd^3',
			want: { factor: 'ft^3' },
		},
	],
};
