import { rowOf } from '../unit/find-unit';
import { parseUnit } from '../unit/parse-unit';
import { prefixOf } from '../unit/prefixes';
import type { UnitPart } from '../unit/unit';
import type { Fact, TableFact } from './fact';
import { factTable, TABLE_NAMES, type TableName } from './fact-tables';
import { oddnessOf } from './oddness';
import { FACT_ROWS, ownFact, prefixFact, problemFact, SCALE_ROWS } from './tables';

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
	const rows = [...problem.map(problemFact), ...own.map(ownFact), ...FACT_ROWS, ...SCALE_ROWS];
	const tables = rows.filter(({ left, right }) => holds(left.unit, part) || holds(right.unit, part));
	return inOrder([...tables, ...prefixFacts(part)], allowed);
}

/** Where facts are looked for: those a problem states, one's own, and the tables a class may use (all when left out). */
export type FactsFrom = {
	readonly problem?: readonly Fact[];
	readonly own?: readonly Fact[];
	readonly allowed?: readonly TableName[] | undefined;
};

/** Facts of the tables that are allowed, the nearest first. */
export function inOrder(
	facts: readonly TableFact[],
	allowed: readonly TableName[] = TABLE_NAMES,
): readonly TableFact[] {
	const may = ({ tables: of }: TableFact) => of.some((table) => !factTable(table).learned || allowed.includes(table));
	return facts.filter(may).sort((a, b) => oddnessOf(a) - oddnessOf(b));
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
