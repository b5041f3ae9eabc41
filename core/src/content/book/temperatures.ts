import type { BookExercise } from '../../exercise/exercise';
import { asked } from './asked';

/** Temperatures: they shift as well as scale, and a difference only scales. */
export const TEMPERATURES: readonly BookExercise[] = [
	asked({
		name: 'seed-store',
		skill: 'temperatures',
		title: 'The seed store',
		trains: 'a temperature: shift only',
		text: 'The seed store is kept at {4.5 °C|start}. What is that in kelvins?',
		start: '4.5 °C',
		want: 'K',
	}),
	asked({
		name: 'glasshouse-noon',
		skill: 'temperatures',
		title: 'The glasshouse at noon',
		trains: 'a temperature: shift, then scale',
		text: 'At noon the old dial in the glasshouse shows {77 °F|start}. What is that in °C?',
		start: '77 °F',
		want: '°C',
	}),
	asked({
		name: 'freezer-dial',
		skill: 'temperatures',
		title: 'The freezer dial',
		trains: 'a temperature: scale, then shift',
		text: 'The sample freezer is set to {-18.0 °C|start}. The spare dial is marked in °F. Where must it stand, to the nearest tenth of a degree?',
		start: '-18.0 °C',
		want: '°F',
		rounding: { place: -1 },
	}),
	asked({
		name: 'night-range',
		skill: 'temperature-ranges',
		title: 'From night to noon',
		trains: 'a range of temperatures: both ends',
		text: 'The seedlings thrive from {50 °F to 68 °F|start}. What range is that in °C?',
		start: '50 °F',
		until: '68 °F',
		want: '°C',
	}),
	asked({
		name: 'night-drop',
		skill: 'temperature-differences',
		title: 'A cold night',
		trains: 'a difference of temperatures: no shift',
		text: 'During the night the mast cooled by {12.6 °C|start}. How many degrees Fahrenheit did it drop by?',
		start: '12.6 °C',
		want: '°F',
		difference: true,
		line: ['9 °F / 5 °C'],
	}),
	asked({
		name: 'seed-chamber',
		skill: 'temperatures',
		title: 'Two logs for the seed chamber',
		trains: 'one temperature in two units',
		text: 'The seed chamber is at {23 °C|start}. One log is kept in kelvins, the other in °F. What is written in each?',
		start: '23 °C',
		want: { units: ['K', '°F'] },
	}),
];
