import type { UnitRow } from '../unit-row';

const SP811 = 'NIST SP 811, B.8';

/** Temperature, pressure, force, energy, power and speed. */
// biome-ignore format: one row is one unit.
export const PHYSICS_UNITS: readonly UnitRow[] = [
	{ symbol: '°C', name: 'degree Celsius', plural: 'degrees Celsius', symbols: ['degC', '℃', 'deg C', '° C', 'Cel'], names: ['celsius', 'degrees C', 'degree C', 'Celsius degree', 'Celsius degrees'], dimension: { K: 1 }, factor: '1', offset: '273.15', ucum: 'Cel', source: 'SI Brochure 9, 2.3.1' },
	{ symbol: '°F', name: 'degree Fahrenheit', plural: 'degrees Fahrenheit', symbols: ['degF', '℉', 'deg F', '° F'], names: ['fahrenheit', 'degrees F', 'degree F', 'Fahrenheit degree', 'Fahrenheit degrees'], dimension: { K: 1 }, factor: '5/9', offset: '459.67', ucum: '[degF]', source: SP811 },
	{ symbol: '°R', name: 'degree Rankine', plural: 'degrees Rankine', symbols: ['degR'], names: ['rankine'], dimension: { K: 1 }, factor: '5/9', ucum: '[degR]', source: SP811 },
	{ symbol: 'bar', name: 'bar', dimension: { kg: 1, m: -1, s: -2 }, factor: '100000', prefixes: 'all', ucum: 'bar', source: SP811 },
	{ symbol: 'atm', name: 'atmosphere', names: ['standard atmosphere'], dimension: { kg: 1, m: -1, s: -2 }, factor: '101325', ucum: 'atm', source: SP811 },
	{ symbol: 'mmHg', name: 'millimetre of mercury', plural: 'millimetres of mercury', symbols: ['mm Hg'], names: ['millimeter of mercury', 'millimeters of mercury'], dimension: { kg: 1, m: -1, s: -2 }, factor: '133.322387415', ucum: 'mm[Hg]', source: `${SP811}: conventional` },
	{ symbol: 'Torr', name: 'torr', plural: 'torr', dimension: { kg: 1, m: -1, s: -2 }, factor: '20265/152', source: SP811 },
	{ symbol: 'psi', name: 'psi', plural: 'psi', dimension: { kg: 1, m: -1, s: -2 }, factor: '8896443230521/1290320000', ucum: '[psi]', source: SP811 },
	{ symbol: 'lbf', name: 'pound-force', plural: 'pounds-force', names: ['pound force', 'pounds force'], dimension: { kg: 1, m: 1, s: -2 }, factor: '4.4482216152605', ucum: '[lbf_av]', source: SP811 },
	{ symbol: 'dyn', name: 'dyne', dimension: { kg: 1, m: 1, s: -2 }, factor: '0.00001', prefixes: 'all', ucum: 'dyn', source: SP811 },
	{ symbol: 'erg', name: 'erg', dimension: { kg: 1, m: 2, s: -2 }, factor: '0.0000001', ucum: 'erg', source: SP811 },
	{ symbol: 'cal', name: 'calorie', dimension: { kg: 1, m: 2, s: -2 }, factor: '4.184', prefixes: 'all', ucum: 'cal', source: `${SP811}: thermochemical` },
	{ symbol: 'Btu', name: 'British thermal unit', symbols: ['BTU'], dimension: { kg: 1, m: 2, s: -2 }, factor: '1055.05585262', ucum: '[Btu_IT]', source: `${SP811}: International Table` },
	{ symbol: 'hp', name: 'horsepower', plural: 'horsepower', dimension: { kg: 1, m: 2, s: -3 }, factor: '745.69987158227022', ucum: '[HP]', source: `${SP811}: 550 ft·lbf/s` },
	{ symbol: 'kn', name: 'knot', dimension: { m: 1, s: -1 }, factor: '463/900', ucum: '[kn_i]', source: SP811 },
	{ symbol: 'inHg', name: 'inch of mercury', plural: 'inches of mercury', symbols: ['in Hg'], dimension: { kg: 1, m: -1, s: -2 }, factor: '3386.388640341', ucum: "[in_i'Hg]", source: `${SP811}: conventional` },
	{ symbol: 'cmH2O', name: 'centimetre of water', plural: 'centimetres of water', symbols: ['cm H2O'], names: ['centimeter of water', 'centimeters of water'], dimension: { kg: 1, m: -1, s: -2 }, factor: '98.0665', ucum: 'cm[H2O]', source: `${SP811}: conventional` },
	{ symbol: 'inH2O', name: 'inch of water', plural: 'inches of water', symbols: ['in H2O'], dimension: { kg: 1, m: -1, s: -2 }, factor: '249.08891', ucum: "[in_i'H2O]", source: `${SP811}: conventional` },
	{ symbol: 'at', name: 'technical atmosphere', dimension: { kg: 1, m: -1, s: -2 }, factor: '98066.5', ucum: 'att', source: SP811 },
	{ symbol: 'ksi', name: 'ksi', plural: 'ksi', dimension: { kg: 1, m: -1, s: -2 }, factor: '8896443230521/1290320', source: SP811 },
	{ symbol: 'kgf', name: 'kilogram-force', plural: 'kilograms-force', names: ['kilogram force'], dimension: { kg: 1, m: 1, s: -2 }, factor: '9.80665', ucum: 'kgf', source: SP811 },
	{ symbol: 'ozf', name: 'ounce-force', plural: 'ounces-force', names: ['ounce force'], dimension: { kg: 1, m: 1, s: -2 }, factor: '8896443230521/32000000000000', source: SP811 },
	{ symbol: 'kip', name: 'kip', dimension: { kg: 1, m: 1, s: -2 }, factor: '4448.2216152605', source: SP811 },
	{ symbol: 'pdl', name: 'poundal', dimension: { kg: 1, m: 1, s: -2 }, factor: '0.138254954376', source: SP811 },
	{ symbol: 'Btu_th', name: 'thermochemical British thermal unit', dimension: { kg: 1, m: 2, s: -2 }, factor: '23722880951/22500000', ucum: '[Btu_th]', source: `${SP811}: thermochemical` },
	{ symbol: 'cal_IT', name: 'International Table calorie', dimension: { kg: 1, m: 2, s: -2 }, factor: '4.1868', ucum: 'cal_IT', source: `${SP811}: International Table` },
	{ symbol: 'therm', name: 'therm', dimension: { kg: 1, m: 2, s: -2 }, factor: '105480400', source: `${SP811}: US` },
	{ symbol: 'tTNT', name: 'ton of TNT', plural: 'tons of TNT', dimension: { kg: 1, m: 2, s: -2 }, factor: '4184000000', source: SP811 },
	{ symbol: 'metric hp', name: 'metric horsepower', plural: 'metric horsepower', dimension: { kg: 1, m: 2, s: -3 }, factor: '735.49875', source: SP811 },
	{ symbol: 'electric hp', name: 'electric horsepower', plural: 'electric horsepower', dimension: { kg: 1, m: 2, s: -3 }, factor: '746', source: SP811 },
	{ symbol: 'boiler hp', name: 'boiler horsepower', plural: 'boiler horsepower', dimension: { kg: 1, m: 2, s: -3 }, factor: '9809.50', figures: 6, source: SP811 },
	{ symbol: 'TR', name: 'ton of refrigeration', plural: 'tons of refrigeration', dimension: { kg: 1, m: 2, s: -3 }, factor: '52752792631/15000000', source: SP811 },
	{ symbol: 'g_n', name: 'standard gravity', plural: 'standard gravities', dimension: { m: 1, s: -2 }, factor: '9.80665', ucum: '[g]', source: 'SI Brochure 9, CGPM 1901' },
];
