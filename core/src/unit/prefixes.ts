/** An SI prefix: its name, symbol and power of ten (SI Brochure, 9th edition with the 2022 additions, table 7). */
export type Prefix = { readonly name: string; readonly symbol: string; readonly power: number };

export const PREFIXES: readonly Prefix[] = [
	{ name: 'quetta', symbol: 'Q', power: 30 },
	{ name: 'ronna', symbol: 'R', power: 27 },
	{ name: 'yotta', symbol: 'Y', power: 24 },
	{ name: 'zetta', symbol: 'Z', power: 21 },
	{ name: 'exa', symbol: 'E', power: 18 },
	{ name: 'peta', symbol: 'P', power: 15 },
	{ name: 'tera', symbol: 'T', power: 12 },
	{ name: 'giga', symbol: 'G', power: 9 },
	{ name: 'mega', symbol: 'M', power: 6 },
	{ name: 'kilo', symbol: 'k', power: 3 },
	{ name: 'hecto', symbol: 'h', power: 2 },
	{ name: 'deca', symbol: 'da', power: 1 },
	{ name: 'deci', symbol: 'd', power: -1 },
	{ name: 'centi', symbol: 'c', power: -2 },
	{ name: 'milli', symbol: 'm', power: -3 },
	{ name: 'micro', symbol: 'µ', power: -6 },
	{ name: 'nano', symbol: 'n', power: -9 },
	{ name: 'pico', symbol: 'p', power: -12 },
	{ name: 'femto', symbol: 'f', power: -15 },
	{ name: 'atto', symbol: 'a', power: -18 },
	{ name: 'zepto', symbol: 'z', power: -21 },
	{ name: 'yocto', symbol: 'y', power: -24 },
	{ name: 'ronto', symbol: 'r', power: -27 },
	{ name: 'quecto', symbol: 'q', power: -30 },
];

/** The prefix with this symbol, or undefined. */
export function prefixOf(symbol: string | undefined): Prefix | undefined {
	return symbol === undefined ? undefined : PREFIXES.find((prefix) => prefix.symbol === symbol);
}
