import type { UnitRow } from '../unit-row';

const SP811 = 'NIST SP 811, B.8';
const SI = 'SI Brochure 9, table 8';

/** Temperature, pressure, force, energy, power, speed, and plain ratios and counts. */
// biome-ignore format: one row is one unit.
export const PHYSICS_UNITS: readonly UnitRow[] = [
	{ symbol: '°C', name: 'degree Celsius', plural: 'degrees Celsius', symbols: ['degC', '℃', 'deg C', '° C', 'Cel'], names: ['celsius', 'degrees C', 'degree C'], dimension: { K: 1 }, factor: '1', offset: '273.15', ucum: 'Cel', source: 'SI Brochure 9, 2.3.1' },
	{ symbol: '°F', name: 'degree Fahrenheit', plural: 'degrees Fahrenheit', symbols: ['degF', '℉', 'deg F', '° F'], names: ['fahrenheit', 'degrees F', 'degree F'], dimension: { K: 1 }, factor: '5/9', offset: '459.67', ucum: '[degF]', source: SP811 },
	{ symbol: '°R', name: 'degree Rankine', plural: 'degrees Rankine', symbols: ['degR'], names: ['rankine'], dimension: { K: 1 }, factor: '5/9', ucum: '[degR]', source: SP811 },
	{ symbol: 'bar', name: 'bar', dimension: { kg: 1, m: -1, s: -2 }, factor: '100000', prefixes: 'all', ucum: 'bar', source: SP811 },
	{ symbol: 'atm', name: 'atmosphere', names: ['standard atmosphere'], dimension: { kg: 1, m: -1, s: -2 }, factor: '101325', ucum: 'atm', source: SP811 },
	{ symbol: 'mmHg', name: 'millimetre of mercury', plural: 'millimetres of mercury', symbols: ['mm Hg'], names: ['millimeter of mercury', 'millimeters of mercury'], dimension: { kg: 1, m: -1, s: -2 }, factor: '133.322387415', ucum: 'mm[Hg]', source: `${ SP811}: conventional` },
	{ symbol: 'Torr', name: 'torr', plural: 'torr', dimension: { kg: 1, m: -1, s: -2 }, factor: '20265/152', source: SP811 },
	{ symbol: 'psi', name: 'psi', plural: 'psi', dimension: { kg: 1, m: -1, s: -2 }, factor: '8896443230521/1290320000', ucum: '[psi]', source: SP811 },
	{ symbol: 'lbf', name: 'pound-force', names: ['pound force'], dimension: { kg: 1, m: 1, s: -2 }, factor: '4.4482216152605', ucum: '[lbf_av]', source: SP811 },
	{ symbol: 'dyn', name: 'dyne', dimension: { kg: 1, m: 1, s: -2 }, factor: '0.00001', prefixes: 'all', ucum: 'dyn', source: SP811 },
	{ symbol: 'erg', name: 'erg', dimension: { kg: 1, m: 2, s: -2 }, factor: '0.0000001', ucum: 'erg', source: SP811 },
	{ symbol: 'cal', name: 'calorie', dimension: { kg: 1, m: 2, s: -2 }, factor: '4.184', prefixes: 'all', ucum: 'cal', source: `${ SP811}: thermochemical` },
	{ symbol: 'Btu', name: 'British thermal unit', symbols: ['BTU'], dimension: { kg: 1, m: 2, s: -2 }, factor: '1055.05585262', ucum: '[Btu_IT]', source: `${ SP811}: International Table` },
	{ symbol: 'hp', name: 'horsepower', plural: 'horsepower', dimension: { kg: 1, m: 2, s: -3 }, factor: '745.69987158227022', ucum: '[HP]', source: `${ SP811}: 550 ft·lbf/s` },
	{ symbol: 'kn', name: 'knot', dimension: { m: 1, s: -1 }, factor: '463/900', ucum: '[kn_i]', source: SP811 },
	{ symbol: 'Å', name: 'ångström', names: ['angstrom'], dimension: { m: 1 }, factor: '1e-10', ucum: 'Ao', source: SP811 },
	{ symbol: 'ly', name: 'light-year', names: ['light year'], dimension: { m: 1 }, factor: '9460730472580800', ucum: '[ly]', source: 'IAU: 365.25 days of light' },
	{ symbol: '%', name: 'percent', plural: 'percent', dimension: { }, factor: '1/100', ucum: '%', source: SI },
	{ symbol: 'ppm', name: 'part per million', plural: 'parts per million', dimension: { }, factor: '1/1000000', ucum: '[ppm]', source: SP811 },
	{ symbol: 'drop', name: 'drop', symbols: ['gtt', 'gtts'], dimension: { drop: 1 }, factor: '1', source: 'a counted thing' },
];
