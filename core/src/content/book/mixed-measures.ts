import type { BookExercise } from '../../exercise/exercise';
import { asked } from './asked';

/** Mixed measures, both ways: whole part and remainder. */
export const MIXED_MEASURES: readonly BookExercise[] = [
	asked({
		name: 'roof-beam',
		skill: 'into-parts',
		title: 'A beam for the roof',
		trains: 'a decimal as feet and inches',
		text: 'The plan asks for a beam of {8.75 ft|start}. The saw bench is marked in feet and inches. What is that in ft and in?',
		start: '8.75 ft',
		want: { mixed: ['ft', 'in'] },
	}),
	asked({
		name: 'sled-scale',
		skill: 'into-parts',
		title: 'Load on the sled',
		trains: 'a decimal as pounds and ounces',
		text: 'The scale of the sled shed shows {46.375 lb|start}. The load book wants lb and oz. What is written there?',
		start: '46.375 lb',
		want: { mixed: ['lb', 'oz'] },
	}),
	asked({
		name: 'lamp-hours',
		skill: 'into-parts',
		title: 'Hours of light',
		trains: 'a decimal as hours and minutes',
		text: 'In midwinter the lamps over the seedlings burn {7.35 h|start} a day. What is that in h and min?',
		start: '7.35 h',
		want: { mixed: ['h', 'min'] },
	}),
	asked({
		name: 'shelf-plank',
		skill: 'out-of-parts',
		title: 'A plank for the shelf',
		trains: 'feet and inches as one decimal',
		text: 'A plank measures 7 ft and {5.4 in|start}. The parts list wants decimal feet. What is that in ft?',
		start: '5.4 in',
		terms: ['7 ft'],
		want: 'ft',
		rounding: { place: -2 },
	}),
	asked({
		name: 'gate-height',
		skill: 'out-of-parts',
		title: 'The height of the gate',
		trains: 'feet and inches, whose feet are exact',
		text: 'The garden gate is 5 ft {7 in|start} high. How many centimetres is that?',
		start: '7 in',
		terms: ['5 ft'],
		want: 'cm',
	}),
];
