import { lettersApart, nearUnits, rowOf } from '../unit/find-unit';
import { parseUnit } from '../unit/parse-unit';
import { PREFIXES, prefixOf } from '../unit/prefixes';
import type { Fact, TableFact } from './fact';
import type { TableName } from './fact-tables';
import { type FactsFrom, factsHolding, inOrder } from './facts-holding';
import { FACT_ROWS, ownFact, prefixFact, problemFact } from './tables';

/** The names and symbols one may look a unit up by. */
function wordsOf(text: string): readonly string[] {
	const unit = parseUnit(text, { counted: true });
	if (!unit.ok) return [text.toLowerCase()];
	const names = unit.value.parts.map((part) => {
		const prefix = prefixOf(part.prefix);
		const row = rowOf(part.unit);
		return `${prefix?.name ?? ''}${row?.name ?? part.unit} ${prefix?.name ?? ''}${row?.plural ?? ''} ${(row?.names ?? []).join(' ')}`;
	});
	return [unit.value.text, ...names].map((word) => word.toLowerCase());
}

function matches(typed: string, { left, right, note }: TableFact): boolean {
	const words = [...wordsOf(left.unit), ...wordsOf(right.unit), ...(note ? [note.toLowerCase()] : [])];
	return words.some((word) => word === typed || word.split(/[ ·/]+/).some((one) => one.startsWith(typed)));
}

/**
 * The facts found by a name or a symbol as typed: "mile", "ft", "water". What names a unit outright ("m",
 * "kilowatts") gives the facts that hold it, first; then those with a word that begins so.
 */
export function factsNamed(text: string, from: FactsFrom = {}): readonly TableFact[] {
	const typed = text.trim().toLowerCase();
	if (typed === '') return [];
	const unit = parseUnit(text.trim());
	const holding = unit.ok ? factsHolding(unit.value.text, from) : [];
	const rows = [...(from.problem ?? []).map(problemFact), ...(from.own ?? []).map(ownFact), ...FACT_ROWS];
	const others = rows.filter((fact) => matches(typed, fact) && !holding.some((has) => sameFact(has, fact)));
	return [...holding, ...inOrder(others, from.allowed)];
}

function sameFact(a: Fact, b: Fact): boolean {
	const same = (x: Fact['left'], y: Fact['left']) => x.number === y.number && x.unit === y.unit;
	return same(a.left, b.left) && same(a.right, b.right);
}

/** What a search found, and what was taken to be meant where the word as typed names nothing. */
export type FoundFacts = { readonly facts: readonly TableFact[]; readonly meant: string | null };

/** How far a word of a note may be from what was typed, by its length. */
function reach(word: string): number {
	return word.length <= 3 ? 0 : word.length <= 5 ? 1 : 2;
}

/** The words of the notes of facts (substances, conditions) that are near a word. */
function nearNotes(word: string): readonly string[] {
	const words = new Set(FACT_ROWS.flatMap(({ note }) => note?.toLowerCase().match(/\p{L}{4,}/gu) ?? []));
	return [...words]
		.map((one) => ({ one, apart: lettersApart(word, one) }))
		.filter(({ apart }) => apart <= reach(word))
		.sort((a, b) => a.apart - b.apart)
		.map(({ one }) => one);
}

/**
 * The facts found by symbol, name or alias, also with a slip of spelling ("killometre", "galon"): where the word as
 * typed finds nothing, the nearest name that finds something is taken, and said.
 */
export function findFacts(text: string, from: FactsFrom = {}): FoundFacts {
	const typed = text.trim();
	const plain = factsNamed(typed, from);
	if (plain.length || typed === '') return { facts: plain, meant: null };
	// "miles per" and such: what cannot be read whole is looked for by its nearest name.
	const word = typed.toLowerCase();
	const read = parseUnit(typed);
	const suggested = read.ok ? [] : (read.fault.suggest ?? []);
	for (const meant of [...nearUnits(word), ...suggested, ...nearNotes(word)]) {
		const facts = factsNamed(meant, from);
		if (facts.length) return { facts, meant };
	}
	return { facts: [], meant: null };
}

/** The unit the prefixes are shown with. */
const SHOWN_WITH = 'm';

/** The facts of one table as classes learn them; the prefixes, from the largest down, with the metre. */
export function factsOfTable(table: TableName): readonly TableFact[] {
	if (table === 'prefixes')
		return PREFIXES.map(({ symbol }) => prefixFact(symbol, SHOWN_WITH)).filter((fact) => fact !== null);
	return FACT_ROWS.filter(({ tables }) => tables.includes(table));
}
