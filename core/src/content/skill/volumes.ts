import { between } from '../../exercise/draws';
import type { Skill } from './skill';

/** Volumes, which take the plain factor three times. */
export const volumes: Skill = {
	skill: 'volumes',
	title: 'Volumes',
	letter: 'h',
	about: 'Change a cubic unit: the plain factor, cubed; a litre is a cubic decimetre.',
	watch: 'Three times the factor, or a fact of volumes such as 1 mL = 1 cm³.',
	slips: ['power-missed', 'flipped-factor', 'skipped-factor', 'wrong-number'],
	scenes: [
		{
			level: 1,
			draw: { n: between('0.113', '0.987') },
			says: ['The compost bin holds {<n> m³|start}.', 'The balloon is filled with {<n> m³|start} of gas.'],
			start: '<n> m^3',
			want: 'cm³',
			line: ['(100 cm / 1 m) ^ 3'],
		},
		{
			level: 1,
			draw: { n: between('1.13', '9.87') },
			says: ['The wood box takes {<n> ft³|start}.', 'The freezer has {<n> ft³|start} of room.'],
			start: '<n> ft^3',
			want: 'in³',
			line: ['(12 in / 1 ft) ^ 3'],
		},
		{
			level: 2,
			draw: { n: between('113', '987') },
			says: ['The wax block has {<n> cm³|start}.', 'A core of snow has {<n> cm³|start}.'],
			start: '<n> cm^3',
			want: 'L',
			line: ['1 mL / 1 cm^3', '1 L / 1000 mL'],
		},
		{
			level: 2,
			draw: { n: between('1130', '9870') },
			says: ['A bead of solder has {<n> mm³|start}.', 'The drill took out {<n> mm³|start} of rock.'],
			start: '<n> mm^3',
			want: 'cm³',
			line: ['(1 cm / 10 mm) ^ 3'],
		},
		{
			level: 3,
			draw: { n: between('1.13', '9.87') },
			says: ['The soil bin holds {<n> ft³|start}.', 'The sled box has {<n> ft³|start}.'],
			start: '<n> ft^3',
			want: 'L',
			line: ['(12 in / 1 ft) ^ 3', '(2.54 cm / 1 in) ^ 3', '1 mL / 1 cm^3', '1 L / 1000 mL'],
		},
		{
			level: 3,
			draw: { n: between('11.3', '98.7') },
			says: ['The engine of the snow cat has {<n> in³|start}.', 'The float of the gauge has {<n> in³|start}.'],
			start: '<n> in^3',
			want: 'cm³',
			line: ['(2.54 cm / 1 in) ^ 3'],
		},
		{
			level: 3,
			draw: { n: between('0.113', '0.987') },
			says: ['The brook carries {<n> m³/s|start}.', 'The fan moves {<n> m³/s|start} of air.'],
			start: '<n> m^3/s',
			want: 'L/min',
			line: ['1000 L / 1 m^3', '60 s / 1 min'],
		},
	],
};
