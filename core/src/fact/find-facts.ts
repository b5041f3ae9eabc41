import { lettersApart, nearUnits } from '../unit/find-unit';
import { parseUnit } from '../unit/parse-unit';
import { PREFIXES } from '../unit/prefixes';
import type { TableFact } from './fact';
import type { TableName } from './fact-tables';
import { type FactsFrom, factsNamed } from './facts-holding';
import { FACT_ROWS, prefixFact } from './tables';

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
