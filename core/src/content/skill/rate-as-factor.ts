import { between } from '../../exercise/draws';
import type { Skill } from './skill';

/** A rate from the problem as a factor: how long, how far, how much. */
export const rateAsFactor: Skill = {
	skill: 'rate-as-factor',
	title: 'A rate as a factor',
	letter: 'k',
	about: 'Use a rate from the problem to find how long, how far or how much.',
	watch: 'The rate is a factor, not the start. Turn it so that the unit of the start cancels.',
	slips: ['wrong-start', 'flipped-factor', 'skipped-factor'],
	scenes: [
		{
			level: 1,
			things: [
				{
					says: 'A balloon climbs {<r> m|fact} each {1 s|fact}, for {<n> s|start}.',
					draw: { n: between('41.3', '98.7', 'a short climb'), r: between('3.13', '6.87', 'a balloon') },
				},
				{
					says: 'The hoist lifts {<r> m|fact} in {1 s|fact}. It runs {<n> s|start}.',
					draw: { n: between('11.3', '38.7', 'a lift'), r: between('0.213', '0.687', 'a hoist') },
				},
			],
			asks: ['How many metres is that?', 'How far does it get, in m?'],
			start: '<n> s',
			facts: ['<r> m = 1 s'],
			want: 'm',
			line: ['<r> m / 1 s'],
		},
		{
			level: 1,
			things: [
				{
					says: 'The can holds {<n> mL|start}, and the line takes {<r> mL|fact} each {1 min|fact}.',
					draw: { n: between('513', '987', 'a can'), r: between('11.3', '58.7', 'a drip line') },
				},
				{
					says: 'A flask of {<n> mL|start} drips away at {<r> mL|fact} each {1 min|fact}.',
					draw: { n: between('113', '487', 'a flask'), r: between('1.13', '9.87', 'a slow drip') },
				},
			],
			asks: ['For how many minutes does it last?', 'How long does it last, in min?'],
			start: '<n> mL',
			facts: ['<r> mL = 1 min'],
			want: 'min',
			line: ['1 min / <r> mL'],
		},
		{
			level: 2,
			things: [
				{
					says: 'The drip tank holds {<n> L|start}. The line takes {<r> mL|fact} each {1 min|fact}.',
					draw: { n: between('11.3', '48.7', 'a tank'), r: between('11.3', '98.7', 'a drip line') },
				},
				{
					says: 'From a tank of {<n> L|start} the bed is given {<r> mL|fact} each {1 min|fact}.',
					draw: { n: between('4.13', '19.87', 'a tank'), r: between('21.3', '98.7', 'a bed') },
				},
			],
			asks: ['For how many hours does it last?', 'How long does it last, in h?'],
			start: '<n> L',
			facts: ['<r> mL = 1 min'],
			want: 'h',
			line: ['1000 mL / 1 L', '1 min / <r> mL', '1 h / 60 min'],
		},
		{
			level: 2,
			things: [
				{
					says: 'The sled team makes {<r> km|fact} each {1 h|fact}. It is out for {<n> h|start}.',
					draw: { n: between('1.3', '5.7', 'a tour'), r: between('11.3', '18.7', 'a sled team') },
				},
				{
					says: 'A skier makes {<r> km|fact} in {1 h|fact} and goes on for {<n> h|start}.',
					draw: { n: between('1.3', '4.7', 'a tour'), r: between('5.3', '11.7', 'a skier') },
				},
			],
			asks: ['How many metres is that?', 'How far is that in m?'],
			start: '<n> h',
			facts: ['<r> km = 1 h'],
			want: 'm',
			line: ['<r> km / 1 h', '1000 m / 1 km'],
		},
		{
			level: 3,
			things: [
				{
					says: 'The path to the pass is {<n> km|start} long, and the snow cat does {<r> m|fact} each {1 s|fact}.',
					draw: { n: between('11.3', '38.7', 'a pass'), r: between('2.13', '4.87', 'a snow cat') },
				},
				{
					says: 'The sled has {<n> km|start} before it and does {<r> m|fact} in {1 s|fact}.',
					draw: { n: between('21.3', '68.7', 'a day of sledding'), r: between('3.13', '5.87', 'a sled') },
				},
			],
			asks: ['How long does that take, in h?', 'How many hours is that?'],
			start: '<n> km',
			facts: ['<r> m = 1 s'],
			want: 'h',
			line: ['1000 m / 1 km', '1 s / <r> m', '1 min / 60 s', '1 h / 60 min'],
		},
		{
			level: 3,
			things: [
				{
					says: 'The stove runs for {<n> wk|start} and takes {<r> kg|fact} of pellets each {1 h|fact}.',
					draw: { n: between('1.13', '9.87', 'a cold spell'), r: between('0.53', '1.97', 'a stove') },
				},
				{
					says: 'For {<n> wk|start} the boiler is fed {<r> kg|fact} of wood each {1 h|fact}.',
					draw: { n: between('4.13', '9.87', 'a winter'), r: between('2.3', '6.7', 'a boiler') },
				},
			],
			asks: ['How many tonnes is that?', 'What mass is that, in t?'],
			start: '<n> wk',
			facts: ['<r> kg = 1 h'],
			want: 't',
			line: ['7 d / 1 wk', '24 h / 1 d', '<r> kg / 1 h', '1 t / 1000 kg'],
		},
	],
};
