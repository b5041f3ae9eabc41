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
	watch: 'Each end is a reading, so each end shifts; the lower end stays the lower.',
	slips: ['offset-missed', 'offset-backwards', 'offset-order'],
	scenes: [
		{
			level: 1,
			draw: { a: between('2.1', '12.9'), b: between('18.1', '31.9') },
			says: [
				'The seedlings are kept between {<a> °C|start} and <b> °C.',
				'Through the day the hive went from {<a> °C|start} to <b> °C.',
			],
			asks: asks('K'),
			start: '<a> °C',
			until: '<b> °C',
			want: 'K',
		},
		{
			level: 2,
			draw: { a: between('41.1', '58.9'), b: between('68.1', '98.9') },
			says: [
				'The old dial moved from {<a> °F|start} to <b> °F.',
				'The packet says to sow between {<a> °F|start} and <b> °F.',
			],
			asks: asks('°C'),
			start: '<a> °F',
			until: '<b> °F',
			want: '°C',
		},
		{
			level: 3,
			draw: { a: between('-28.9', '-11.1'), b: between('-9.9', '14.9') },
			says: [
				'Over the week the mast had {<a> °C|start} to <b> °C.',
				'The snow cave stayed between {<a> °C|start} and <b> °C.',
			],
			asks: asks('°F'),
			start: '<a> °C',
			until: '<b> °C',
			want: '°F',
		},
	],
};
