import { between, followed } from '../../exercise/draws';
import type { Skill } from './skill';

/** Weeks, days, hours, minutes and seconds, one after another. */
export const timeChains: Skill = {
	skill: 'time-chains',
	title: 'Chains in time',
	letter: 'b',
	about: 'Go through days, hours, minutes and seconds one at a time.',
	watch: 'A day has 24 hours and an hour has 60 minutes. None of them is 100.',
	slips: ['skipped-factor', 'wrong-number', 'flipped-factor', 'stopped-early'],
	scenes: [
		{
			level: 1,
			things: [
				{ says: 'The storm blew for {<n> h|start}.', draw: { n: between('2.13', '9.87', 'a storm') } },
				{ says: 'The bread for the hut rises {<n> h|start}.', draw: { n: between('1.13', '2.87', 'dough') } },
			],
			start: '<n> h',
			want: 's',
			line: ['60 min / 1 h', '60 s / 1 min'],
		},
		{
			level: 1,
			things: [
				{
					says: 'The seedlings stood {<n> d|start} under the lamps.',
					draw: { n: between('4.13', '9.87', 'seedlings') },
				},
				{ says: 'The pass was shut for {<n> d|start}.', draw: { n: between('1.13', '9.87', 'a pass in winter') } },
			],
			start: '<n> d',
			want: 'min',
			line: ['24 h / 1 d', '60 min / 1 h'],
		},
		{
			level: 2,
			things: [
				{
					says: 'The recorder of the mast runs {<n> wk|start} on one battery.',
					draw: { n: between('4.13', '9.87', 'a battery') },
				},
				{ says: 'The honey settles for {<n> wk|start}.', draw: { n: between('1.13', '2.87', 'honey at rest') } },
			],
			start: '<n> wk',
			want: 'min',
			line: ['7 d / 1 wk', '24 h / 1 d', '60 min / 1 h'],
		},
		{
			level: 2,
			things: [
				{
					says: 'The lamp of the hut burned {<n> min|start} on one can.',
					draw: { n: between('1130', '2870', 'a can of oil') },
				},
				{ says: 'The dogs were out for {<n> min|start}.', draw: { n: between('1450', '4870', 'a tour of some days') } },
			],
			start: '<n> min',
			want: 'd',
			line: ['1 h / 60 min', '1 d / 24 h'],
		},
		{
			level: 3,
			things: [
				{
					says: 'The frost held on for {<n> s|start}.',
					draw: { n: followed(between('1.13', '9.87', 'days of frost'), 'e5') },
				},
				{
					says: 'The melt lasted {<n> s|start}.',
					draw: { n: followed(between('2.13', '9.87', 'days of melt'), 'e5') },
				},
			],
			start: '<n> s',
			want: 'd',
			line: ['1 min / 60 s', '1 h / 60 min', '1 d / 24 h'],
		},
		{
			level: 3,
			things: [
				{
					says: 'A larch by the gate is {<n> yr|start} old, each of 365 days.',
					draw: { n: between('1.13', '3.87', 'a young tree') },
				},
				{
					says: 'The sled has been in use for {<n> yr|start} of 365 days.',
					draw: { n: between('1.13', '3.87', 'a sled') },
				},
			],
			start: '<n> yr',
			want: 'h',
			line: ['365 d / 1 yr', '24 h / 1 d'],
		},
		{
			level: 3,
			things: [
				{ says: 'Ice held the pump for {<n> wk|start}.', draw: { n: between('0.313', '0.987', 'some days of ice') } },
				{ says: 'The fog stayed {<n> wk|start}.', draw: { n: between('0.213', '0.787', 'some days of fog') } },
			],
			start: '<n> wk',
			want: 's',
			line: ['7 d / 1 wk', '24 h / 1 d', '3600 s / 1 h'],
		},
	],
};
