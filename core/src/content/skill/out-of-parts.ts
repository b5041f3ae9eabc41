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
	watch: 'Change the smaller part first, then add; 5 inches are not 0.5 ft.',
	slips: ['decimal-as-parts', 'whole-included', 'wrong-number', 'truncated'],
	scenes: [
		{
			level: 1,
			draw: { w: between('2', '98'), p: between('1', '11') },
			says: ['A plank measures <w> ft and {<p> in|start}.', 'The bench is <w> ft {<p> in|start} long.'],
			asks: asks('ft'),
			start: '<p> in',
			terms: ['<w> ft'],
			want: 'ft',
			rounding: { place: -2 },
		},
		{
			level: 1,
			draw: { w: between('2', '23'), p: between('11', '59') },
			says: ['The way up takes <w> h and {<p> min|start}.', 'The lamps burned <w> h {<p> min|start}.'],
			asks: asks('h'),
			start: '<p> min',
			terms: ['<w> h'],
			want: 'h',
			rounding: { place: -2 },
		},
		{
			level: 2,
			draw: { w: between('2', '98'), p: between('1.1', '15.9') },
			says: ['The load weighs <w> lb and {<p> oz|start}.', 'A pup of the team has <w> lb {<p> oz|start}.'],
			asks: asks('lb'),
			start: '<p> oz',
			terms: ['<w> lb'],
			want: 'lb',
			rounding: { place: -2 },
		},
		{
			level: 2,
			draw: { w: between('2', '98'), p: between('1.1', '11.9') },
			says: ['The rail is <w> ft and {<p> in|start} long.', 'Snow lies <w> ft {<p> in|start} deep in the gully.'],
			asks: asks('ft'),
			start: '<p> in',
			terms: ['<w> ft'],
			want: 'ft',
			rounding: { place: -2 },
		},
		{
			level: 3,
			draw: { w: between('2', '23'), p: between('11', '59'), q: between('11', '59') },
			says: [
				'The flight took <w> h, <p> min and {<q> s|start}.',
				'The team was on the trail for <w> h <p> min {<q> s|start}.',
			],
			asks: asks('h'),
			start: '<q> s',
			terms: ['<w> h', '<p> min'],
			want: 'h',
			rounding: { place: -2 },
		},
		{
			level: 3,
			draw: { w: between('2', '98'), p: between('1', '3'), q: between('1.1', '1.9') },
			says: [
				'In the store are <w> gal, <p> qt and {<q> pt|start} of syrup.',
				'The barrel took <w> gal <p> qt {<q> pt|start}.',
			],
			asks: asks('gal'),
			start: '<q> pt',
			terms: ['<w> gal', '<p> qt'],
			want: 'gal',
			rounding: { place: -2 },
		},
	],
};
