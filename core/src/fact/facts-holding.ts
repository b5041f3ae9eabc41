import { rowOf } from '../unit/find-unit';
import { parseUnit } from '../unit/parse-unit';
import { prefixOf } from '../unit/prefixes';
import type { UnitPart } from '../unit/unit';
import { type Fact, TABLE_NAMES, type TableFact, type TableName } from './fact';
import { oddnessOf } from './oddness';
import { FACT_ROWS, prefixFact, problemFact } from './tables';

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
 * @param allowed the tables a class may use; all of them when left out.
 */
export function factsHolding(
	unit: string,
	problem: readonly Fact[] = [],
	allowed: readonly TableName[] = TABLE_NAMES,
): readonly TableFact[] {
	const read = parseUnit(unit, { counted: true });
	const part = read.ok ? read.value.parts[0] : undefined;
	if (!part) return [];
	const own = problem.map(problemFact);
	const tables = [...own, ...FACT_ROWS].filter(({ left, right }) => holds(left.unit, part) || holds(right.unit, part));
	const may = ({ tables: of }: TableFact) =>
		of.some((table) => table === 'problem' || table === 'own' || allowed.includes(table));
	return [...tables, ...prefixFacts(part)].filter(may).sort((a, b) => oddnessOf(a) - oddnessOf(b));
}
