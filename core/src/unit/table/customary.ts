import type { UnitRow } from '../unit-row';

const HB44 = 'NIST Handbook 44, Appendix C';
const SP811 = 'NIST SP 811, B.8';

/** US customary and imperial lengths, areas and masses. */
// biome-ignore format: one row is one unit.
export const CUSTOMARY_UNITS: readonly UnitRow[] = [
	{ symbol: 'in', name: 'inch', plural: 'inches', symbols: ['"'], dimension: { m: 1 }, factor: '0.0254', ucum: '[in_i]', source: HB44 },
	{ symbol: 'ft', name: 'foot', plural: 'feet', symbols: ["'"], dimension: { m: 1 }, factor: '0.3048', ucum: '[ft_i]', source: HB44 },
	{ symbol: 'yd', name: 'yard', symbols: ['yds'], dimension: { m: 1 }, factor: '0.9144', ucum: '[yd_i]', source: HB44 },
	{ symbol: 'mi', name: 'mile', names: ['statute mile'], dimension: { m: 1 }, factor: '1609.344', ucum: '[mi_i]', source: HB44 },
	{ symbol: 'mil', name: 'mil', names: ['thou'], dimension: { m: 1 }, factor: '0.0000254', ucum: '[mil_i]', source: SP811 },
	{ symbol: 'fathom', name: 'fathom', dimension: { m: 1 }, factor: '1.8288', ucum: '[fth_i]', source: HB44 },
	{ symbol: 'rod', name: 'rod', dimension: { m: 1 }, factor: '5.0292', source: HB44 },
	{ symbol: 'ch', name: 'surveyor chain', dimension: { m: 1 }, factor: '20.1168', source: HB44 },
	{ symbol: 'furlong', name: 'furlong', dimension: { m: 1 }, factor: '201.168', source: HB44 },
	{ symbol: 'league', name: 'league', dimension: { m: 1 }, factor: '4828.032', source: HB44 },
	{ symbol: 'nmi', name: 'nautical mile', symbols: ['NM'], dimension: { m: 1 }, factor: '1852', ucum: '[nmi_i]', source: SP811 },
	{ symbol: 'ftUS', name: 'US survey foot', plural: 'US survey feet', names: ['survey foot'], dimension: { m: 1 }, factor: '1200/3937', ucum: '[ft_us]', source: SP811 },
	{ symbol: 'acre', name: 'acre', dimension: { m: 2 }, factor: '4046.8564224', source: HB44 },
	{ symbol: 'rood', name: 'rood', dimension: { m: 2 }, factor: '1011.7141056', source: SP811 },
	{ symbol: 'cmil', name: 'circular mil', dimension: { m: 2 }, factor: '16129/100000000000000', pi: 1, ucum: '[cml_i]', source: SP811 },
	{ symbol: 'gr', name: 'grain', dimension: { kg: 1 }, factor: '0.00006479891', ucum: '[gr]', source: HB44 },
	{ symbol: 'dr', name: 'dram', dimension: { kg: 1 }, factor: '0.0017718451953125', ucum: '[dr_av]', source: HB44 },
	{ symbol: 'oz', name: 'ounce', symbols: ['ozs'], dimension: { kg: 1 }, factor: '0.028349523125', ucum: '[oz_av]', source: HB44 },
	{ symbol: 'lb', name: 'pound', symbols: ['lbs', 'lbm'], dimension: { kg: 1 }, factor: '0.45359237', ucum: '[lb_av]', source: HB44 },
	{ symbol: 'st', name: 'stone', plural: 'stone', names: ['stones'], dimension: { kg: 1 }, factor: '6.35029318', ucum: '[stone_av]', source: SP811 },
	{ symbol: 'cwt', name: 'short hundredweight', plural: 'short hundredweight', names: ['hundredweight'], dimension: { kg: 1 }, factor: '45.359237', ucum: '[scwt_av]', source: HB44 },
	{ symbol: 'long cwt', name: 'long hundredweight', plural: 'long hundredweight', dimension: { kg: 1 }, factor: '50.80234544', ucum: '[lcwt_av]', source: HB44 },
	{ symbol: 'ton', name: 'short ton', symbols: ['tons'], names: ['ton', 'US ton'], dimension: { kg: 1 }, factor: '907.18474', ucum: '[ston_av]', source: HB44 },
	{ symbol: 'long ton', name: 'long ton', names: ['imperial ton'], dimension: { kg: 1 }, factor: '1016.0469088', ucum: '[lton_av]', source: HB44 },
	{ symbol: 'oz t', name: 'troy ounce', symbols: ['ozt'], dimension: { kg: 1 }, factor: '0.0311034768', ucum: '[oz_tr]', source: HB44 },
	{ symbol: 'dwt', name: 'pennyweight', dimension: { kg: 1 }, factor: '0.00155517384', ucum: '[pwt_tr]', source: HB44 },
	{ symbol: 'lb t', name: 'troy pound', symbols: ['lbt'], dimension: { kg: 1 }, factor: '0.3732417216', ucum: '[lb_tr]', source: HB44 },
	{ symbol: 'slug', name: 'slug', dimension: { kg: 1 }, factor: '8896443230521/609600000000', source: SP811 },
	{ symbol: 'ct', name: 'carat', names: ['metric carat'], dimension: { kg: 1 }, factor: '0.0002', ucum: '[car_m]', source: SP811 },
];
