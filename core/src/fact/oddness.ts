import { parseUnit } from '../unit/parse-unit';
import type { TableFact, TableName } from './fact';

const OF_TABLE: Readonly<Partial<Record<TableName, number>>> = {
	problem: 0,
	own: 0,
	prefixes: 2,
	between: 3,
	constants: 8,
	definitions: 9,
};
const OF_OTHERS = 1;
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
	const own = table === 'problem' || table === 'own';
	if (own) return 0;
	const compound = isCompound(fact.left.unit) || isCompound(fact.right.unit);
	return (OF_TABLE[table] ?? OF_OTHERS) + (fact.exact ? 0 : MEASURED) + (compound ? COMPOUND : 0);
}
