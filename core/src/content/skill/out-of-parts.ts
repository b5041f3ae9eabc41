import { between } from '../../exercise/draws';
import type { Skill } from './skill';

function asks(unit: string): readonly string[] {
	return [
		`What is that in ${unit}, with two decimals?`,
		`Write it in ${unit}, to two decimals.`,
		`The list wants ${unit} with two decimals. What stands there?`,
	];
}

/** Whole parts of several units as one decimal. */
export const outOfParts: Skill = {
	skill: 'out-of-parts',
	title: 'Parts into one decimal',
	letter: 'd',
	about: 'Write feet and inches, or hours and minutes, as a decimal of one unit.',
	watch: 'Convert the smaller part first, then add. 5 inches are not 0.5 ft.',
	slips: ['decimal-as-parts', 'whole-included', 'wrong-number', 'truncated'],
	scenes: [
		{
			level: 1,
			things: [
				{
					says: 'A plank measures <w> ft and {<p> in|start}.',
					draw: { w: between('4', '11', 'a plank'), p: between('1', '11', 'less than a foot') },
				},
				{
					says: 'The bench is <w> ft {<p> in|start} long.',
					draw: { w: between('3', '7', 'a bench'), p: between('1', '11', 'less than a foot') },
				},
			],
			asks: asks('ft'),
			start: '<p> in',
			terms: ['<w> ft'],
			want: 'ft',
			rounding: { place: -2 },
		},
		{
			level: 1,
			things: [
				{
					says: 'The way up takes <w> h and {<p> min|start}.',
					draw: { w: between('2', '7', 'a climb'), p: between('11', '59', 'less than an hour') },
				},
				{
					says: 'The lamps burned <w> h {<p> min|start}.',
					draw: { w: between('5', '15', 'a day of lamps'), p: between('11', '59', 'less than an hour') },
				},
			],
			asks: asks('h'),
			start: '<p> min',
			terms: ['<w> h'],
			want: 'h',
			rounding: { place: -2 },
		},
		{
			level: 2,
			things: [
				{
					says: 'The load weighs <w> lb and {<p> oz|start}.',
					draw: { w: between('12', '98', 'a load'), p: between('1.1', '15.9', 'less than a pound') },
				},
				{
					says: 'A pup of the team has <w> lb {<p> oz|start}.',
					draw: { w: between('5', '19', 'a pup'), p: between('1.1', '15.9', 'less than a pound') },
				},
			],
			asks: asks('lb'),
			start: '<p> oz',
			terms: ['<w> lb'],
			want: 'lb',
			rounding: { place: -2 },
		},
		{
			level: 2,
			things: [
				{
					says: 'The rail is <w> ft and {<p> in|start} long.',
					draw: { w: between('8', '19', 'a rail'), p: between('1.1', '11.9', 'less than a foot') },
				},
				{
					says: 'Snow lies <w> ft {<p> in|start} deep in the gully.',
					draw: { w: between('4', '19', 'a gully full of snow'), p: between('1.1', '11.9', 'less than a foot') },
				},
			],
			asks: asks('ft'),
			start: '<p> in',
			terms: ['<w> ft'],
			want: 'ft',
			rounding: { place: -2 },
		},
		{
			level: 3,
			things: [
				{
					says: 'The flight took <w> h, <p> min and {<q> s|start}.',
					draw: {
						w: between('1', '2', 'a balloon'),
						p: between('11', '59', 'less than an hour'),
						q: between('11', '59', 'less than a minute'),
					},
				},
				{
					says: 'The team was on the trail for <w> h <p> min {<q> s|start}.',
					draw: {
						w: between('2', '9', 'a day out'),
						p: between('11', '59', 'less than an hour'),
						q: between('11', '59', 'less than a minute'),
					},
				},
			],
			asks: asks('h'),
			start: '<q> s',
			terms: ['<w> h', '<p> min'],
			want: 'h',
			rounding: { place: -2 },
		},
		{
			level: 3,
			things: [
				{
					says: 'In the store are <w> gal, <p> qt and {<q> pt|start} of syrup.',
					draw: {
						w: between('2', '28', 'a store'),
						p: between('1', '3', 'less than a gallon'),
						q: between('1.1', '1.9', 'less than a quart'),
					},
				},
				{
					says: 'The barrel took <w> gal <p> qt {<q> pt|start}.',
					draw: {
						w: between('12', '48', 'a barrel'),
						p: between('1', '3', 'less than a gallon'),
						q: between('1.1', '1.9', 'less than a quart'),
					},
				},
			],
			asks: asks('gal'),
			start: '<q> pt',
			terms: ['<w> gal', '<p> qt'],
			want: 'gal',
			rounding: { place: -2 },
		},
	],
};
