import { between } from '../../exercise/draws';
import type { Skill } from './skill';

function asks(unit: string): readonly string[] {
	return [
		`What range is that in ${unit}?`,
		`Write the range in ${unit}.`,
		`Give both ends in ${unit}, the lower first.`,
	];
}

/** A range of temperature: both ends, each a reading. */
export const temperatureRanges: Skill = {
	skill: 'temperature-ranges',
	title: 'Temperature ranges',
	letter: 'r',
	about: 'Give both ends of a range on another scale.',
	watch: 'Convert each end like a single temperature. The lower end stays the lower one.',
	slips: ['offset-missed', 'offset-backwards', 'offset-order'],
	scenes: [
		{
			level: 1,
			things: [
				{
					says: 'The seedlings are kept between {<a> °C|start} and <b> °C.',
					draw: { a: between('14.1', '17.9', 'cool nights'), b: between('21.1', '26.9', 'warm days') },
				},
				{
					says: 'Through the day the glasshouse went from {<a> °C|start} to <b> °C.',
					draw: { a: between('8.1', '12.9', 'dawn'), b: between('21.1', '31.9', 'noon') },
				},
			],
			asks: asks('K'),
			start: '<a> °C',
			until: '<b> °C',
			want: 'K',
		},
		{
			level: 2,
			things: [
				{
					says: 'The old dial moved from {<a> °F|start} to <b> °F.',
					draw: { a: between('41.1', '58.9', 'morning'), b: between('68.1', '88.9', 'afternoon') },
				},
				{
					says: 'The packet says to sow between {<a> °F|start} and <b> °F.',
					draw: { a: between('50.1', '58.9', 'cool soil'), b: between('65.1', '79.9', 'warm soil') },
				},
			],
			asks: asks('°C'),
			start: '<a> °F',
			until: '<b> °F',
			want: '°C',
		},
		{
			level: 3,
			things: [
				{
					says: 'Over the week the mast had {<a> °C|start} to <b> °C.',
					draw: { a: between('-28.9', '-11.1', 'winter nights'), b: between('-9.9', '4.9', 'winter days') },
				},
				{
					says: 'The snow cave stayed between {<a> °C|start} and <b> °C.',
					draw: {
						a: between('-5.9', '-3.1', 'a cave at night'),
						b: between('-2.9', '-0.3', 'a cave with people in it'),
					},
				},
			],
			asks: asks('°F'),
			start: '<a> °C',
			until: '<b> °C',
			want: '°F',
		},
	],
};
