import type { UnitRow } from '../unit-row';

const HB44 = 'NIST Handbook 44, Appendix C';
const SP811 = 'NIST SP 811, B.8';
const FDA = 'US Code of Federal Regulations 21, 101.9';

/** Volumes of kitchen, tank and barn: US wet and dry measure told apart, and the imperial ones by their full name. */
// biome-ignore format: one row is one unit.
export const VOLUME_UNITS: readonly UnitRow[] = [
	{ symbol: 'gal', name: 'gallon', symbols: ['gals'], names: ['US gallon', 'US gal'], dimension: { m: 3 }, factor: '0.003785411784', ucum: '[gal_us]', source: HB44 },
	{ symbol: 'qt', name: 'quart', symbols: ['qts'], names: ['US quart', 'US qt'], dimension: { m: 3 }, factor: '0.000946352946', ucum: '[qt_us]', source: HB44 },
	{ symbol: 'pt', name: 'pint', symbols: ['pts'], names: ['US pint', 'US pt'], dimension: { m: 3 }, factor: '0.000473176473', ucum: '[pt_us]', source: HB44 },
	{ symbol: 'cup', name: 'cup', names: ['US cup'], dimension: { m: 3 }, factor: '0.0002365882365', ucum: '[cup_us]', source: HB44 },
	{ symbol: 'gi', name: 'gill', names: ['US gill'], dimension: { m: 3 }, factor: '0.00011829411825', ucum: '[gil_us]', source: HB44 },
	{ symbol: 'fl oz', name: 'fluid ounce', symbols: ['floz'], names: ['US fluid ounce', 'US fl oz'], dimension: { m: 3 }, factor: '0.0000295735295625', ucum: '[foz_us]', source: HB44 },
	{ symbol: 'fl dr', name: 'fluid dram', names: ['US fluid dram'], dimension: { m: 3 }, factor: '0.0000036966911953125', ucum: '[fdr_us]', source: HB44 },
	{ symbol: 'minim', name: 'minim', names: ['US minim'], dimension: { m: 3 }, factor: '157725491/2560000000000000', ucum: '[min_us]', source: HB44 },
	{ symbol: 'tbsp', name: 'tablespoon', symbols: ['Tbsp', 'tbs'], dimension: { m: 3 }, factor: '0.00001478676478125', ucum: '[tbs_us]', source: HB44 },
	{ symbol: 'tsp', name: 'teaspoon', dimension: { m: 3 }, factor: '0.00000492892159375', ucum: '[tsp_us]', source: HB44 },
	{ symbol: 'bbl', name: 'oil barrel', names: ['barrel of oil'], dimension: { m: 3 }, factor: '0.158987294928', ucum: '[bbl_us]', source: SP811 },
	{ symbol: 'bu', name: 'bushel', names: ['US bushel'], dimension: { m: 3 }, factor: '0.03523907016688', ucum: '[bu_us]', source: HB44 },
	{ symbol: 'pk', name: 'peck', names: ['US peck'], dimension: { m: 3 }, factor: '0.00880976754172', ucum: '[pk_us]', source: HB44 },
	{ symbol: 'dry qt', name: 'dry quart', names: ['US dry quart'], dimension: { m: 3 }, factor: '0.001101220942715', ucum: '[dqt_us]', source: HB44 },
	{ symbol: 'dry pt', name: 'dry pint', names: ['US dry pint'], dimension: { m: 3 }, factor: '0.0005506104713575', ucum: '[dpt_us]', source: HB44 },
	{ symbol: 'dry gal', name: 'dry gallon', names: ['US dry gallon'], dimension: { m: 3 }, factor: '0.00440488377086', ucum: '[gal_wi]', source: HB44 },
	{ symbol: 'imp gal', name: 'imperial gallon', names: ['UK gallon', 'UK gal'], dimension: { m: 3 }, factor: '0.00454609', ucum: '[gal_br]', source: SP811 },
	{ symbol: 'imp qt', name: 'imperial quart', names: ['UK quart', 'UK qt'], dimension: { m: 3 }, factor: '0.0011365225', ucum: '[qt_br]', source: SP811 },
	{ symbol: 'imp pt', name: 'imperial pint', names: ['UK pint', 'UK pt'], dimension: { m: 3 }, factor: '0.00056826125', ucum: '[pt_br]', source: SP811 },
	{ symbol: 'imp cup', name: 'imperial cup', names: ['UK cup'], dimension: { m: 3 }, factor: '0.000284130625', source: 'ten imperial fluid ounces' },
	{ symbol: 'imp gi', name: 'imperial gill', names: ['UK gill'], dimension: { m: 3 }, factor: '0.0001420653125', ucum: '[gil_br]', source: SP811 },
	{ symbol: 'imp fl oz', name: 'imperial fluid ounce', names: ['UK fluid ounce', 'UK fl oz'], dimension: { m: 3 }, factor: '0.0000284130625', ucum: '[foz_br]', source: SP811 },
	{ symbol: 'imp tbsp', name: 'imperial tablespoon', names: ['UK tablespoon'], dimension: { m: 3 }, factor: '454609/25600000000', source: 'five eighths of an imperial fluid ounce' },
	{ symbol: 'imp tsp', name: 'imperial teaspoon', names: ['UK teaspoon'], dimension: { m: 3 }, factor: '454609/76800000000', source: 'a third of an imperial tablespoon' },
	{ symbol: 'imp bu', name: 'imperial bushel', names: ['UK bushel'], dimension: { m: 3 }, factor: '0.03636872', ucum: '[bu_br]', source: SP811 },
	{ symbol: 'metric cup', name: 'metric cup', dimension: { m: 3 }, factor: '0.00025', source: 'a quarter of a litre' },
	{ symbol: 'metric tbsp', name: 'metric tablespoon', dimension: { m: 3 }, factor: '0.000015', ucum: '[tbs_m]', source: FDA },
	{ symbol: 'metric tsp', name: 'metric teaspoon', dimension: { m: 3 }, factor: '0.000005', ucum: '[tsp_m]', source: FDA },
	{ symbol: 'acre ft', name: 'acre-foot', plural: 'acre-feet', names: ['acre foot', 'acre feet'], dimension: { m: 3 }, factor: '60228605349/48828125', source: HB44 },
	{ symbol: 'board foot', name: 'board foot', plural: 'board feet', dimension: { m: 3 }, factor: '18435447/7812500000', ucum: '[bf_i]', source: HB44 },
];
