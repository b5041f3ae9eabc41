import { between } from '../../exercise/draws';
import type { Skill } from './skill';

const ASKS = ['What is that together, in g?', 'How much do they weigh together, in g?', 'Add them up, in g.'];

/** Figures of a sum: the last place that all terms have. */
export const figuresAdded: Skill = {
	skill: 'figures-added',
	title: 'Figures when adding',
	letter: 'v',
	about: 'Round a sum to the last place that all its terms have.',
	watch: 'In a sum the decimal place limits the answer, not the number of figures.',
	slips: ['digits-many', 'digits-few', 'rounded-early', 'truncated'],
	scenes: [
		{
			level: 1,
			things: [
				{
					says: 'On the balance lie a jar of {<a> g|start} and a lid of <b> g.',
					draw: { a: between('151.1', '248.9', 'a jar'), b: between('6.113', '9.887', 'a lid') },
				},
				{
					says: 'A cutting of {<a> g|start} stands in a pot of <b> g.',
					draw: { a: between('11.1', '38.9', 'a cutting'), b: between('41.113', '98.887', 'a pot') },
				},
			],
			asks: ASKS,
			start: '<a> g',
			terms: ['<b> g'],
			want: 'g',
		},
		{
			level: 2,
			things: [
				{
					says: 'The kit is a lens of {<a> g|start}, a ring of <b> g and a screw of <c> g.',
					draw: {
						a: between('11.13', '48.87', 'a lens'),
						b: between('3.1', '9.8', 'a ring'),
						c: between('0.313', '0.887', 'a screw'),
					},
				},
				{
					says: 'In the dish are {<a> g|start} of lime, <b> g of ash and <c> g of salt.',
					draw: {
						a: between('11.13', '98.87', 'lime'),
						b: between('1.1', '9.8', 'ash'),
						c: between('0.113', '0.887', 'salt'),
					},
				},
			],
			asks: ASKS,
			start: '<a> g',
			terms: ['<b> g', '<c> g'],
			want: 'g',
		},
		{
			level: 2,
			things: [
				{
					says: 'The lamp has {<a> g|start}, its oil <b> g.',
					draw: { a: between('313', '987', 'a lamp'), b: between('81.3', '198.7', 'its oil') },
				},
				{
					says: 'A comb of {<a> g|start} sits in a frame of <b> g.',
					draw: { a: between('1113', '2487', 'a full comb'), b: between('181.3', '298.7', 'a frame') },
				},
			],
			asks: ASKS,
			start: '<a> g',
			terms: ['<b> g'],
			want: 'g',
		},
		{
			level: 3,
			things: [
				{
					says: 'A box of {<a> g|start} is filled with <b> kg of seed.',
					draw: { a: between('113.2', '387.6', 'a box'), b: between('0.513', '0.987', 'seed') },
				},
				{
					says: 'To {<a> g|start} of flour come <b> kg of oats.',
					draw: { a: between('113.2', '987.6', 'flour'), b: between('0.113', '0.887', 'oats') },
				},
			],
			asks: ASKS,
			start: '<a> g',
			terms: ['<b> kg'],
			want: 'g',
		},
		{
			level: 3,
			things: [
				{
					says: 'The pack of the balloon: a radio of {<a> g|start}, a cell of <b> g and a cord of <c> g.',
					draw: {
						a: between('81.13', '148.87', 'a radio'),
						b: between('41', '98', 'a cell'),
						c: between('4.13', '19.87', 'a cord'),
					},
				},
				{
					says: 'Weighed one after another: {<a> g|start}, <b> g and <c> g.',
					draw: {
						a: between('11.13', '98.87', 'a small thing'),
						b: between('113', '987', 'a large one'),
						c: between('1.13', '9.87', 'a tiny one'),
					},
				},
			],
			asks: ASKS,
			start: '<a> g',
			terms: ['<b> g', '<c> g'],
			want: 'g',
		},
	],
};
