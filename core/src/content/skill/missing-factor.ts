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
	watch: 'The unit to be rid of goes on the other side of the bar; then each number to its own unit.',
	slips: ['flipped-factor', 'prefix-sign', 'unequal-factor'],
	scenes: [
		{
			level: 1,
			draw: { n: between('1.13', '9.87') },
			says: ['The kettle on the stove takes up {<n> kJ|start}.', 'Burning the match gives {<n> kJ|start}.'],
			asks: asks('J'),
			start: '<n> kJ',
			want: { factor: 'J' },
		},
		{
			level: 1,
			draw: { n: between('1.3', '9.7') },
			says: ['The plank for the bench is {<n> ft|start} long.', 'The ladder reaches {<n> ft|start} up the mast.'],
			asks: asks('in'),
			start: '<n> ft',
			want: { factor: 'in' },
		},
		{
			level: 1,
			draw: { n: between('11.3', '98.7') },
			says: ['The kiln needs {<n> min|start}.', 'The snow took {<n> min|start} to slide off the roof.'],
			asks: asks('s'),
			start: '<n> min',
			want: { factor: 's' },
		},
		{
			level: 2,
			draw: { n: between('113', '987') },
			says: ['The seed bag weighs {<n> g|start}.', 'A frame of comb has {<n> g|start}.'],
			asks: asks('kg'),
			start: '<n> g',
			want: { factor: 'kg' },
		},
		{
			level: 2,
			draw: { n: between('11.3', '98.7') },
			says: ['The mast sways with {<n> cm/s|start}.', 'Sap climbs with {<n> cm/s|start} in the model.'],
			asks: asks('m/s'),
			start: '<n> cm/s',
			want: { factor: 'm/s' },
		},
		{
			level: 3,
			draw: { n: between('1.13', '9.87') },
			says: ['A pane of the glasshouse has {<n> m²|start}.', 'The tarpaulin of the sled covers {<n> m²|start}.'],
			asks: asks('cm²'),
			start: '<n> m^2',
			want: { factor: 'cm^2' },
		},
		{
			level: 3,
			draw: { n: between('113', '987') },
			says: ['Water comes from the spring at {<n> L/h|start}.', 'The pump moves {<n> L/h|start}.'],
			asks: asks('L/min'),
			start: '<n> L/h',
			want: { factor: 'L/min' },
		},
		{
			level: 3,
			draw: { n: between('1.13', '9.87') },
			says: ['The compost bin holds {<n> yd³|start}.', 'The snow on the roof is {<n> yd³|start}.'],
			asks: asks('ft³'),
			start: '<n> yd^3',
			want: { factor: 'ft^3' },
		},
	],
};
