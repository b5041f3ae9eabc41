import { type Rational, rational, tenTo } from '../numeral/rational';

/** A prefix: its name, its symbol, and the power of ten, or of two, it stands for. */
export type Prefix = {
	readonly name: string;
	readonly symbol: string;
	/** Of ten; 0 for a binary prefix. */
	readonly power: number;
	/** Of two, for the binary prefixes. */
	readonly two?: number;
};

/** The SI prefixes (SI Brochure, 9th edition with the 2022 additions, table 7), largest first. */

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

/** The binary prefixes, for bits and bytes alone (IEC 80000-13, clause 4). */
export const BINARY_PREFIXES: readonly Prefix[] = [
	{ name: 'yobi', symbol: 'Yi', power: 0, two: 80 },
	{ name: 'zebi', symbol: 'Zi', power: 0, two: 70 },
	{ name: 'exbi', symbol: 'Ei', power: 0, two: 60 },
	{ name: 'pebi', symbol: 'Pi', power: 0, two: 50 },
	{ name: 'tebi', symbol: 'Ti', power: 0, two: 40 },
	{ name: 'gibi', symbol: 'Gi', power: 0, two: 30 },
	{ name: 'mebi', symbol: 'Mi', power: 0, two: 20 },
	{ name: 'kibi', symbol: 'Ki', power: 0, two: 10 },
];

const BY_SYMBOL: ReadonlyMap<string, Prefix> = new Map(
	[...PREFIXES, ...BINARY_PREFIXES].map((prefix) => [prefix.symbol, prefix]),
);

/** The prefix with this symbol, or undefined. */
export function prefixOf(symbol: string | undefined): Prefix | undefined {
	return symbol === undefined ? undefined : BY_SYMBOL.get(symbol);
}

/** What a prefix multiplies by, exactly; 1 for none. */
export function prefixFactor(symbol: string | undefined): Rational {
	const prefix = prefixOf(symbol);
	if (!prefix) return tenTo(0);
	return prefix.two === undefined ? tenTo(prefix.power) : rational(2n ** BigInt(prefix.two));
}
