import { between } from '../../exercise/draws';
import type { Skill } from './skill';

/** Temperatures, which shift as well as scale. */
export const temperatures: Skill = {
	skill: 'temperatures',
	title: 'Temperatures',
	letter: 'q',
	about: 'Convert a temperature to another scale.',
	watch: 'The scales have different zeros. Add or subtract in the degrees you have at that step.',
	slips: ['offset-missed', 'offset-backwards', 'offset-order', 'offset-short', 'sign-lost'],
	scenes: [
		{
			level: 1,
			things: [
				{ says: 'The seed store is at {<n> °C|start}.', draw: { n: between('2.1', '8.9', 'a cool store') } },
				{ says: 'The glasshouse shows {<n> °C|start} at noon.', draw: { n: between('18.1', '31.9', 'a glasshouse') } },
				{
					says: 'The hive is kept at {<n> °C|start}.',
					draw: { n: between('33.1', '35.9', 'bees keep their brood so') },
				},
			],
			start: '<n> °C',
			want: 'K',
		},
		{
			level: 1,
			things: [
				{ says: 'The probe in the snow reads {<n> K|start}.', draw: { n: between('254.1', '272.9', 'snow') } },
				{ says: 'The balloon reports {<n> K|start}.', draw: { n: between('218.1', '268.9', 'air high up') } },
			],
			start: '<n> K',
			want: '°C',
		},
		{
			level: 2,
			things: [
				{
					says: 'The old dial in the glasshouse shows {<n> °F|start}.',
					draw: { n: between('61.1', '89.9', 'a glasshouse') },
				},
				{
					says: 'A visitor’s thermometer shows {<n> °F|start}.',
					draw: { n: between('41.1', '69.9', 'a summer day on the ridge') },
				},
			],
			start: '<n> °F',
			want: '°C',
		},
		{
			level: 2,
			things: [
				{
					says: 'The honey room is at {<n> °C|start}.',
					draw: { n: between('21.1', '28.9', 'warm, so that honey runs') },
				},
				{ says: 'The bath for the wax is at {<n> °C|start}.', draw: { n: between('64.1', '78.9', 'wax melts') } },
			],
			start: '<n> °C',
			want: '°F',
		},
		{
			level: 3,
			things: [
				{ says: 'At night the mast shows {<n> °C|start}.', draw: { n: between('-28.9', '-2.1', 'winter nights') } },
				{ says: 'The freezer stands at {<n> °C|start}.', draw: { n: between('-24.9', '-17.1', 'a freezer') } },
			],
			start: '<n> °C',
			want: '°F',
		},
		{
			level: 3,
			things: [
				{ says: 'The sled log has {<n> °F|start}.', draw: { n: between('-19.9', '28.9', 'winter') } },
				{ says: 'On the pass it was {<n> °F|start}.', draw: { n: between('-9.9', '28.9', 'a pass in winter') } },
			],
			start: '<n> °F',
			want: 'K',
		},
	],
};
