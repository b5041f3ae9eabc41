import type { UnitRow } from '../unit-row';

const SP811 = 'NIST SP 811, B.8';
const CGS = 'NIST SP 811, B.8: centimetre-gram-second';

/** Units of the sciences beside the SI: the small and the far, radiation, light, flow and magnets, enzymes and threads. */
// biome-ignore format: one row is one unit.
export const SCIENCE_UNITS: readonly UnitRow[] = [
	{ symbol: 'Å', name: 'ångström', names: ['angstrom'], dimension: { m: 1 }, factor: '1e-10', ucum: 'Ao', source: SP811 },
	{ symbol: 'ly', name: 'light-year', names: ['light year'], dimension: { m: 1 }, factor: '9460730472580800', prefixes: 'large', ucum: '[ly]', source: 'IAU: 365.25 days of light' },
	{ symbol: 'pc', name: 'parsec', dimension: { m: 1 }, factor: '96939420213600000', pi: -1, prefixes: 'large', ucum: 'pc', source: 'IAU 2015 B2: 648 000 au over pi' },
	{ symbol: 'b', name: 'barn', dimension: { m: 2 }, factor: '1e-28', prefixes: 'all', ucum: 'b', source: SP811 },
	{ symbol: 'Ci', name: 'curie', dimension: { s: -1 }, factor: '37000000000', prefixes: 'all', ucum: 'Ci', source: SP811 },
	{ symbol: 'R', name: 'roentgen', dimension: { A: 1, s: 1, kg: -1 }, factor: '0.000258', prefixes: 'all', ucum: 'R', source: SP811 },
	{ symbol: 'rd', name: 'rad of absorbed dose', plural: 'rads of absorbed dose', dimension: { m: 2, s: -2 }, factor: '0.01', prefixes: 'all', ucum: 'RAD', source: SP811 },
	{ symbol: 'rem', name: 'rem', dimension: { m: 2, s: -2 }, factor: '0.01', prefixes: 'all', ucum: 'REM', source: SP811 },
	{ symbol: 'P', name: 'poise', plural: 'poise', dimension: { kg: 1, m: -1, s: -1 }, factor: '0.1', prefixes: 'all', ucum: 'P', source: CGS },
	{ symbol: 'St', name: 'stokes', plural: 'stokes', dimension: { m: 2, s: -1 }, factor: '0.0001', prefixes: 'all', ucum: 'St', source: CGS },
	{ symbol: 'Gal', name: 'gal of acceleration', plural: 'gals of acceleration', names: ['galileo'], dimension: { m: 1, s: -2 }, factor: '0.01', prefixes: 'all', ucum: 'Gal', source: CGS },
	{ symbol: 'G', name: 'gauss', plural: 'gauss', dimension: { kg: 1, s: -2, A: -1 }, factor: '0.0001', prefixes: 'all', ucum: 'G', source: CGS },
	{ symbol: 'Mx', name: 'maxwell', dimension: { kg: 1, m: 2, s: -2, A: -1 }, factor: '0.00000001', prefixes: 'all', ucum: 'Mx', source: CGS },
	{ symbol: 'Oe', name: 'oersted', dimension: { A: 1, m: -1 }, factor: '250', pi: -1, prefixes: 'all', ucum: 'Oe', source: CGS },
	{ symbol: 'sb', name: 'stilb', dimension: { cd: 1, m: -2 }, factor: '10000', prefixes: 'all', ucum: 'sb', source: CGS },
	{ symbol: 'ph', name: 'phot', dimension: { cd: 1, rad: 2, m: -2 }, factor: '10000', prefixes: 'all', ucum: 'ph', source: CGS },
	{ symbol: 'fc', name: 'foot-candle', names: ['foot candle', 'footcandle'], dimension: { cd: 1, rad: 2, m: -2 }, factor: '1562500/145161', source: SP811 },
	{ symbol: 'dpt', name: 'dioptre', names: ['diopter'], dimension: { m: -1 }, factor: '1', ucum: '[diop]', source: 'ISO 80000-7' },
	{ symbol: 'U', name: 'enzyme unit', dimension: { mol: 1, s: -1 }, factor: '1/60000000', prefixes: 'all', ucum: 'U', source: 'UCUM: a micromole a minute' },
	{ symbol: 'tex', name: 'tex', plural: 'tex', dimension: { kg: 1, m: -1 }, factor: '0.000001', prefixes: 'all', ucum: 'tex', source: SP811 },
	{ symbol: 'den', name: 'denier', dimension: { kg: 1, m: -1 }, factor: '1/9000000', ucum: '[den]', source: SP811 },
];
