import { between } from '../../exercise/draws';
import type { Skill } from './skill';

/** Temperatures, which shift as well as scale. */
export const temperatures: Skill = {
	skill: 'temperatures',
	title: 'Temperatures',
	letter: 'q',
	about: 'Go from one temperature scale to another.',
	watch: 'The zeros lie in different places: shift in the degrees you are in, then scale, or scale and then shift.',
	slips: ['offset-missed', 'offset-backwards', 'offset-order', 'offset-short', 'sign-lost'],
	scenes: [
		{
			level: 1,
			draw: { n: between('2.1', '38.9') },
			says: [
				'The seed store is at {<n> °C|start}.',
				'The glasshouse shows {<n> °C|start} at noon.',
				'The hive is kept at {<n> °C|start}.',
			],
			start: '<n> °C',
			want: 'K',
		},
		{
			level: 1,
			draw: { n: between('254.1', '308.9') },
			says: ['The probe in the snow reads {<n> K|start}.', 'The balloon reports {<n> K|start}.'],
			start: '<n> K',
			want: '°C',
		},
		{
			level: 2,
			draw: { n: between('41.1', '98.9') },
			says: ['The old dial in the glasshouse shows {<n> °F|start}.', 'A visitor’s thermometer shows {<n> °F|start}.'],
			start: '<n> °F',
			want: '°C',
		},
		{
			level: 2,
			draw: { n: between('4.1', '38.9') },
			says: ['The honey room is at {<n> °C|start}.', 'The bath for the wax is at {<n> °C|start}.'],
			start: '<n> °C',
			want: '°F',
		},
		{
			level: 3,
			draw: { n: between('-38.9', '-2.1') },
			says: ['At night the mast shows {<n> °C|start}.', 'The freezer stands at {<n> °C|start}.'],
			start: '<n> °C',
			want: '°F',
		},
		{
			level: 3,
			draw: { n: between('-19.9', '28.9') },
			says: ['The sled log has {<n> °F|start}.', 'On the pass it was {<n> °F|start}.'],
			start: '<n> °F',
			want: 'K',
		},
	],
};
