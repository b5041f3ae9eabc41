import { between } from '../../exercise/draws';
import type { Skill } from './skill';

/** A word problem with a number that is not needed. */
export const numberToSpare: Skill = {
	skill: 'number-to-spare',
	title: 'A number that is not needed',
	letter: 'x',
	about: 'Find what the question needs, and leave the rest alone.',
	watch: 'Read the question first and again at the end. What does it ask about?',
	slips: ['wrong-start', 'skipped-factor', 'flipped-factor'],
	scenes: [
		{
			level: 1,
			things: [
				{
					says: 'A crew of {<x> people|spare} marks a trail of {<n> km|start}.',
					draw: { n: between('1.13', '9.87', 'a trail'), x: between('4', '9', 'a crew') },
				},
				{
					says: 'The trail of {<n> km|start} has {<x> marks|spare} along it.',
					draw: { n: between('1.13', '9.87', 'a trail'), x: between('21', '98', 'marks of a trail') },
				},
			],
			asks: ['How long is the trail in m?', 'How many metres of trail is that?'],
			start: '<n> km',
			want: 'm',
			line: ['1000 m / 1 km'],
		},
		{
			level: 1,
			things: [
				{
					says: 'A balloon of {<x> m³|spare} climbs {<r> m|fact} each {1 s|fact} for {<n> s|start}.',
					draw: {
						n: between('41.3', '98.7', 'a short climb'),
						r: between('3.13', '6.87', 'a balloon'),
						x: between('1.1', '2.8', 'a small balloon'),
					},
				},
				{
					says: 'For {<n> s|start} a balloon of {<x> m³|spare} climbs {<r> m|fact} in each {1 s|fact}.',
					draw: {
						n: between('41.3', '98.7', 'a short climb'),
						r: between('3.13', '6.87', 'a balloon'),
						x: between('1.1', '2.8', 'a small balloon'),
					},
				},
			],
			asks: ['How many metres does it climb?', 'How far up does it get, in m?'],
			start: '<n> s',
			facts: ['<r> m = 1 s'],
			want: 'm',
			line: ['<r> m / 1 s'],
		},
		{
			level: 2,
			things: [
				{
					says: 'On a sled of {<x> kg|spare} lie {<n> crates|start}, with {<k> jars|fact} to {1 crate|fact} and {<m> g|fact} of honey in {1 jar|fact}.',
					draw: {
						n: between('4', '12', 'a sled'),
						k: between('6', '16', 'a crate'),
						m: between('213', '487', 'a jar'),
						x: between('21.3', '48.7', 'a sled'),
					},
				},
				{
					says: 'At {<x> °C|spare} the store keeps {<n> crates|start}: {<k> jars|fact} to {1 crate|fact}, {<m> g|fact} of honey in {1 jar|fact}.',
					draw: {
						n: between('11', '48', 'a store'),
						k: between('6', '16', 'a crate'),
						m: between('213', '487', 'a jar'),
						x: between('11.3', '18.7', 'a cool store'),
					},
				},
			],
			asks: ['How many kg of honey is that?', 'What is the mass of the honey in kg?'],
			start: '<n> crate',
			exactStart: true,
			facts: ['<k> jar = 1 crate exact', '<m> g = 1 jar'],
			want: 'kg',
			line: ['<k> jar / 1 crate', '<m> g / 1 jar', '1 kg / 1000 g'],
		},
		{
			level: 2,
			things: [
				{
					says: 'The tank of {<n> L|start} feeds {<x> trays|spare} and loses {<r> mL|fact} each {1 min|fact}.',
					draw: {
						n: between('11.3', '48.7', 'a tank'),
						r: between('11.3', '98.7', 'a drip line'),
						x: between('11', '48', 'trays'),
					},
				},
				{
					says: 'For {<x> d|spare} the tank has stood full. It holds {<n> L|start} and gives {<r> mL|fact} each {1 min|fact}.',
					draw: {
						n: between('11.3', '48.7', 'a tank'),
						r: between('11.3', '98.7', 'a drip line'),
						x: between('2', '9', 'some days'),
					},
				},
			],
			asks: ['For how many minutes does it last?', 'How long does it last, in min?'],
			start: '<n> L',
			facts: ['<r> mL = 1 min'],
			want: 'min',
			line: ['1000 mL / 1 L', '1 min / <r> mL'],
		},
		{
			level: 3,
			things: [
				{
					says: 'A dog of {<n> kg|start}, {<x> yr|spare} old and {<y> °C|spare} warm, gets {<d> mg|fact} for each {1 kg|fact}; the bottle has {<c> mg|fact} in {1 mL|fact}.',
					draw: {
						n: between('18.3', '38.7', 'a sled dog'),
						d: between('1.1', '4.8', 'a dose'),
						c: between('11', '48', 'a bottle'),
						x: between('2', '9', 'a grown dog'),
						y: between('38.1', '39.4', 'a dog is so warm'),
					},
				},
				{
					says: 'The sled dog is {<x> yr|spare} old and weighs {<n> kg|start}. At {<y> °C|spare} it is given {<d> mg|fact} for each {1 kg|fact}, from {<c> mg|fact} in {1 mL|fact}.',
					draw: {
						n: between('18.3', '38.7', 'a sled dog'),
						d: between('1.1', '4.8', 'a dose'),
						c: between('11', '48', 'a bottle'),
						x: between('2', '9', 'a grown dog'),
						y: between('38.1', '39.4', 'a dog is so warm'),
					},
				},
			],
			asks: ['How many mL is the dose?', 'What does the syringe take, in mL?'],
			start: '<n> kg',
			facts: ['<d> mg = 1 kg', '<c> mg = 1 mL'],
			want: 'mL',
			line: ['<d> mg / 1 kg', '1 mL / <c> mg'],
		},
		{
			level: 3,
			things: [
				{
					says: 'In a store {<x> m|spare} above the valley the stove burns {<r> kg|fact} of wood each {1 h|fact}, and {1 kg|fact} leaves {<w> g|fact} of ash. It burns for {<n> h|start}.',
					draw: {
						n: between('11.3', '48.7', 'days of heating'),
						r: between('1.1', '3.8', 'a stove'),
						w: between('4.1', '9.8', 'ash of wood'),
						x: between('113', '487', 'above the valley'),
					},
				},
				{
					says: 'Over {<n> h|start} a stove {<x> m|spare} from the hut takes {<r> kg|fact} each {1 h|fact}; of {1 kg|fact} there remain {<w> g|fact} of ash.',
					draw: {
						n: between('11.3', '48.7', 'days of heating'),
						r: between('1.1', '3.8', 'a stove'),
						w: between('4.1', '9.8', 'ash of wood'),
						x: between('113', '487', 'a walk'),
					},
				},
			],
			asks: ['How much ash is that in mg?', 'How many mg of ash is that?'],
			start: '<n> h',
			facts: ['<r> kg = 1 h', '<w> g{ash} = 1 kg'],
			want: 'mg{ash}',
			line: ['<r> kg / 1 h', '<w> g{ash} / 1 kg', '1000 mg{ash} / 1 g{ash}'],
		},
	],
};
