import { between } from '../../exercise/draws';
import type { Skill } from './skill';

function asks(unit: string): readonly string[] {
	return [
		`How large is that change in ${unit}?`,
		`Write the change in ${unit}.`,
		`What difference is that in ${unit}?`,
	];
}

/** A difference of temperature, which only scales. */
export const temperatureDifferences: Skill = {
	skill: 'temperature-differences',
	title: 'Temperature differences',
	letter: 's',
	about: 'Convert a difference of temperature to another scale.',
	watch: 'For a difference you only multiply. Do not add or subtract.',
	slips: ['difference-shifted', 'flipped-factor'],
	scenes: [
		{
			level: 1,
			things: [
				{
					says: 'From dawn to noon the glasshouse warms by {<n> °C|start}.',
					draw: { n: between('8.11', '21.89', 'a sunny morning') },
				},
				{ says: 'The wax cools by {<n> °C|start}.', draw: { n: between('11.11', '48.89', 'wax from the bath') } },
			],
			asks: asks('K'),
			start: '<n> °C',
			want: 'K',
			difference: true,
		},
		{
			level: 2,
			things: [
				{ says: 'In an hour it became colder by {<n> °C|start}.', draw: { n: between('2.1', '8.9', 'a front') } },
				{ says: 'The roots are warmed by {<n> °C|start}.', draw: { n: between('2.1', '9.9', 'a heating mat') } },
			],
			asks: asks('°F'),
			start: '<n> °C',
			want: '°F',
			difference: true,
		},
		{
			level: 3,
			things: [
				{
					says: 'The old recorder shows a fall of {<n> °F|start}.',
					draw: { n: between('11.1', '38.9', 'a cold night') },
				},
				{
					says: 'Between the hut and the pass it differs by {<n> °F|start}.',
					draw: { n: between('4.1', '18.9', 'a climb') },
				},
			],
			asks: asks('K'),
			start: '<n> °F',
			want: 'K',
			difference: true,
		},
	],
};
