import type { UnitRow } from '../unit-row';

/** Plain ratios, information, and things that are counted but have a writing of their own. */
// biome-ignore format: one row is one unit.
export const RATIO_AND_COUNT_UNITS: readonly UnitRow[] = [
	{ symbol: '%', name: 'percent', plural: 'percent', dimension: {}, factor: '1/100', ucum: '%', source: 'SI Brochure 9, 5.4.7' },
	{ symbol: '‰', name: 'permille', plural: 'permille', dimension: {}, factor: '1/1000', ucum: '[ppth]', source: 'SI Brochure 9, 5.4.7' },
	{ symbol: 'ppm', name: 'part per million', plural: 'parts per million', dimension: {}, factor: '1/1000000', ucum: '[ppm]', source: 'SI Brochure 9, 5.4.7' },
	{ symbol: 'ppb', name: 'part per billion', plural: 'parts per billion', dimension: {}, factor: '1/1000000000', ucum: '[ppb]', source: 'SI Brochure 9, 5.4.7' },
	{ symbol: '% w/v', name: 'percent weight in volume', plural: 'percent weight in volume', symbols: ['%w/v', '% (w/v)', '%(w/v)'], dimension: { kg: 1, m: -3 }, factor: '10', source: 'a gram in 100 mL' },
	{ symbol: '% v/v', name: 'percent volume in volume', plural: 'percent volume in volume', symbols: ['%v/v', '% (v/v)', '%(v/v)'], dimension: {}, factor: '1/100', source: 'a millilitre in 100 mL' },
	{ symbol: '% w/w', name: 'percent weight in weight', plural: 'percent weight in weight', symbols: ['%w/w', '% (w/w)', '%(w/w)'], dimension: {}, factor: '1/100', source: 'a gram in 100 g' },
	{ symbol: 'bit', name: 'bit', dimension: { bit: 1 }, factor: '1', prefixes: 'binary', ucum: 'bit', source: 'ISO/IEC 80000-13' },
	{ symbol: 'B', name: 'byte', dimension: { bit: 1 }, factor: '8', prefixes: 'binary', ucum: 'By', source: 'ISO/IEC 80000-13' },
	{ symbol: 'drop', name: 'drop', symbols: ['gtt', 'gtts'], dimension: { drop: 1 }, factor: '1', source: 'a counted thing' },
];
