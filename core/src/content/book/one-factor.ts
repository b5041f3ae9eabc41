import type { BookExercise } from '../../exercise/exercise';
import { asked } from './asked';

/** Only the missing factor is asked for: one block, no answer to work out. */
export const ONE_FACTOR: readonly BookExercise[] = [
	asked({
		name: 'heater-factor',
		skill: 'missing-factor',
		title: 'One block for the heater',
		trains: 'the missing factor: a prefix',
		text: 'The frost heater gave off {2400 J|start} in a test. Which one factor turns that into kJ?',
		start: '2400 J',
		want: { factor: 'kJ' },
		rounding: 'none',
	}),
	asked({
		name: 'rope-factor',
		skill: 'missing-factor',
		title: 'One block for the rope',
		trains: 'the missing factor: a customary fact',
		text: 'The hauling rope is {66 ft|start} long. Which one factor turns that into yd?',
		start: '66 ft',
		want: { factor: 'yd' },
		rounding: 'none',
	}),
	asked({
		name: 'pane-factor',
		skill: 'missing-factor',
		title: 'One block for the pane',
		trains: 'the missing factor: an area',
		text: 'A pane covers {1.5 m²|start}. Which one factor, raised as it must be, turns that into cm²?',
		start: '1.5 m²',
		want: { factor: 'cm²' },
		rounding: 'none',
	}),
];
