import { between } from '../../exercise/draws';
import type { Skill } from './skill';

/** From one prefix to another, by way of the base unit. */
export const twoPrefixes: Skill = {
	skill: 'two-prefixes',
	title: 'Two prefixes, through the base unit',
	letter: '7',
	about: 'Go from one prefixed unit to another through the unit without a prefix.',
	watch: 'Use two factors. In each, the power of ten goes with the base unit.',
	slips: ['prefix-sign', 'flipped-factor', 'skipped-factor', 'place-slip', 'ee-slip'],
	scenes: [
		{
			level: 1,
			things: [
				{ says: 'The trail from the hut is {<n> km|start} long.', draw: { n: between('1.13', '9.87', 'a trail') } },
				{ says: 'The sled dogs ran {<n> km|start}.', draw: { n: between('4.13', '9.87', 'a short run') } },
			],
			start: '<n> km',
			want: 'cm',
			line: ['1000 m / 1 km', '100 cm / 1 m'],
		},
		{
			level: 1,
			things: [
				{ says: 'A lick of the salt block is {<n> mg|start}.', draw: { n: between('113', '487', 'a lick') } },
				{ says: 'The tablet for the dog has {<n> mg|start}.', draw: { n: between('113', '987', 'a tablet') } },
			],
			start: '<n> mg',
			want: 'kg',
			line: ['1 g / 1000 mg', '1 kg / 1000 g'],
		},
		{
			level: 2,
			things: [
				{
					says: 'The solar cell of the sensor gives {<n> mA|start}.',
					draw: { n: between('0.113', '0.987', 'a small cell in weak light') },
				},
				{
					says: 'The frost alarm sleeps at {<n> mA|start}.',
					draw: { n: between('0.113', '0.487', 'a device asleep') },
				},
			],
			start: '<n> mA',
			want: 'µA',
			line: ['10^-3 A / 1 mA', '1 µA / 10^-6 A'],
		},
		{
			level: 2,
			things: [
				{ says: 'A drop from the pipette holds {<n> µL|start}.', draw: { n: between('31.3', '58.7', 'a drop') } },
				{
					says: 'A bee brings home {<n> µL|start} of nectar.',
					draw: { n: between('21.3', '58.7', 'what a bee can carry') },
				},
			],
			start: '<n> µL',
			want: 'mL',
			line: ['10^-6 L / 1 µL', '1 mL / 10^-3 L'],
		},
		{
			level: 3,
			things: [
				{
					says: 'The line over the pass carries {<n> MV|start}.',
					draw: { n: between('0.1113', '0.3787', 'a long line') },
				},
				{
					says: 'A spark at the test stand jumped at {<n> MV|start}.',
					draw: { n: between('0.0213', '0.0987', 'a spark of some centimetres') },
				},
			],
			start: '<n> MV',
			want: 'mV',
			line: ['10^6 V / 1 MV', '1 mV / 10^-3 V'],
		},
		{
			level: 3,
			things: [
				{
					says: 'The thread in the sensor is {<n> nm|start} thick.',
					draw: { n: between('213', '987', 'a fine thread') },
				},
				{
					says: 'The coating of the lens is {<n> nm|start} thick.',
					draw: { n: between('91.3', '158.7', 'a coating') },
				},
			],
			start: '<n> nm',
			want: 'cm',
			line: ['10^-9 m / 1 nm', '1 cm / 10^-2 m'],
		},
		{
			level: 3,
			things: [
				{ says: 'The radio beats once in {<n> µs|start}.', draw: { n: between('1.13', '9.87', 'a long wave') } },
				{ says: 'The flash of the marker lasts {<n> µs|start}.', draw: { n: between('113', '987', 'a flash') } },
			],
			start: '<n> µs',
			want: 'ns',
			line: ['10^-6 s / 1 µs', '1 ns / 10^-9 s'],
		},
	],
};
