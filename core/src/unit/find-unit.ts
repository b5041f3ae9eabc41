import { BINARY_PREFIXES, PREFIXES, type Prefix } from './prefixes';
import { SHORT_ROWS, UNIT_ROWS } from './table';
import type { ShortRow, UnitRow } from './unit-row';

/** What a word stands for: a unit of the table, or a short writing for a compound; with its prefix. */
export type Found =
	| { readonly row: UnitRow; readonly prefix?: Prefix }
	| { readonly short: ShortRow; readonly prefix?: Prefix };

type Index = { readonly symbols: ReadonlyMap<string, Found>; readonly names: ReadonlyMap<string, Found> };

let index: Index | null = null;

function pluralOf(row: UnitRow): string {
	return row.plural ?? `${row.name}s`;
}

function symbolsOf(row: UnitRow | ShortRow): readonly string[] {
	if ('stands' in row) return [row.symbol];
	return [row.symbol, ...(row.ucum ? [row.ucum] : []), ...(row.symbols ?? [])];
}

function namesOf(row: UnitRow | ShortRow): readonly string[] {
	const more = (row.names ?? []).flatMap((name) => [name, `${name}s`]);
	const all = 'stands' in row ? more : [row.name, pluralOf(row), ...more];
	// A hyphen between the words of a name is read as a space.
	return all.flatMap((name) => (name.includes('-') ? [name, name.replaceAll('-', ' ')] : name));
}

/** Whether a unit takes a prefix: all of the SI, only those for multiples, or these and the binary ones. */
export function takesPrefix(row: UnitRow | ShortRow, prefix: Prefix): boolean {
	if (prefix.two !== undefined) return row.prefixes === 'binary';
	return row.prefixes === 'all' || (row.prefixes !== undefined && prefix.power > 0);
}

/** Writings of a prefix besides its symbol: u for µ (UCUM and keyboards), deka (US spelling of deca). */
const PREFIX_SYMBOLS: Readonly<Record<string, readonly string[]>> = { µ: ['µ', 'u'] };
const PREFIX_NAMES: Readonly<Record<string, readonly string[]>> = { deca: ['deca', 'deka'] };

/** Whole symbols come before prefixed ones, so min is a minute, ft a foot, pt a pint, cd a candela. */
function build(): Index {
	const symbols = new Map<string, Found>();
	const names = new Map<string, Found>();
	const add = (map: Map<string, Found>, key: string, found: Found) => {
		if (!map.has(key)) map.set(key, found);
	};
	const rows = [...UNIT_ROWS.map((row) => ({ row })), ...SHORT_ROWS.map((short) => ({ short }))];
	const each = rows.map((found) => ({ found, of: 'row' in found ? found.row : found.short }));
	for (const { found, of } of each) add(symbols, of.symbol, found);
	for (const { found, of } of each) {
		for (const symbol of symbolsOf(of)) add(symbols, symbol, found);
		for (const name of namesOf(of)) add(names, name.toLowerCase(), found);
	}
	for (const prefix of [...PREFIXES, ...BINARY_PREFIXES])
		for (const { found, of } of each) {
			if (!takesPrefix(of, prefix)) continue;
			const withPrefix = { ...found, prefix };
			for (const sign of PREFIX_SYMBOLS[prefix.symbol] ?? [prefix.symbol])
				for (const symbol of symbolsOf(of)) add(symbols, sign + symbol, withPrefix);
			for (const first of PREFIX_NAMES[prefix.name] ?? [prefix.name])
				for (const name of namesOf(of)) add(names, first + name.toLowerCase(), withPrefix);
		}
	return { symbols, names };
}

function theIndex(): Index {
	index ??= build();
	return index;
}

/** The unit a word or a run of words names: symbols as written, names in any case. */
export function findUnit(word: string): Found | undefined {
	const { symbols, names } = theIndex();
	return symbols.get(word) ?? names.get(word.toLowerCase());
}

let anyCase: ReadonlyMap<string, readonly string[]> | null = null;

/** The symbols that are a word but for its capitals: MPH and Mph give mph, Kg gives kg. */
export function symbolsInAnyCase(word: string): readonly string[] {
	if (!anyCase) {
		const made = new Map<string, string[]>();
		for (const symbol of theIndex().symbols.keys()) {
			const key = symbol.toLowerCase();
			const same = made.get(key);
			if (same) same.push(symbol);
			else made.set(key, [symbol]);
		}
		anyCase = made;
	}
	return anyCase.get(word.toLowerCase()) ?? [];
}

let rows: ReadonlyMap<string, UnitRow> | null = null;

/** The row with this canonical symbol. */
export function rowOf(symbol: string): UnitRow | undefined {
	rows ??= new Map(UNIT_ROWS.map((row) => [row.symbol, row]));
	return rows.get(symbol);
}

/** Least number of letters to change, add, drop or exchange with the next, to get from one word to the other. */
export function lettersApart(a: string, b: string): number {
	let before: number[] = [];
	let last = Array.from({ length: b.length + 1 }, (_, j) => j);
	for (let i = 1; i <= a.length; i++) {
		const row = [i];
		for (let j = 1; j <= b.length; j++) {
			const same = a[i - 1] === b[j - 1] ? 0 : 1;
			let least = Math.min((last[j] as number) + 1, (row[j - 1] as number) + 1, (last[j - 1] as number) + same);
			if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
				least = Math.min(least, (before[j - 2] as number) + 1);
			row.push(least);
		}
		before = last;
		last = row;
	}
	return last[b.length] as number;
}

/** The letters of a word as bits, so that words with quite other letters are told apart at once. */
function letterBits(word: string): number {
	let bits = 0;
	for (let i = 0; i < word.length; i++) bits |= 1 << (word.charCodeAt(i) & 31);
	return bits;
}

function bitsIn(bits: number): number {
	let count = 0;
	for (let left = bits; left !== 0; left &= left - 1) count += 1;
	return count;
}

type Named = { readonly name: string; readonly bits: number; readonly shown: string };

let named: readonly Named[] | null = null;

/** The names that may be meant, with what to offer for each. */
function theNames(): readonly Named[] {
	named ??= [...theIndex().names].flatMap(([name, found]) =>
		'row' in found ? [{ name, bits: letterBits(name), shown: (found.prefix?.name ?? '') + found.row.name }] : [],
	);
	return named;
}

/** Up to three units whose name or symbol is near the word, nearest first, by name or by symbol as typed. */
export function nearUnits(word: string): readonly string[] {
	if (word.length > 40) return [];
	const typed = word.toLowerCase();
	const reach = typed.length <= 3 ? 0 : typed.length <= 5 ? 1 : 2;
	const near = new Map<string, number>();
	const offer = (shown: string, apart: number) => {
		if (apart <= reach && apart < (near.get(shown) ?? 99)) near.set(shown, apart);
	};
	for (const [symbol, found] of theIndex().symbols)
		if (symbol.length === typed.length && symbol.toLowerCase() === typed && 'row' in found)
			offer((found.prefix?.symbol ?? '') + found.row.symbol, 0);
	const bits = letterBits(typed);
	for (const { name, bits: theirs, shown } of theNames())
		if (Math.abs(name.length - typed.length) <= reach && bitsIn(bits ^ theirs) <= 2 * reach)
			offer(shown, lettersApart(typed, name));
	return [...near]
		.sort(([a, x], [b, y]) => x - y || a.length - b.length)
		.slice(0, 3)
		.map(([shown]) => shown);
}
