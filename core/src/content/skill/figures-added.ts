import { between } from '../../exercise/draws';
import type { Skill } from './skill';

const ASKS = ['What is that together, in g?', 'How much do they weigh together, in g?', 'Add them up, in g.'];

/** Figures of a sum: the last place that all terms have. */
export const figuresAdded: Skill = {
	skill: 'figures-added',
	title: 'Figures when adding',
	letter: 'v',
	about: 'Report a sum to the last place that all its terms have.',
	watch: 'In a sum it is the place that limits, not the count of figures.',
	slips: ['digits-many', 'digits-few', 'rounded-early', 'truncated'],
	scenes: [
		{
			level: 1,
			draw: { a: between('11.1', '98.9'), b: between('1.113', '9.887') },
			says: [
				'On the balance lie a jar of {<a> g|start} and a lid of <b> g.',
				'A cutting of {<a> g|start} stands in a pot of <b> g.',
			],
			asks: ASKS,
			start: '<a> g',
			terms: ['<b> g'],
			want: 'g',
		},
		{
			level: 2,
			draw: { a: between('11.13', '98.87'), b: between('1.1', '9.8'), c: between('0.113', '0.887') },
			says: [
				'The kit is a lens of {<a> g|start}, a ring of <b> g and a screw of <c> g.',
				'In the dish are {<a> g|start} of lime, <b> g of ash and <c> g of salt.',
			],
			asks: ASKS,
			start: '<a> g',
			terms: ['<b> g', '<c> g'],
			want: 'g',
		},
		{
			level: 2,
			draw: { a: between('113', '987'), b: between('11.3', '98.7') },
			says: ['The lamp has {<a> g|start}, its oil <b> g.', 'A comb of {<a> g|start} sits in a frame of <b> g.'],
			asks: ASKS,
			start: '<a> g',
			terms: ['<b> g'],
			want: 'g',
		},
		{
			level: 3,
			draw: { a: between('113.2', '987.6'), b: between('0.113', '0.887') },
			says: [
				'A sack of {<a> g|start} is filled with <b> kg of seed.',
				'To {<a> g|start} of flour come <b> kg of oats.',
			],
			asks: ASKS,
			start: '<a> g',
			terms: ['<b> kg'],
			want: 'g',
		},
		{
			level: 3,
			draw: { a: between('11.13', '98.87'), b: between('113', '987'), c: between('1.13', '9.87') },
			says: [
				'The pack of the balloon: a radio of {<a> g|start}, a cell of <b> g and a cord of <c> g.',
				'Weighed one after another: {<a> g|start}, <b> g and <c> g.',
			],
			asks: ASKS,
			start: '<a> g',
			terms: ['<b> g', '<c> g'],
			want: 'g',
		},
	],
};
