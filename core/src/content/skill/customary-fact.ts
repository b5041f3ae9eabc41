import { between } from '../../exercise/draws';
import type { Skill } from './skill';

/** One fact of the customary units, either way up. */
export const customaryFact: Skill = {
	skill: 'customary-fact',
	title: 'One customary fact',
	letter: '9',
	about: 'Convert a customary unit with one fact you know or look up.',
	watch: '16 ounces make a pound, and 12 inches a foot. A fact turned over divides.',
	slips: ['wrong-number', 'flipped-factor', 'repeated-factor'],
	scenes: [
		{
			level: 1,
			things: [
				{ says: 'The beam over the door is {<n> ft|start} long.', draw: { n: between('3.13', '5.87', 'a door') } },
				{ says: 'The sled is {<n> ft|start} long.', draw: { n: between('6.13', '9.87', 'a sled') } },
			],
			start: '<n> ft',
			want: 'in',
			line: ['12 in / 1 ft'],
		},
		{
			level: 1,
			things: [
				{
					says: 'The feed for the dogs weighs {<n> lb|start}.',
					draw: { n: between('4.13', '9.87', 'a meal for a team') },
				},
				{ says: 'A sack of seed has {<n> lb|start}.', draw: { n: between('5.13', '9.87', 'a small sack') } },
			],
			start: '<n> lb',
			want: 'oz',
			line: ['16 oz / 1 lb'],
		},
		{
			level: 2,
			things: [
				{ says: 'The shelf board measures {<n> in|start}.', draw: { n: between('21.3', '58.7', 'a board') } },
				{ says: 'A bean has climbed {<n> in|start}.', draw: { n: between('21.3', '78.7', 'a bean on its pole') } },
			],
			start: '<n> in',
			want: 'ft',
			line: ['1 ft / 12 in'],
		},
		{
			level: 2,
			things: [
				{ says: 'The honey for the market weighs {<n> oz|start}.', draw: { n: between('81.3', '198.7', 'some jars') } },
				{ says: 'The lamp weighs {<n> oz|start}.', draw: { n: between('21.3', '58.7', 'a lamp') } },
			],
			start: '<n> oz',
			want: 'lb',
			line: ['1 lb / 16 oz'],
		},
		{
			level: 2,
			things: [
				{
					says: 'The can of the glasshouse holds {<n> gal|start}.',
					draw: { n: between('1.13', '2.87', 'a watering can') },
				},
				{ says: 'The syrup kettle holds {<n> gal|start}.', draw: { n: between('2.13', '9.87', 'a kettle') } },
			],
			start: '<n> gal',
			want: 'qt',
			line: ['4 qt / 1 gal'],
		},
		{
			level: 3,
			things: [
				{
					says: 'From the hut to the spring it is {<n> ft|start}.',
					draw: { n: between('1130', '9870', 'a short walk') },
				},
				{ says: 'The cable to the mast is {<n> ft|start} long.', draw: { n: between('1130', '4870', 'a cable') } },
			],
			start: '<n> ft',
			want: 'mi',
			line: ['1 mi / 5280 ft'],
		},
		{
			level: 3,
			things: [
				{
					says: 'The race of the dogs goes over {<n> mi|start}.',
					draw: { n: between('4.13', '9.87', 'a short race') },
				},
				{ says: 'Fog lies {<n> mi|start} out.', draw: { n: between('1.13', '9.87', 'as far as one sees') } },
			],
			start: '<n> mi',
			want: 'yd',
			line: ['1760 yd / 1 mi'],
		},
		{
			level: 3,
			things: [
				{
					says: 'The gravel for the path weighs {<n> lb|start}. A ton here has 2000 lb.',
					draw: { n: between('2130', '9870', 'a cart of gravel') },
				},
				{
					says: 'The wood for the winter weighs {<n> lb|start}, and a ton has 2000 lb.',
					draw: { n: between('6130', '9870', 'wood for a winter') },
				},
			],
			start: '<n> lb',
			want: 'ton',
			line: ['1 ton / 2000 lb'],
		},
	],
};
