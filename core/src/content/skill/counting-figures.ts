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
	watch: 'Zeros in front never count. Zeros between other digits count, and so do zeros at the end after a point.',
	slips: ['zeros-unclear', 'digits-many', 'digits-few'],
	scenes: [
		{
			level: 1,
			things: [
				{
					says: 'The balance in the honey room shows <n> g.',
					draw: { n: between('10.01', '98.99', 'a small balance') },
				},
				{ says: 'A lamp in the glasshouse draws <n> W.', draw: { n: between('10.01', '98.99', 'a grow lamp') } },
			],
			asks: ASKS,
			want: WANT,
		},
		{
			level: 1,
			things: [
				{ says: 'A seed has a mass of <n> g.', draw: { n: between('0.0102', '0.0987', 'a seed') } },
				{ says: 'The drip tube is <n> m wide.', draw: { n: between('0.0102', '0.0198', 'a tube') } },
			],
			asks: ASKS,
			want: WANT,
		},
		{
			level: 2,
			things: [
				{
					says: 'The snow stake reads <n> cm.',
					draw: { n: followed(between('11.1', '98.9', 'snow on the ground'), '0', '00') },
				},
				{
					says: 'The mast records a gust of <n> m/s.',
					draw: { n: followed(between('11.1', '38.9', 'a gust'), '0', '00') },
				},
			],
			asks: ASKS,
			want: WANT,
		},
		{
			level: 2,
			things: [
				{
					says: 'A drop from the line holds <n> mL.',
					draw: { n: followed(between('0.0311', '0.0689', 'a drop'), '0', '00') },
				},
				{
					says: 'A grain of pollen on the slide measures <n> mm.',
					draw: { n: followed(between('0.0111', '0.0889', 'pollen'), '0', '00') },
				},
			],
			asks: ASKS,
			want: WANT,
		},
		{
			level: 3,
			things: [
				{
					says: 'The log of the sled route says <n> m.',
					draw: { n: followed(between('101', '989', 'a route of some kilometres'), '0', '0.') },
				},
				{
					says: 'The spring tank holds <n> L.',
					draw: { n: followed(between('101', '989', 'a tank'), '0', '00', '0.', '00.') },
				},
			],
			asks: ASKS,
			want: WANT,
		},
		{
			level: 3,
			things: [
				{
					says: 'The station book has <n> m.',
					draw: { n: followed(between('1.01', '9.89', 'a distance'), '0e4', '00e3') },
				},
				{
					says: 'The filter of the mast holds back <n> g.',
					draw: { n: followed(between('1.01', '9.89', 'dust'), 'e-5', '0e-6') },
				},
			],
			asks: ASKS,
			want: WANT,
		},
		{
			level: 3,
			things: [
				{
					says: 'The gauge of the boiler shows <n> kPa.',
					draw: { n: followed(oneOf('a boiler', '3', '4', '5', '6', '7', '8'), '0.0', '00.0', '0.00', '00', '00.00') },
				},
				{
					says: 'The kiln log has <n> min.',
					draw: { n: followed(oneOf('a firing', '3', '4', '5', '6', '7', '8'), '0.0', '00.0', '0.00', '00') },
				},
				{
					says: 'The scale shows <n> kg.',
					draw: { n: followed(oneOf('a load', '3', '4', '5', '6', '7', '8'), '0.0', '00.0', '0.00', '0.000') },
				},
			],
			asks: ASKS,
			want: WANT,
		},
	],
};
