import type { BookExercise } from '../../exercise/exercise';
import { asked } from './asked';

/** Customary units, and from them to metric ones. */
export const BETWEEN_SYSTEMS: readonly BookExercise[] = [
	asked({
		name: 'beam-length',
		skill: 'across-systems',
		title: 'A beam for the shed',
		trains: 'customary to metric, by way of the inch',
		text: 'A beam for the tool shed is {11.5 ft|start} long. What is that in cm?',
		start: '11.5 ft',
		want: 'cm',
		line: ['12 in / 1 ft', '2.54 cm / 1 in'],
	}),
	asked({
		name: 'sled-load',
		skill: 'across-systems',
		title: 'The sled load',
		trains: 'a mass between systems',
		text: 'The loaded sled weighs {86.0 lb|start}. What is that in kg?',
		start: '86.0 lb',
		want: 'kg',
		line: ['453.59237 g / 1 lb', '1 kg / 1000 g'],
	}),
	asked({
		name: 'trail-mile',
		skill: 'customary-fact',
		title: 'Along the ridge trail',
		trains: 'customary alone',
		text: 'The ridge trail is {2.40 mi|start} long. The flags stand by the yard. How many yards is that?',
		start: '2.40 mi',
		want: 'yd',
		line: ['1760 yd / 1 mi'],
	}),
	asked({
		name: 'heater-energy',
		skill: 'across-systems',
		title: 'The night heater',
		trains: 'an energy of two units, through prefixes',
		text: 'Over one night the glasshouse heater takes {3.60 kW·h|start}. How many MJ is that?',
		start: '3.60 kW·h',
		want: 'MJ',
		line: ['3600 kJ / 1 kW·h', '10^3 J / 1 kJ', '1 MJ / 10^6 J'],
	}),
	asked({
		name: 'mast-pressure',
		skill: 'across-systems',
		title: 'Air at the mast',
		trains: 'a rounded fact, and a prefix',
		text: 'The old barometer by the mast reads {642 mmHg|start}. What is that in kPa?',
		start: '642 mmHg',
		want: 'kPa',
		line: ['133.3 Pa / 1 mmHg', '1 kPa / 10^3 Pa'],
	}),
];
