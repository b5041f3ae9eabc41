import { quantityOfRow } from '../quantity/quantity';
import { prefixOf } from '../unit/prefixes';
import type { Fact, TableFact } from './fact';
import type { TableName } from './fact-tables';

const HB44 = 'NIST Handbook 44, Appendix C';
const SP811 = 'NIST SP 811, B.8';
const SI = 'SI Brochure 9';
const CODATA = 'CODATA 2022';

function sides(text: string): Fact {
	const [left = '', right = ''] = text.split('=');
	return { left: quantityOfRow(left), right: quantityOfRow(right) };
}

function exact(text: string, table: TableName, source: string): TableFact {
	return { ...sides(text), exact: true, tables: [table], source };
}

/** A fact that is rounded or measured: it limits the figures. */
function measured(text: string, table: TableName, source: string, note?: string): TableFact {
	return { ...sides(text), exact: false, tables: [table], source, ...(note ? { note } : {}) };
}

/** Facts people learn by heart or have on the wall, grouped by table. One row is one fact. */
export const FACT_ROWS: readonly TableFact[] = [
	exact('1 min = 60 s', 'time', SI),
	exact('1 h = 60 min', 'time', SI),
	exact('1 h = 3600 s', 'time', SI),
	exact('1 d = 24 h', 'time', SI),
	exact('1 wk = 7 d', 'time', SP811),
	exact('1 fortnight = 2 wk', 'time', 'fourteen days'),
	exact('1 yr = 365 d', 'time', `${SP811}: common year`),
	exact('1 rev = 360 °', 'angle', SI),
	exact('1 ° = 60 ′', 'angle', SI),
	exact('1 ′ = 60 ″', 'angle', SI),
	exact('1 rev = 2π rad', 'angle', SI),
	exact('180 ° = π rad', 'angle', SI),
	exact('1 cm = 10 mm', 'metric', SI),
	exact('1 m = 100 cm', 'metric', SI),
	exact('1 m = 1000 mm', 'metric', SI),
	exact('1 km = 1000 m', 'metric', SI),
	exact('1 L = 1000 mL', 'metric', SI),
	exact('1 g = 1000 mg', 'metric', SI),
	exact('1 mg = 1000 µg', 'metric', SI),
	exact('1 kg = 1000 g', 'metric', SI),
	exact('1 t = 1000 kg', 'metric', SI),
	exact('1 mL = 1 cm^3', 'metric', SI),
	exact('1 L = 1 dm^3', 'metric', SI),
	exact('1 L = 1000 cm^3', 'metric', SI),
	exact('1 m^3 = 1000 L', 'metric', SI),
	exact('1 ha = 10000 m^2', 'metric', SI),
	exact('1 km^2 = 100 ha', 'metric', SI),
	exact('1 N = 1 kg·m/s^2', 'metric', SI),
	exact('1 Pa = 1 N/m^2', 'metric', SI),
	exact('1 J = 1 N·m', 'metric', SI),
	exact('1 W = 1 J/s', 'metric', SI),
	exact('1 Hz = 1 1/s', 'metric', SI),
	exact('1 bar = 100 kPa', 'metric', SP811),
	exact('1 bar = 1000 mbar', 'metric', SP811),
	exact('1 B = 8 bit', 'metric', 'ISO/IEC 80000-13'),
	exact('1 ft = 12 in', 'customary', HB44),
	exact('1 yd = 3 ft', 'customary', HB44),
	exact('1 mi = 5280 ft', 'customary', HB44),
	exact('1 mi = 1760 yd', 'customary', HB44),
	exact('1 furlong = 220 yd', 'customary', HB44),
	exact('1 rod = 5.5 yd', 'customary', HB44),
	exact('1 ch = 66 ft', 'customary', HB44),
	exact('1 fathom = 6 ft', 'customary', HB44),
	exact('1 league = 3 mi', 'customary', HB44),
	exact('1 in = 1000 mil', 'customary', SP811),
	exact('1 acre = 43560 ft^2', 'customary', HB44),
	exact('1 mi^2 = 640 acre', 'customary', HB44),
	exact('1 lb = 16 oz', 'customary', HB44),
	exact('1 lb = 7000 gr', 'customary', HB44),
	exact('1 oz = 16 dr', 'customary', HB44),
	exact('1 st = 14 lb', 'customary', HB44),
	exact('1 cwt = 100 lb', 'customary', HB44),
	exact('1 ton = 2000 lb', 'customary', HB44),
	exact('1 long ton = 2240 lb', 'customary', HB44),
	exact('1 long cwt = 112 lb', 'customary', HB44),
	exact('1 oz t = 20 dwt', 'customary', HB44),
	exact('1 oz t = 480 gr', 'customary', HB44),
	exact('1 lb t = 12 oz t', 'customary', HB44),
	exact('1 gal = 4 qt', 'customary', HB44),
	exact('1 gal = 231 in^3', 'customary', HB44),
	exact('1 qt = 2 pt', 'customary', HB44),
	exact('1 pt = 2 cup', 'customary', HB44),
	exact('1 pt = 16 fl oz', 'customary', HB44),
	exact('1 cup = 8 fl oz', 'customary', HB44),
	exact('1 cup = 16 tbsp', 'customary', HB44),
	exact('1 fl oz = 2 tbsp', 'customary', HB44),
	exact('1 tbsp = 3 tsp', 'customary', HB44),
	exact('1 pt = 4 gi', 'customary', HB44),
	exact('1 bbl = 42 gal', 'customary', SP811),
	exact('1 bu = 4 pk', 'customary', HB44),
	exact('1 pk = 8 dry qt', 'customary', HB44),
	exact('1 dry qt = 2 dry pt', 'customary', HB44),
	exact('1 imp gal = 4 imp qt', 'customary', SP811),
	exact('1 imp gal = 8 imp pt', 'customary', SP811),
	exact('1 imp pt = 20 imp fl oz', 'customary', SP811),
	exact('1 kn = 1 nmi/h', 'customary', SP811),
	exact('1 hp = 550 ft·lbf/s', 'customary', SP811),
	exact('1 psi = 1 lbf/in^2', 'customary', SP811),
	exact('1 in = 2.54 cm', 'between', HB44),
	exact('1 in = 25.4 mm', 'between', HB44),
	exact('1 ft = 0.3048 m', 'between', HB44),
	exact('1 yd = 0.9144 m', 'between', HB44),
	exact('1 mi = 1.609344 km', 'between', HB44),
	exact('1 nmi = 1852 m', 'between', SP811),
	exact('1 acre = 4046.8564224 m^2', 'between', HB44),
	exact('1 oz = 28.349523125 g', 'between', HB44),
	exact('1 lb = 453.59237 g', 'between', HB44),
	exact('1 lb = 0.45359237 kg', 'between', HB44),
	exact('1 oz t = 31.1034768 g', 'between', HB44),
	exact('1 ct = 200 mg', 'between', SP811),
	exact('1 tsp = 4.92892159375 mL', 'between', HB44),
	exact('1 fl oz = 29.5735295625 mL', 'between', HB44),
	exact('1 qt = 0.946352946 L', 'between', HB44),
	exact('1 gal = 3.785411784 L', 'between', HB44),
	exact('1 imp pt = 568.26125 mL', 'between', SP811),
	exact('1 imp gal = 4.54609 L', 'between', SP811),
	exact('1 lbf = 4.4482216152605 N', 'between', SP811),
	exact('1 atm = 101.325 kPa', 'between', SP811),
	exact('1 atm = 760 Torr', 'between', SP811),
	{
		...exact('1 atm = 760 mmHg', 'between', 'the custom of classes'),
		note: 'exact by custom; by definition it is 760 Torr',
	},
	exact('1 cal = 4.184 J', 'between', `${SP811}: thermochemical`),
	exact('1 Btu = 1055.05585262 J', 'between', `${SP811}: International Table`),
	exact('1 kW·h = 3600 kJ', 'between', SP811),
	exact('1 eV = 1.602176634e-19 J', 'between', SI),
	measured('1 kg = 2.205 lb', 'between', `${SP811}, rounded`),
	measured('1 m = 3.281 ft', 'between', `${SP811}, rounded`),
	measured('1 m = 39.37 in', 'between', `${SP811}, rounded`),
	measured('1 km = 0.6214 mi', 'between', `${SP811}, rounded`),
	measured('1 L = 1.057 qt', 'between', `${SP811}, rounded`),
	measured('1 psi = 6.895 kPa', 'between', `${SP811}, rounded`),
	measured('1 atm = 14.70 psi', 'between', `${SP811}, rounded`),
	measured('1 mmHg = 133.3 Pa', 'between', `${SP811}, rounded`),
	measured('1 hp = 745.7 W', 'between', `${SP811}, rounded`),
	{ ...exact('1 mol = 6.02214076e23 particle', 'constants', `${SI}: the Avogadro constant`), note: 'of anything' },
	measured('1 mol = 22.414 L', 'constants', CODATA, 'an ideal gas at 0 °C and 101.325 kPa'),
	measured('1 mL = 0.99705 g', 'constants', 'IAPWS-95', 'water at 25 °C'),
	measured('1 mL = 0.99997 g', 'constants', 'IAPWS-95', 'water at 4 °C'),
];

