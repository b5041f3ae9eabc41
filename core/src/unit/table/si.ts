import type { UnitRow } from '../unit-row';

const BASE = 'SI Brochure 9, table 2';
const DERIVED = 'SI Brochure 9, table 4';
const BESIDE = 'SI Brochure 9, table 8';

/** SI base units, derived units with names of their own, and the units the SI Brochure keeps beside them. */
// biome-ignore format: one row is one unit.
export const SI_UNITS: readonly UnitRow[] = [
	{ symbol: 'm', name: 'metre', names: ['meter'], dimension: { m: 1 }, factor: '1', prefixes: 'all', ucum: 'm', source: BASE },
	{ symbol: 'g', name: 'gram', names: ['gramme'], symbols: ['gm', 'gms'], dimension: { kg: 1 }, factor: '0.001', prefixes: 'all', ucum: 'g', source: BASE },
	{ symbol: 's', name: 'second', symbols: ['sec', 'secs'], dimension: { s: 1 }, factor: '1', prefixes: 'all', ucum: 's', source: BASE },
	{ symbol: 'A', name: 'ampere', names: ['amp'], dimension: { A: 1 }, factor: '1', prefixes: 'all', ucum: 'A', source: BASE },
	{ symbol: 'K', name: 'kelvin', symbols: ['°K', 'deg K'], names: ['degree Kelvin', 'degrees Kelvin', 'degree K', 'degrees K'], dimension: { K: 1 }, factor: '1', prefixes: 'all', ucum: 'K', source: BASE },
	{ symbol: 'mol', name: 'mole', dimension: { mol: 1 }, factor: '1', prefixes: 'all', ucum: 'mol', source: BASE },
	{ symbol: 'cd', name: 'candela', dimension: { cd: 1 }, factor: '1', prefixes: 'all', ucum: 'cd', source: BASE },
	{ symbol: 'rad', name: 'radian', dimension: { rad: 1 }, factor: '1', prefixes: 'all', ucum: 'rad', source: DERIVED },
	{ symbol: 'sr', name: 'steradian', dimension: { rad: 2 }, factor: '1', prefixes: 'all', ucum: 'sr', source: DERIVED },
	{ symbol: 'Hz', name: 'hertz', plural: 'hertz', dimension: { s: -1 }, factor: '1', cycle: 'rate', prefixes: 'all', ucum: 'Hz', source: DERIVED },
	{ symbol: 'N', name: 'newton', dimension: { kg: 1, m: 1, s: -2 }, factor: '1', prefixes: 'all', ucum: 'N', source: DERIVED },
	{ symbol: 'Pa', name: 'pascal', dimension: { kg: 1, m: -1, s: -2 }, factor: '1', prefixes: 'all', ucum: 'Pa', source: DERIVED },
	{ symbol: 'J', name: 'joule', dimension: { kg: 1, m: 2, s: -2 }, factor: '1', prefixes: 'all', ucum: 'J', source: DERIVED },
	{ symbol: 'W', name: 'watt', dimension: { kg: 1, m: 2, s: -3 }, factor: '1', prefixes: 'all', ucum: 'W', source: DERIVED },
	{ symbol: 'C', name: 'coulomb', dimension: { A: 1, s: 1 }, factor: '1', prefixes: 'all', ucum: 'C', source: DERIVED },
	{ symbol: 'V', name: 'volt', dimension: { kg: 1, m: 2, s: -3, A: -1 }, factor: '1', prefixes: 'all', ucum: 'V', source: DERIVED },
	{ symbol: 'F', name: 'farad', dimension: { kg: -1, m: -2, s: 4, A: 2 }, factor: '1', prefixes: 'all', ucum: 'F', source: DERIVED },
	{ symbol: 'Ω', name: 'ohm', dimension: { kg: 1, m: 2, s: -3, A: -2 }, factor: '1', prefixes: 'all', ucum: 'Ohm', source: DERIVED },
	{ symbol: 'S', name: 'siemens', plural: 'siemens', dimension: { kg: -1, m: -2, s: 3, A: 2 }, factor: '1', prefixes: 'all', ucum: 'S', source: DERIVED },
	{ symbol: 'Wb', name: 'weber', dimension: { kg: 1, m: 2, s: -2, A: -1 }, factor: '1', prefixes: 'all', ucum: 'Wb', source: DERIVED },
	{ symbol: 'T', name: 'tesla', dimension: { kg: 1, s: -2, A: -1 }, factor: '1', prefixes: 'all', ucum: 'T', source: DERIVED },
	{ symbol: 'H', name: 'henry', plural: 'henries', names: ['henrys'], dimension: { kg: 1, m: 2, s: -2, A: -2 }, factor: '1', prefixes: 'all', ucum: 'H', source: DERIVED },
	{ symbol: 'lm', name: 'lumen', dimension: { cd: 1, rad: 2 }, factor: '1', prefixes: 'all', ucum: 'lm', source: DERIVED },
	{ symbol: 'lx', name: 'lux', plural: 'lux', dimension: { cd: 1, rad: 2, m: -2 }, factor: '1', prefixes: 'all', ucum: 'lx', source: DERIVED },
	{ symbol: 'Bq', name: 'becquerel', dimension: { s: -1 }, factor: '1', prefixes: 'all', ucum: 'Bq', source: DERIVED },
	{ symbol: 'Gy', name: 'gray', dimension: { m: 2, s: -2 }, factor: '1', prefixes: 'all', ucum: 'Gy', source: DERIVED },
	{ symbol: 'Sv', name: 'sievert', dimension: { m: 2, s: -2 }, factor: '1', prefixes: 'all', ucum: 'Sv', source: DERIVED },
	{ symbol: 'kat', name: 'katal', dimension: { mol: 1, s: -1 }, factor: '1', prefixes: 'all', ucum: 'kat', source: DERIVED },
	{ symbol: 'L', name: 'litre', names: ['liter'], symbols: ['l', 'ℓ'], dimension: { m: 3 }, factor: '0.001', prefixes: 'all', ucum: 'L', source: BESIDE },
	{ symbol: 't', name: 'tonne', names: ['metric ton'], dimension: { kg: 1 }, factor: '1000', prefixes: 'large', ucum: 't', source: BESIDE },
	{ symbol: 'ha', name: 'hectare', dimension: { m: 2 }, factor: '10000', ucum: 'har', source: BESIDE },
	{ symbol: 'eV', name: 'electronvolt', names: ['electron volt'], dimension: { kg: 1, m: 2, s: -2 }, factor: '1.602176634e-19', prefixes: 'all', ucum: 'eV', source: BESIDE },
	{ symbol: 'Da', name: 'dalton', symbols: ['u', 'amu'], names: ['atomic mass unit'], dimension: { kg: 1 }, factor: '1.66053906892e-27', figures: 12, prefixes: 'large', ucum: 'u', source: 'CODATA 2022' },
	{ symbol: 'au', name: 'astronomical unit', dimension: { m: 1 }, factor: '149597870700', ucum: 'AU', source: BESIDE },
];
