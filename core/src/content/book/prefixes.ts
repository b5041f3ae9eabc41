import type { BookExercise } from '../../exercise/exercise';
import { asked } from './asked';

/** Prefixes, one step and two, through the base unit. */
export const PREFIXES_TO_CLIMB: readonly BookExercise[] = [
	asked({
		name: 'honey-jar',
		skill: 'one-prefix',
		title: 'A jar of honey',
		trains: 'one prefix',
		text: 'A jar from the south hives holds {454 g|start} of honey. What is that in kg?',
		start: '454 g',
		want: 'kg',
		line: ['1 kg / 10^3 g'],
	}),
	asked({
		name: 'lamp-power',
		skill: 'one-prefix',
		title: 'Lamp power',
		trains: 'one prefix, and zeros that are unclear',
		text: 'One row of lamps in the glasshouse draws {1250 W|start}. What is that in kW?',
		start: '1250 W',
		want: 'kW',
		line: ['1 kW / 10^3 W'],
	}),
	asked({
		name: 'balloon-battery',
		skill: 'two-prefixes',
		title: 'Balloon battery',
		trains: 'two prefixes, through the base unit',
		text: 'The radio under the weather balloon draws {0.64 mA|start} while it listens. What is that in µA?',
		start: '0.64 mA',
		want: 'µA',
		line: ['10^-3 A / 1 mA', '1 µA / 10^-6 A'],
	}),
	asked({
		name: 'mast-cable',
		skill: 'two-prefixes',
		title: 'Cable for the mast',
		trains: 'two prefixes, through the base unit',
		text: 'The mast needs {0.0820 km|start} of cable. The workshop cuts it by the centimetre. What is that in cm?',
		start: '0.0820 km',
		want: 'cm',
		line: ['10^3 m / 1 km', '1 cm / 10^-2 m'],
	}),
];
