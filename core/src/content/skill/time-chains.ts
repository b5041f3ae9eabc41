import { between, followed } from '../../exercise/draws';
import type { Skill } from './skill';

/** Weeks, days, hours, minutes and seconds, one after another. */
export const timeChains: Skill = {
	skill: 'time-chains',
	title: 'Chains in time',
	letter: 'b',
	about: 'Go through days, hours, minutes and seconds, one after another.',
	watch: 'A day has 24 hours and an hour 60 minutes; no step of time is a hundred.',
	slips: ['skipped-factor', 'wrong-number', 'flipped-factor', 'stopped-early'],
	scenes: [
		{
			level: 1,
			draw: { n: between('1.13', '9.87') },
			says: ['The storm blew for {<n> h|start}.', 'The bread for the hut rises {<n> h|start}.'],
			start: '<n> h',
			want: 's',
			line: ['60 min / 1 h', '60 s / 1 min'],
		},
		{
			level: 1,
			draw: { n: between('1.13', '9.87') },
			says: ['The seedlings stood {<n> d|start} under the lamps.', 'The pass was shut for {<n> d|start}.'],
			start: '<n> d',
			want: 'min',
			line: ['24 h / 1 d', '60 min / 1 h'],
		},
		{
			level: 2,
			draw: { n: between('1.13', '9.87') },
			says: ['The recorder of the mast runs {<n> wk|start} on one battery.', 'The honey settles for {<n> wk|start}.'],
			start: '<n> wk',
			want: 'min',
			line: ['7 d / 1 wk', '24 h / 1 d', '60 min / 1 h'],
		},
		{
			level: 2,
			draw: { n: between('1130', '9870') },
			says: ['The lamp of the hut burned {<n> min|start} on one can.', 'The dogs were out for {<n> min|start}.'],
			start: '<n> min',
			want: 'd',
			line: ['1 h / 60 min', '1 d / 24 h'],
		},
		{
			level: 3,
			draw: { n: followed(between('1.13', '9.87'), 'e5') },
			says: ['The frost held on for {<n> s|start}.', 'The melt lasted {<n> s|start}.'],
			start: '<n> s',
			want: 'd',
			line: ['1 min / 60 s', '1 h / 60 min', '1 d / 24 h'],
		},
		{
			level: 3,
			draw: { n: between('1.13', '3.87') },
			says: ['A larch by the gate is {<n> yr|start} old.', 'The sled has been in use for {<n> yr|start}.'],
			start: '<n> yr',
			want: 'h',
			line: ['365 d / 1 yr', '24 h / 1 d'],
		},
		{
			level: 3,
			draw: { n: between('0.113', '0.987') },
			says: ['Ice held the pump for {<n> wk|start}.', 'The fog stayed {<n> wk|start}.'],
			start: '<n> wk',
			want: 's',
			line: ['7 d / 1 wk', '24 h / 1 d', '3600 s / 1 h'],
		},
	],
};
