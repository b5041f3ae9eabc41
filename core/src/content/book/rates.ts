import type { BookExercise } from '../../exercise/exercise';
import { asked } from './asked';

/** Rates, changed above, below or on both sides, and one quantity over another. */
export const RATES: readonly BookExercise[] = [
	asked({
		name: 'new-snow',
		skill: 'rate-both-ends',
		title: 'New snow',
		trains: 'a rate, changed above and below',
		text: 'During a squall, new snow on the Fennel Ridge snow board deepens at {2.75 in/h|start}. The station log wants millimetres per minute. How fast is that in mm/min?',
		start: '2.75 in/h',
		want: 'mm/min',
		line: ['2.54 cm / 1 in', '10 mm / 1 cm', '1 h / 60 min'],
	}),
	asked({
		name: 'wind-gust',
		skill: 'rate-both-ends',
		title: 'A gust at the mast',
		trains: 'a rate: customary above, time below',
		text: 'The weather mast records a gust of {18.5 mi/h|start}. What is that in ft/s?',
		start: '18.5 mi/h',
		want: 'ft/s',
		line: ['5280 ft / 1 mi', '1 h / 3600 s'],
	}),
	asked({
		name: 'drip-line',
		skill: 'rate-both-ends',
		title: 'The drip line',
		trains: 'a rate: a prefix above, time below',
		text: 'A drip line in the glasshouse gives {72 mL/min|start}. What is that in L/h?',
		start: '72 mL/min',
		want: 'L/h',
		line: ['1 L / 1000 mL', '60 min / 1 h'],
	}),
	asked({
		name: 'spring-flow',
		skill: 'rate-both-ends',
		title: 'The spring',
		trains: 'a rate between systems',
		text: 'The spring above the station runs at {2.75 gal/min|start}. What is that in L/s?',
		start: '2.75 gal/min',
		want: 'L/s',
		line: ['3.785411784 L / 1 gal', '1 min / 60 s'],
	}),
	asked({
		name: 'sled-run',
		skill: 'rate-both-ends',
		title: 'The sled run',
		trains: 'one quantity over another, turned into a speed',
		text: 'A sled comes down the whole route, {3.6 km in 12.5 min|start}. What is its mean speed in m/s?',
		start: '3.6 km in 12.5 min',
		want: 'm/s',
		line: ['1000 m / 1 km', '1 min / 60 s'],
	}),
];
