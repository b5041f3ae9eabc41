import type { UnitRow } from '../unit-row';

const HB44 = 'NIST Handbook 44, Appendix C';
const SP811 = 'NIST SP 811, B.8';

/** US customary and imperial units of length, area, mass and volume (gallon, pint and ounce are the US ones unless named). */
// biome-ignore format: one row is one unit.
export const CUSTOMARY_UNITS: readonly UnitRow[] = [
	{ symbol: 'in', name: 'inch', plural: 'inches', symbols: ['"'], dimension: { m: 1 }, factor: '0.0254', ucum: '[in_i]', source: HB44 },
	{ symbol: 'ft', name: 'foot', plural: 'feet', symbols: ["'"], dimension: { m: 1 }, factor: '0.3048', ucum: '[ft_i]', source: HB44 },
	{ symbol: 'yd', name: 'yard', symbols: ['yds'], dimension: { m: 1 }, factor: '0.9144', ucum: '[yd_i]', source: HB44 },
	{ symbol: 'mi', name: 'mile', dimension: { m: 1 }, factor: '1609.344', ucum: '[mi_i]', source: HB44 },
	{ symbol: 'fathom', name: 'fathom', dimension: { m: 1 }, factor: '1.8288', ucum: '[fth_i]', source: HB44 },
	{ symbol: 'furlong', name: 'furlong', dimension: { m: 1 }, factor: '201.168', source: HB44 },
	{ symbol: 'nmi', name: 'nautical mile', dimension: { m: 1 }, factor: '1852', ucum: '[nmi_i]', source: SP811 },
	{ symbol: 'acre', name: 'acre', dimension: { m: 2 }, factor: '4046.8564224', source: HB44 },
	{ symbol: 'gr', name: 'grain', dimension: { kg: 1 }, factor: '0.00006479891', ucum: '[gr]', source: HB44 },
	{ symbol: 'oz', name: 'ounce', symbols: ['ozs'], dimension: { kg: 1 }, factor: '0.028349523125', ucum: '[oz_av]', source: HB44 },
	{ symbol: 'lb', name: 'pound', symbols: ['lbs', 'lbm'], dimension: { kg: 1 }, factor: '0.45359237', ucum: '[lb_av]', source: HB44 },
	{ symbol: 'st', name: 'stone', plural: 'stone', names: ['stones'], dimension: { kg: 1 }, factor: '6.35029318', ucum: '[stone_av]', source: SP811 },
	{ symbol: 'ton', name: 'short ton', names: ['ton', 'US ton'], symbols: ['tons'], dimension: { kg: 1 }, factor: '907.18474', ucum: '[ston_av]', source: HB44 },
	{ symbol: 'long ton', name: 'long ton', names: ['imperial ton'], dimension: { kg: 1 }, factor: '1016.0469088', ucum: '[lton_av]', source: HB44 },
	{ symbol: 'gal', name: 'gallon', symbols: ['gals'], names: ['US gallon', 'US gal'], dimension: { m: 3 }, factor: '0.003785411784', ucum: '[gal_us]', source: HB44 },
	{ symbol: 'qt', name: 'quart', symbols: ['qts'], names: ['US quart'], dimension: { m: 3 }, factor: '0.000946352946', ucum: '[qt_us]', source: HB44 },
	{ symbol: 'pt', name: 'pint', symbols: ['pts'], names: ['US pint'], dimension: { m: 3 }, factor: '0.000473176473', ucum: '[pt_us]', source: HB44 },
	{ symbol: 'cup', name: 'cup', names: ['US cup'], dimension: { m: 3 }, factor: '0.0002365882365', ucum: '[cup_us]', source: HB44 },
	{ symbol: 'fl oz', name: 'fluid ounce', symbols: ['floz'], names: ['US fluid ounce'], dimension: { m: 3 }, factor: '0.0000295735295625', ucum: '[foz_us]', source: HB44 },
	{ symbol: 'tbsp', name: 'tablespoon', symbols: ['Tbsp', 'tbs'], dimension: { m: 3 }, factor: '0.00001478676478125', ucum: '[tbs_us]', source: HB44 },
	{ symbol: 'tsp', name: 'teaspoon', dimension: { m: 3 }, factor: '0.00000492892159375', ucum: '[tsp_us]', source: HB44 },
	{ symbol: 'imp gal', name: 'imperial gallon', names: ['UK gallon'], dimension: { m: 3 }, factor: '0.00454609', ucum: '[gal_br]', source: SP811 },
	{ symbol: 'imp pt', name: 'imperial pint', names: ['UK pint'], dimension: { m: 3 }, factor: '0.00056826125', ucum: '[pt_br]', source: SP811 },
	{ symbol: 'imp fl oz', name: 'imperial fluid ounce', names: ['UK fluid ounce'], dimension: { m: 3 }, factor: '0.0000284130625', ucum: '[foz_br]', source: SP811 },
];
