import type { Quantity } from '../quantity/quantity';

/** Which tables people learn from; a class may allow only some. */
export const TABLE_NAMES = ['prefixes', 'time', 'angle', 'metric', 'customary', 'between', 'constants'] as const;

/** A table of facts, or where else a fact comes from: the problem, or the student. */
export type TableName = (typeof TABLE_NAMES)[number] | 'problem' | 'own' | 'definitions';

/** An equivalence: one quantity equals another. */
export type Fact = {
	readonly left: Quantity;
	readonly right: Quantity;
	/** Exact by definition or count; false when measured; left out when it is to be worked out. */
	readonly exact?: boolean;
};

/** A fact of a table, with where it comes from. */
export type TableFact = Fact & {
	readonly exact: boolean;
	readonly tables: readonly TableName[];
	readonly source: string;
	/** What it holds for, where that is not everything: a substance, a temperature. */
	readonly note?: string;
};
