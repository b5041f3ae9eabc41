import { between } from '../../exercise/draws';
import type { Skill } from './skill';

/** Volumes, which take the plain factor three times. */
export const volumes: Skill = {
	skill: 'volumes',
	title: 'Volumes',
	letter: 'h',
	about: 'Convert a cubic unit with the plain factor, cubed. A litre is a cubic decimetre.',
	watch: 'Three times the factor, or a fact of volumes such as 1 mL = 1 cm³.',
	slips: ['power-missed', 'flipped-factor', 'skipped-factor', 'wrong-number'],
	scenes: [
		{
			level: 1,
			things: [
				{ says: 'The compost bin holds {<n> m³|start}.', draw: { n: between('0.313', '0.987', 'a bin') } },
				{
					says: 'The small balloon is filled with {<n> m³|start} of gas.',
					draw: { n: between('0.813', '2.487', 'a small balloon') },
				},
			],
			start: '<n> m^3',
			want: 'cm³',
			line: ['(100 cm / 1 m) ^ 3'],
		},
		{
			level: 1,
			things: [
				{ says: 'The wood box takes {<n> ft³|start}.', draw: { n: between('3.13', '9.87', 'a box by the stove') } },
				{ says: 'The freezer has {<n> ft³|start} of room.', draw: { n: between('4.13', '9.87', 'a freezer') } },
			],
			start: '<n> ft^3',
			want: 'in³',
			line: ['(12 in / 1 ft) ^ 3'],
		},
		{
			level: 2,
			things: [
				{ says: 'The wax block has {<n> cm³|start}.', draw: { n: between('313', '987', 'a block of wax') } },
				{ says: 'A core of snow has {<n> cm³|start}.', draw: { n: between('513', '1987', 'a core') } },
			],
			start: '<n> cm^3',
			want: 'L',
			line: ['1 mL / 1 cm^3', '1 L / 1000 mL'],
		},
		{
			level: 2,
			things: [
				{ says: 'A bead of solder has {<n> mm³|start}.', draw: { n: between('11.3', '48.7', 'a bead') } },
				{ says: 'The drill took out {<n> mm³|start} of rock.', draw: { n: between('1130', '9870', 'a hole') } },
			],
			start: '<n> mm^3',
			want: 'cm³',
			line: ['(1 cm / 10 mm) ^ 3'],
		},
		{
			level: 3,
			things: [
				{ says: 'The soil bin holds {<n> ft³|start}.', draw: { n: between('4.13', '19.87', 'a bin') } },
				{ says: 'The sled box has {<n> ft³|start}.', draw: { n: between('5.13', '14.87', 'a box on a sled') } },
			],
			start: '<n> ft^3',
			want: 'L',
			line: ['(12 in / 1 ft) ^ 3', '(2.54 cm / 1 in) ^ 3', '1 mL / 1 cm^3', '1 L / 1000 mL'],
		},
		{
			level: 3,
			things: [
				{ says: 'The engine of the snow cat has {<n> in³|start}.', draw: { n: between('81.3', '298.7', 'an engine') } },
				{ says: 'The float of the gauge has {<n> in³|start}.', draw: { n: between('3.13', '19.87', 'a float') } },
			],
			start: '<n> in^3',
			want: 'cm³',
			line: ['(2.54 cm / 1 in) ^ 3'],
		},
		{
			level: 3,
			things: [
				{ says: 'The brook carries {<n> m³/s|start}.', draw: { n: between('0.113', '0.987', 'a brook') } },
				{
					says: 'The fan moves {<n> m³/s|start} of air.',
					draw: { n: between('0.213', '0.987', 'a fan of a glasshouse') },
				},
			],
			start: '<n> m^3/s',
			want: 'L/min',
			line: ['1000 L / 1 m^3', '60 s / 1 min'],
		},
	],
};
