import { between, oneOf } from '../../exercise/draws';
import type { Skill } from './skill';

const DROPS = [
	'How many drops a minute is that, to the nearest drop?',
	'Set the drip: how many drops/min, to the nearest whole one?',
];
const WHOLE = { place: 0 };
/** What a drip chamber is made for. */
const SET = oneOf('a drip set', '15', '20');
const FINE = oneOf('a fine drip set', '60');

/** Drops in a minute from a volume in a time. */
export const dripRates: Skill = {
	skill: 'drip-rates',
	title: 'Drip rates',
	letter: 'n',
	about: 'Find the drops each minute from a volume, a time, and the drops in a millilitre.',
	watch: 'Start with the volume over the time. Drops per millilitre are a factor.',
	slips: ['flipped-factor', 'skipped-factor', 'bracket-missed', 'wrong-start'],
	scenes: [
		{
			level: 1,
			things: [
				{
					says: 'The line is to give {<v> mL in <t> min|start}, at {<k> drops|fact} to {1 mL|fact}.',
					draw: { v: between('213', '387', 'a watering'), t: between('113', '187', 'some hours'), k: SET },
				},
				{
					says: 'The vine is to get {<v> mL in <t> min|start}; the fine drip gives {<k> drops|fact} for {1 mL|fact}.',
					draw: { v: between('41', '98', 'a small plant'), t: between('113', '187', 'some hours'), k: FINE },
				},
			],
			asks: DROPS,
			start: '<v> mL in <t> min',
			facts: ['<k> drop = 1 mL exact'],
			want: 'drop/min',
			line: ['<k> drop / 1 mL'],
			rounding: WHOLE,
		},
		{
			level: 1,
			things: [
				{
					says: 'The tray takes {<n> mL/min|start}, and the set gives {<k> drops|fact} for {1 mL|fact}.',
					draw: { n: between('0.613', '2.487', 'a tray'), k: SET },
				},
				{
					says: 'A cutting is given {<n> mL/min|start} through a fine drip of {<k> drops|fact} to {1 mL|fact}.',
					draw: { n: between('0.213', '0.887', 'a cutting'), k: FINE },
				},
			],
			asks: DROPS,
			start: '<n> mL/min',
			facts: ['<k> drop = 1 mL exact'],
			want: 'drop/min',
			line: ['<k> drop / 1 mL'],
			rounding: WHOLE,
		},
		{
			level: 1,
			things: [
				{
					says: 'Someone counts {<n> drops/min|start} at the tap, {<k> drops|fact} to {1 mL|fact}.',
					draw: { n: between('21', '58', 'drops one can count'), k: SET },
				},
				{
					says: 'The gutter lets {<n> drops/min|start} fall; {<k> drops|fact} make {1 mL|fact}.',
					draw: { n: between('21', '58', 'drops one can count'), k: SET },
				},
			],
			asks: ['How many mL/min is that?', 'What does it lose in mL each minute?'],
			start: '<n> drop/min',
			facts: ['<k> drop = 1 mL exact'],
			want: 'mL/min',
			line: ['1 mL / <k> drop'],
		},
		{
			level: 2,
			things: [
				{
					says: 'The tray is to get {<v> mL in <t> h|start}, with {<k> drops|fact} to {1 mL|fact}.',
					draw: { v: between('413', '687', 'a tray'), t: between('5.25', '7.75', 'a working day'), k: SET },
				},
				{
					says: 'The sick dog is given {<v> mL in <t> h|start}; the set gives {<k> drops|fact} for {1 mL|fact}.',
					draw: { v: between('413', '587', 'fluid for a dog'), t: between('4.25', '7.75', 'some hours'), k: SET },
				},
			],
			asks: DROPS,
			start: '<v> mL in <t> h',
			facts: ['<k> drop = 1 mL exact'],
			want: 'drop/min',
			line: ['<k> drop / 1 mL', '1 h / 60 min'],
			rounding: WHOLE,
		},
		{
			level: 2,
			things: [
				{
					says: 'The bed needs {<n> mL/h|start}. The dripper makes {<k> drops|fact} out of {1 mL|fact}.',
					draw: { n: between('61.3', '138.7', 'a bed'), k: SET },
				},
				{
					says: 'A lamb is to have {<n> mL/h|start}; the fine set gives {<k> drops|fact} for {1 mL|fact}.',
					draw: { n: between('11.3', '38.7', 'a lamb'), k: FINE },
				},
			],
			asks: DROPS,
			start: '<n> mL/h',
			facts: ['<k> drop = 1 mL exact'],
			want: 'drop/min',
			line: ['<k> drop / 1 mL', '1 h / 60 min'],
			rounding: WHOLE,
		},
		{
			level: 2,
			things: [
				{
					says: 'The drip stands at {<n> drops/min|start}, with {<k> drops|fact} to {1 mL|fact}.',
					draw: { n: between('21', '58', 'drops one can count'), k: SET },
				},
				{
					says: 'From the leak come {<n> drops/min|start}; {1 mL|fact} is {<k> drops|fact}.',
					draw: { n: between('21', '58', 'drops one can count'), k: SET },
				},
			],
			asks: ['How many mL is that in an hour, in mL/h?', 'What is that in mL/h?'],
			start: '<n> drop/min',
			facts: ['<k> drop = 1 mL exact'],
			want: 'mL/h',
			line: ['1 mL / <k> drop', '60 min / 1 h'],
		},
		{
			level: 3,
			things: [
				{
					says: 'The bed gets {<v> L in <t> h|start} through one dripper, {<k> drops|fact} to {1 mL|fact}.',
					draw: { v: between('0.513', '0.887', 'a bed'), t: between('5.25', '7.75', 'a working day'), k: SET },
				},
				{
					says: 'A larch is to have {<v> L in <t> h|start}. The dripper makes {<k> drops|fact} out of {1 mL|fact}.',
					draw: { v: between('1.13', '1.87', 'a tree'), t: between('11.25', '17.75', 'a night'), k: SET },
				},
			],
			asks: DROPS,
			start: '<v> L in <t> h',
			facts: ['<k> drop = 1 mL exact'],
			want: 'drop/min',
			line: ['1000 mL / 1 L', '<k> drop / 1 mL', '1 h / 60 min'],
			rounding: WHOLE,
		},
		{
			level: 3,
			things: [
				{
					says: 'The young trees take {<n> L/d|start} from one dripper, {<k> drops|fact} to {1 mL|fact}.',
					draw: { n: between('1.13', '3.87', 'a day of watering'), k: SET },
				},
				{
					says: 'A cow in the stable is given {<n> L/d|start}; the set gives {<k> drops|fact} for {1 mL|fact}.',
					draw: { n: between('2.13', '4.87', 'fluid for a cow'), k: SET },
				},
			],
			asks: DROPS,
			start: '<n> L/d',
			facts: ['<k> drop = 1 mL exact'],
			want: 'drop/min',
			line: ['1000 mL / 1 L', '<k> drop / 1 mL', '1 d / 24 h', '1 h / 60 min'],
			rounding: WHOLE,
		},
		{
			level: 3,
			things: [
				{
					says: 'The tap in the wash house lets {<n> drops/min|start} fall, {<k> drops|fact} to {1 mL|fact}.',
					draw: { n: between('21', '58', 'drops one can count'), k: SET },
				},
				{
					says: 'A crack in the tank gives {<n> drops/min|start}; {<k> drops|fact} make {1 mL|fact}.',
					draw: { n: between('21', '58', 'drops one can count'), k: SET },
				},
			],
			asks: ['How many litres a day is that, in L/d?', 'What is lost in L/d?'],
			start: '<n> drop/min',
			facts: ['<k> drop = 1 mL exact'],
			want: 'L/d',
			line: ['1 mL / <k> drop', '1 L / 1000 mL', '60 min / 1 h', '24 h / 1 d'],
		},
	],
};
