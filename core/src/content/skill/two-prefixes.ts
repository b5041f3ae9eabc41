import { between } from '../../exercise/draws';
import type { Skill } from './skill';

/** From one prefix to another, by way of the base unit. */
export const twoPrefixes: Skill = {
	skill: 'two-prefixes',
	title: 'Two prefixes, through the base unit',
	letter: '7',
	about: 'Go from one prefixed unit to another by way of the unit without a prefix.',
	watch: 'Two blocks, and in each the power of ten stands with the base unit.',
	slips: ['prefix-sign', 'flipped-factor', 'skipped-factor', 'place-slip', 'ee-slip'],
	scenes: [
		{
			level: 1,
			draw: { n: between('1.13', '9.87') },
			says: ['The trail from the hut is {<n> km|start} long.', 'The sled dogs ran {<n> km|start}.'],
			start: '<n> km',
			want: 'cm',
			line: ['1000 m / 1 km', '100 cm / 1 m'],
		},
		{
			level: 1,
			draw: { n: between('113', '987') },
			says: ['A lick of the salt block is {<n> mg|start}.', 'The tablet for the dog has {<n> mg|start}.'],
			start: '<n> mg',
			want: 'kg',
			line: ['1 g / 1000 mg', '1 kg / 1000 g'],
		},
		{
			level: 2,
			draw: { n: between('0.113', '0.987') },
			says: ['The battery of the balloon gives {<n> mA|start}.', 'The frost alarm sleeps at {<n> mA|start}.'],
			start: '<n> mA',
			want: 'µA',
			line: ['10^-3 A / 1 mA', '1 µA / 10^-6 A'],
		},
		{
			level: 2,
			draw: { n: between('11.3', '98.7') },
			says: ['A drop from the pipette holds {<n> µL|start}.', 'A bee brings home {<n> µL|start} of nectar.'],
			start: '<n> µL',
			want: 'mL',
			line: ['10^-6 L / 1 µL', '1 mL / 10^-3 L'],
		},
		{
			level: 3,
			draw: { n: between('0.0113', '0.0987') },
			says: ['The masts of the old line carried {<n> MV|start}.', 'A spark in the storm jumped at {<n> MV|start}.'],
			start: '<n> MV',
			want: 'mV',
			line: ['10^6 V / 1 MV', '1 mV / 10^-3 V'],
		},
		{
			level: 3,
			draw: { n: between('113', '987') },
			says: ['The thread in the sensor is {<n> nm|start} thick.', 'The coating of the lens is {<n> nm|start} thick.'],
			start: '<n> nm',
			want: 'cm',
			line: ['10^-9 m / 1 nm', '1 cm / 10^-2 m'],
		},
		{
			level: 3,
			draw: { n: between('1.13', '9.87') },
			says: ['The radio beats once in {<n> µs|start}.', 'The flash of the marker lasts {<n> µs|start}.'],
			start: '<n> µs',
			want: 'ns',
			line: ['10^-6 s / 1 µs', '1 ns / 10^-9 s'],
		},
	],
};
