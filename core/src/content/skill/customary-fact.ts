import { between } from '../../exercise/draws';
import type { Skill } from './skill';

/** One fact of the customary units, either way up. */
export const customaryFact: Skill = {
	skill: 'customary-fact',
	title: 'One customary fact',
	letter: '9',
	about: 'Change a customary unit by one fact that one knows or looks up.',
	watch: 'Ounces go 16 to the pound, inches 12 to the foot; a fact turned over divides.',
	slips: ['wrong-number', 'flipped-factor', 'repeated-factor'],
	scenes: [
		{
			level: 1,
			draw: { n: between('1.13', '9.87') },
			says: ['The beam over the door is {<n> ft|start} long.', 'The sled is {<n> ft|start} long.'],
			start: '<n> ft',
			want: 'in',
			line: ['12 in / 1 ft'],
		},
		{
			level: 1,
			draw: { n: between('1.13', '9.87') },
			says: ['The feed for the dogs weighs {<n> lb|start}.', 'A sack of seed has {<n> lb|start}.'],
			start: '<n> lb',
			want: 'oz',
			line: ['16 oz / 1 lb'],
		},
		{
			level: 2,
			draw: { n: between('11.3', '98.7') },
			says: ['The shelf board measures {<n> in|start}.', 'A bean has climbed {<n> in|start}.'],
			start: '<n> in',
			want: 'ft',
			line: ['1 ft / 12 in'],
		},
		{
			level: 2,
			draw: { n: between('11.3', '98.7') },
			says: ['The honey for the market weighs {<n> oz|start}.', 'The lamp weighs {<n> oz|start}.'],
			start: '<n> oz',
			want: 'lb',
			line: ['1 lb / 16 oz'],
		},
		{
			level: 2,
			draw: { n: between('1.13', '9.87') },
			says: ['The barrel of the glasshouse holds {<n> gal|start}.', 'The syrup kettle holds {<n> gal|start}.'],
			start: '<n> gal',
			want: 'qt',
			line: ['4 qt / 1 gal'],
		},
		{
			level: 3,
			draw: { n: between('1130', '9870') },
			says: ['From the hut to the spring it is {<n> ft|start}.', 'The cable to the mast is {<n> ft|start} long.'],
			start: '<n> ft',
			want: 'mi',
			line: ['1 mi / 5280 ft'],
		},
		{
			level: 3,
			draw: { n: between('1.13', '9.87') },
			says: ['The race of the dogs goes over {<n> mi|start}.', 'Fog lies {<n> mi|start} out.'],
			start: '<n> mi',
			want: 'yd',
			line: ['1760 yd / 1 mi'],
		},
		{
			level: 3,
			draw: { n: between('1130', '9870') },
			says: ['The gravel for the path weighs {<n> lb|start}.', 'The old stove weighs {<n> lb|start}.'],
			start: '<n> lb',
			want: 'ton',
			line: ['1 ton / 2000 lb'],
		},
	],
};
