import { between } from '../../exercise/draws';
import type { Skill } from './skill';

/** A rate of which both ends change. */
export const rateBothEnds: Skill = {
	skill: 'rate-both-ends',
	title: 'A rate, both ends',
	letter: 'f',
	about: 'Change both the top unit and the bottom unit of a rate.',
	watch: 'Change one unit first, then the other. The bottom unit needs its factor the other way up.',
	slips: ['flipped-factor', 'skipped-factor', 'bracket-missed', 'stopped-early'],
	scenes: [
		{
			level: 1,
			things: [
				{ says: 'A drip line gives {<n> mL/min|start}.', draw: { n: between('11.3', '58.7', 'a drip line') } },
				{
					says: 'The tap of the syrup tank runs at {<n> mL/min|start}.',
					draw: { n: between('113', '487', 'thick syrup') },
				},
			],
			start: '<n> mL/min',
			want: 'L/h',
			line: ['1 L / 1000 mL', '60 min / 1 h'],
		},
		{
			level: 1,
			things: [
				{
					says: 'The wind at the mast blows {<n> km/h|start}.',
					draw: { n: between('11.3', '98.7', 'wind on a ridge') },
				},
				{ says: 'The sled comes down at {<n> km/h|start}.', draw: { n: between('21.3', '48.7', 'a sled downhill') } },
			],
			start: '<n> km/h',
			want: 'm/s',
			line: ['1000 m / 1 km', '1 h / 3600 s'],
		},
		{
			level: 2,
			things: [
				{ says: 'The mast records a gust of {<n> mi/h|start}.', draw: { n: between('21.3', '78.7', 'a gust') } },
				{ says: 'The eagle over the ridge flies {<n> mi/h|start}.', draw: { n: between('21.3', '48.7', 'an eagle') } },
			],
			start: '<n> mi/h',
			want: 'ft/s',
			line: ['5280 ft / 1 mi', '1 h / 60 min', '1 min / 60 s'],
		},
		{
			level: 2,
			things: [
				{ says: 'New snow deepens at {<n> in/h|start}.', draw: { n: between('0.513', '3.87', 'snowfall') } },
				{ says: 'The water in the gully rises {<n> in/h|start}.', draw: { n: between('1.13', '9.87', 'melt water') } },
			],
			start: '<n> in/h',
			want: 'mm/min',
			line: ['2.54 cm / 1 in', '10 mm / 1 cm', '1 h / 60 min'],
		},
		{
			level: 3,
			things: [
				{ says: 'The spring gives {<n> gal/min|start}.', draw: { n: between('1.13', '9.87', 'a spring') } },
				{ says: 'The old pump lifts {<n> gal/min|start}.', draw: { n: between('2.13', '8.87', 'a hand pump') } },
			],
			start: '<n> gal/min',
			want: 'mL/s',
			line: ['3.785411784 L / 1 gal', '1000 mL / 1 L', '1 min / 60 s'],
		},
		{
			level: 3,
			things: [
				{
					says: 'Feed for the dogs goes at {<n> lb/d|start}.',
					draw: { n: between('8.13', '19.87', 'a team of dogs') },
				},
				{
					says: 'The stove burns {<n> lb/d|start} of pellets.',
					draw: { n: between('21.3', '48.7', 'a stove in winter') },
				},
			],
			start: '<n> lb/d',
			want: 'g/h',
			line: ['453.59237 g / 1 lb', '1 d / 24 h'],
		},
		{
			level: 3,
			things: [
				{
					says: 'A dog team ran {<d> km in <t> min|start}.',
					draw: { d: between('4.13', '9.87', 'a run'), t: between('21.3', '38.7', 'a run at a trot') },
				},
				{
					says: 'The balloon drifted {<d> km in <t> min|start}.',
					draw: { d: between('5.13', '19.87', 'a drift'), t: between('21.3', '58.7', 'less than an hour') },
				},
			],
			asks: ['What mean speed is that in m/s?', 'How many metres per second is that?', 'Write it as a speed in m/s.'],
			start: '<d> km in <t> min',
			want: 'm/s',
			line: ['1000 m / 1 km', '1 min / 60 s'],
		},
	],
};
