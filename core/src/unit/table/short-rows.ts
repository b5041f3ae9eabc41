import type { ShortRow } from '../unit-row';

/** Common short writings, read as their parts (contract, "unit"). */
// biome-ignore format: one row is one unit.
export const SHORT_ROWS: readonly ShortRow[] = [
	{ symbol: 'mph', stands: 'mi/h' },
	{ symbol: 'kph', stands: 'km/h' },
	{ symbol: 'kmph', stands: 'km/h' },
	{ symbol: 'kmh', stands: 'km/h' },
	{ symbol: 'fps', stands: 'ft/s' },
	{ symbol: 'mps', stands: 'm/s' },
	{ symbol: 'mpg', stands: 'mi/gal' },
	{ symbol: 'kgm', stands: 'kg·m' },
	{ symbol: 'gK', stands: 'g·K' },
	{ symbol: 'kgK', stands: 'kg·K' },
	{ symbol: 'molK', stands: 'mol·K' },
	{ symbol: 'gpm', stands: 'gal/min' },
	{ symbol: 'rpm', stands: 'rev/min' },
	{ symbol: 'cc', stands: 'cm³' },
	{ symbol: 'ccm', stands: 'cm³' },
	{ symbol: 'mcg', stands: 'µg' },
	{ symbol: 'mcL', stands: 'µL' },
	{ symbol: 'Cal', names: ['food calorie'], stands: 'kcal' },
	{ symbol: 'M', names: ['molar'], stands: 'mol/L', prefixes: 'all' },
	{ symbol: 'Wh', names: ['watt hour', 'watthour'], stands: 'W·h', prefixes: 'all' },
	{ symbol: 'Ah', names: ['amp hour', 'ampere hour'], stands: 'A·h', prefixes: 'all' },
];
