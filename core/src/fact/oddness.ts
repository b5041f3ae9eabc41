import { parseUnit } from '../unit/parse-unit';
import type { TableFact } from './fact';
import { factTable } from './fact-tables';

const MEASURED = 4;
const COMPOUND = 3;

function isCompound(unit: string): boolean {
	const read = parseUnit(unit, { counted: true });
	return read.ok && read.value.parts.length > 1;
}

/**
 * How far a fact is from the one a teacher would reach for first: what the problem states, then what one
 * knows by heart, prefixes and the bridges between systems, facts of several units, rounded ones, and last
 * those that hold for one substance only. 0 is nearest.
 */
export function oddnessOf(fact: TableFact): number {
	const [table = 'own'] = fact.tables;
	const { oddness } = factTable(table);
	// What the problem states, or the student, is nearest however it is written.
	if (oddness === 0) return 0;
	const compound = isCompound(fact.left.unit) || isCompound(fact.right.unit);
	return oddness + (fact.exact ? 0 : MEASURED) + (compound ? COMPOUND : 0);
}
