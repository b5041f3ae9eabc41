import { prefixOf } from '../unit/prefixes';
import type { Fact, TableFact, TableName } from './fact';

const HB44 = 'NIST Handbook 44, Appendix C';
const SP811 = 'NIST SP 811, B.8';
const SI = 'SI Brochure 9';

function exact(left: string, right: string, table: TableName, source: string): TableFact {
	const quantity = (text: string) => {
		const [number = '', ...unit] = text.split(' ');
		return { number, unit: unit.join(' ') };
	};
	return { left: quantity(left), right: quantity(right), exact: true, tables: [table], source };
}

/** Facts people learn by heart or have on the wall, grouped by table. One row is one fact. */
export const FACT_ROWS: readonly TableFact[] = [
	exact('1 min', '60 s', 'time', SI),
	exact('1 h', '60 min', 'time', SI),
	exact('1 h', '3600 s', 'time', SI),
	exact('1 d', '24 h', 'time', SI),
	exact('1 wk', '7 d', 'time', SP811),
	exact('1 yr', '365 d', 'time', `${SP811}: common year`),
	exact('1 cm', '10 mm', 'metric', SI),
	exact('1 m', '100 cm', 'metric', SI),
	exact('1 m', '1000 mm', 'metric', SI),
	exact('1 km', '1000 m', 'metric', SI),
	exact('1 L', '1000 mL', 'metric', SI),
	exact('1 g', '1000 mg', 'metric', SI),
	exact('1 kg', '1000 g', 'metric', SI),
	exact('1 t', '1000 kg', 'metric', SI),
	exact('1 mL', '1 cm^3', 'metric', SI),
	exact('1 m^3', '1000 L', 'metric', SI),
	exact('1 ha', '10000 m^2', 'metric', SI),
	exact('1 ft', '12 in', 'customary', HB44),
	exact('1 yd', '3 ft', 'customary', HB44),
	exact('1 mi', '5280 ft', 'customary', HB44),
	exact('1 lb', '16 oz', 'customary', HB44),
	exact('1 gal', '4 qt', 'customary', HB44),
	exact('1 qt', '2 pt', 'customary', HB44),
	exact('1 pt', '2 cup', 'customary', HB44),
	exact('1 cup', '8 fl oz', 'customary', HB44),
	exact('1 in', '2.54 cm', 'between', HB44),
	exact('1 ft', '0.3048 m', 'between', HB44),
	exact('1 mi', '1.609344 km', 'between', HB44),
	exact('1 lb', '453.59237 g', 'between', HB44),
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
		right: { number: `10^${row.power}`, unit },
		exact: true,
		tables: ['prefixes'],
		source: `${SI}, table 7: ${row.name}`,
	};
}

/** A fact that a problem states, as a fact of its own table. */
export function problemFact(fact: Fact): TableFact {
	return { ...fact, exact: fact.exact ?? false, tables: ['problem'], source: 'from the problem' };
}
