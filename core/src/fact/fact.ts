import type { Quantity } from '../quantity/quantity';

/** Which tables people learn from; a class may allow only some. */
export type TableName = 'prefixes' | 'time' | 'metric' | 'customary' | 'between' | 'problem' | 'own';

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
};
