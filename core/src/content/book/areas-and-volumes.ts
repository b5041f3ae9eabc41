import type { BookExercise } from '../../exercise/exercise';
import { asked } from './asked';

/** Areas and volumes: the factor raised. */
export const AREAS_AND_VOLUMES: readonly BookExercise[] = [
	asked({
		name: 'vent-pane',
		skill: 'areas',
		title: 'A pane for the vent',
		trains: 'an area: the factor squared',
		text: 'A roof vent of the glasshouse needs a pane of {0.420 m²|start}. What is its area in cm²?',
		start: '0.420 m²',
		want: 'cm²',
		line: ['(100 cm / 1 m) ^ 2'],
	}),
	asked({
		name: 'roof-film',
		skill: 'areas',
		title: 'Film for the roof',
		trains: 'an area between systems: two factors squared',
		text: 'A patch of roof film has an area of {1.75 m²|start}. The knife table is marked in inches. What is that in in²?',
		start: '1.75 m²',
		want: 'in²',
		line: ['(100 cm / 1 m) ^ 2', '(1 in / 2.54 cm) ^ 2'],
	}),
	asked({
		name: 'soil-bin',
		skill: 'volumes',
		title: 'The soil bin',
		trains: 'a volume between systems: two factors cubed',
		text: 'The potting bin holds {3.20 ft³|start} of soil. How many litres is that?',
		start: '3.20 ft³',
		want: 'L',
		line: ['(12 in / 1 ft) ^ 3', '(2.54 cm / 1 in) ^ 3', '1 mL / 1 cm^3', '1 L / 1000 mL'],
	}),
	asked({
		name: 'snow-density',
		skill: 'volumes',
		title: 'How dense the snow is',
		trains: 'a density: a prefix above, a cube below',
		text: 'Settled snow on the ridge has a density of {215 kg/m³|start}. What is that in g/cm³?',
		start: '215 kg/m³',
		want: 'g/cm³',
		line: ['1000 g / 1 kg', '(1 m / 100 cm) ^ 3'],
	}),
	asked({
		name: 'herb-bed',
		skill: 'areas',
		title: 'The herb bed',
		trains: 'an area made of two lengths',
		text: 'The herb bed is {12.0 ft|start} long and 15.5 ft wide. Compost is ordered by area. What is its area in m²?',
		start: '12.0 ft',
		times: ['15.5 ft'],
		want: 'm²',
	}),
];