/**
 * How long the degrees of two temperature scales are to each other (SI Brochure 2.3.1, NIST SP 811 B.8). No route takes
 * them: between readings the zero shifts as well.
 */
export const SCALE_ROWS: readonly TableFact[] = [
	exact('9 °F = 5 °C', 'scales', `${SP811}: the length of a degree`),
	exact('1 K = 1 °C', 'scales', `${SI}, 2.3.1: the length of a degree`),
	exact('9 °F = 5 K', 'scales', `${SP811}: the length of a degree`),
	exact('1 °F = 1 °R', 'scales', `${SP811}: the length of a degree`),
];

/**
 * What a prefix says, as a fact: the 1 goes with the prefixed unit, the power of ten with the unit
 * under it (1 km = 10^3 m; 1 cg = 10^-2 g). Null for a symbol that is no prefix.
 */
export function prefixFact(prefix: string, unit: string): TableFact | null {
	const row = prefixOf(prefix);
	if (!row) return null;
	return {
		left: { number: '1', unit: `${prefix}${unit}` },
		right: { number: row.two === undefined ? `10^${row.power}` : `${2n ** BigInt(row.two)}`, unit },
		exact: true,
		tables: ['prefixes'],
		source: row.two === undefined ? `${SI}, table 7: ${row.name}` : `IEC 80000-13: ${row.name}`,
	};
}

/** A fact that a problem states, as a fact of its own table. */
export function problemFact(fact: Fact): TableFact {
	return { ...fact, exact: fact.exact ?? false, tables: ['problem'], source: 'from the problem' };
}

/** A fact a student has added, as a fact of its own table. */
export function ownFact(fact: Fact): TableFact {
	return { ...fact, exact: fact.exact ?? false, tables: ['own'], source: 'added by you' };
}
