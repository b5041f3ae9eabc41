import type { Quantity } from '../quantity/quantity';
import type { TableName } from './fact-tables';

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
