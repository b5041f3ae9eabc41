import { between, followed, oneOf } from '../../exercise/draws';
import type { Skill } from './skill';

const ASKS = [
	'How many significant figures does that have?',
	'Count its significant figures.',
	'How many of its figures count?',
];
const WANT = { figures: '<n>' };

/** Which figures of a number count: zeros in front never, zeros between always, zeros at the end by the point. */
export const countingFigures: Skill = {
	skill: 'counting-figures',
	title: 'Counting figures',
	letter: '1',
	about: 'Say how many significant figures a number shows.',
	watch: 'Zeros in front only hold the place; zeros between and after a point count.',
	slips: ['zeros-unclear', 'digits-many', 'digits-few'],
	scenes: [
		{
			level: 1,
			draw: { n: between('10.01', '98.99') },
			says: ['The balance in the honey room shows <n> g.', 'A lamp in the glasshouse draws <n> W.'],
			asks: ASKS,
			want: WANT,
		},
		{
			level: 1,
			draw: { n: between('0.0102', '0.0987') },
			says: ['A seed has a mass of <n> g.', 'The drip tube is <n> m wide.'],
			asks: ASKS,
			want: WANT,
		},
		{
			level: 2,
			draw: { n: followed(between('1.1', '98.9'), '0', '00') },
			says: ['The snow stake reads <n> cm.', 'The mast records a gust of <n> m/s.'],
			asks: ASKS,
			want: WANT,
		},
		{
			level: 2,
			draw: { n: followed(between('0.0011', '0.0989'), '0', '00') },
			says: ['A drop from the line holds <n> mL.', 'A grain of pollen on the slide measures <n> mm.'],
			asks: ASKS,
			want: WANT,
		},
		{
			level: 3,
			draw: { n: followed(between('101', '989'), '0', '00', '0.', '00.') },
			says: ['The log of the sled route says <n> m.', 'The spring tank holds <n> L.'],
			asks: ASKS,
			want: WANT,
		},
		{
			level: 3,
			draw: { n: followed(between('1.01', '9.89'), '0e4', 'e-5', '00e3', '0e-6') },
			says: ['The station book has <n> m.', 'The filter of the mast holds back <n> g.'],
			asks: ASKS,
			want: WANT,
		},
		{
			level: 3,
			draw: { n: followed(oneOf('3', '4', '5', '6', '7', '8'), '0.0', '00.0', '0.00', '000', '0.000', '00.00') },
			says: ['The gauge of the boiler shows <n> kPa.', 'The kiln log has <n> min.', 'The scale shows <n> kg.'],
			asks: ASKS,
			want: WANT,
		},
	],
};
