import type { BookExercise } from '../../exercise/exercise';
import { asked } from './asked';

/** Chains of time units. */
export const TIMES: readonly BookExercise[] = [
	asked({
		name: 'freezer-cycle',
		skill: 'time-chains',
		title: 'The freezer',
		trains: 'a short chain in time units',
		text: 'The sample freezer runs for {0.84 h|start} and then rests. How many seconds does it run?',
		start: '0.84 h',
		want: 's',
		line: ['60 min / 1 h', '60 s / 1 min'],
	}),
	asked({
		name: 'mast-log',
		skill: 'time-chains',
		title: 'The mast log',
		trains: 'a chain in time units',
		text: 'The weather mast has logged without a gap for {1.5 wk|start}. How many minutes is that?',
		start: '1.5 wk',
		want: 'min',
		line: ['7 d / 1 wk', '24 h / 1 d', '60 min / 1 h'],
	}),
	asked({
		name: 'hive-winter',
		skill: 'time-chains',
		title: 'Winter in the hives',
		trains: 'a chain in time units',
		text: 'Under the snow the hives stay shut for {0.42 yr|start}. How many hours is that, with years of 365 days?',
		start: '0.42 yr',
		want: 'h',
		line: ['365 d / 1 yr', '24 h / 1 d'],
	}),
];
