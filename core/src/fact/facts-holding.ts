import { rowOf } from '../unit/find-unit';
import { parseUnit } from '../unit/parse-unit';
import { prefixOf } from '../unit/prefixes';
import type { UnitPart } from '../unit/unit';
import type { Fact, TableFact } from './fact';
import { factTable, TABLE_NAMES, type TableName } from './fact-tables';
import { oddnessOf } from './oddness';
import { FACT_ROWS, ownFact, prefixFact, problemFact } from './tables';

/** Prefixes offered for a unit that is written without one, the ones met most first. */
const COMMON_PREFIXES = ['k', 'c', 'm', 'µ', 'n', 'M', 'd'] as const;

function holds(text: string, part: UnitPart): boolean {
	const unit = parseUnit(text, { counted: true });
	return unit.ok && unit.value.parts.some((has) => has.unit === part.unit && has.prefix === part.prefix);
}

function prefixFacts(part: UnitPart): TableFact[] {
	if (part.prefix) return [prefixFact(part.prefix, part.unit)].filter((fact) => fact !== null);
	const row = rowOf(part.unit);
	if (!row?.prefixes) return [];
	return COMMON_PREFIXES.filter((prefix) => row.prefixes === 'all' || (prefixOf(prefix)?.power ?? 0) > 0)
		.map((prefix) => prefixFact(prefix, part.unit))
		.filter((fact) => fact !== null);
}

/**
 * The facts that hold a unit: the problem's own first, then the ones a teacher would reach for.
 * A fact of the tables that says the same as a prefix (1 km = 1000 m) is kept beside it, since a student
 * may know either.
 * @param unit the touched unit, without its power ("cm", "h", "crate").
 * @param from what the problem states, one's own facts, and the tables a class may use.
 */
export function factsHolding(unit: string, { problem = [], own = [], allowed }: FactsFrom = {}): readonly TableFact[] {
	const read = parseUnit(unit, { counted: true });
	const part = read.ok ? read.value.parts[0] : undefined;
	if (!part) return [];
	const rows = [...problem.map(problemFact), ...own.map(ownFact), ...FACT_ROWS];
	const tables = rows.filter(({ left, right }) => holds(left.unit, part) || holds(right.unit, part));
	return inOrder([...tables, ...prefixFacts(part)], allowed);
}

/** Where facts are looked for: those a problem states, one's own, and the tables a class may use (all when left out). */
export type FactsFrom = {
	readonly problem?: readonly Fact[];
	readonly own?: readonly Fact[];
	readonly allowed?: readonly TableName[] | undefined;
};

function inOrder(facts: readonly TableFact[], allowed: readonly TableName[] = TABLE_NAMES): readonly TableFact[] {
	const may = ({ tables: of }: TableFact) =>
		of.some((table) => factTable(table).oddness === 0 || allowed.includes(table));
	return facts.filter(may).sort((a, b) => oddnessOf(a) - oddnessOf(b));
}

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

/**
 * The numbers that go with two units laid above and below, from the facts that hold both; null when none
 * does. The nearest fact is taken.
 */
export function numbersFor(
	top: string,
	bottom: string,
	from: FactsFrom = {},
): { readonly top: string; readonly bottom: string; readonly given: boolean } | null {
	const [above, below] = [parseUnit(top, { counted: true }), parseUnit(bottom, { counted: true })];
	if (!above.ok || !below.ok || above.value.text === below.value.text) return null;
	const is = (text: string, unit: string) => {
		const read = parseUnit(text, { counted: true });
		return read.ok && read.value.text === unit;
	};
	for (const fact of factsHolding(above.value.text, from)) {
		const { left, right, tables } = fact;
		const given = tables.includes('problem');
		if (is(left.unit, above.value.text) && is(right.unit, below.value.text))
			return { top: left.number, bottom: right.number, given };
		if (is(right.unit, above.value.text) && is(left.unit, below.value.text))
			return { top: right.number, bottom: left.number, given };
	}
	return null;
}
