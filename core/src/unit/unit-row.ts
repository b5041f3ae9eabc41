import type { Dimension } from './dimension';

/**
 * One unit of the table. To add a unit is to add one row.
 *
 * `factor` is exact, to the coherent SI unit, times pi^`pi`; a unit that is measured, not defined, has
 * `figures`, the count its factor is known to. `symbols` are other writings told apart by case;
 * `names` other names in any case (plurals in -s are understood, others stand in `plural`).
 */
export type UnitRow = {
	readonly symbol: string;
	readonly name: string;
	readonly plural?: string;
	readonly symbols?: readonly string[];
	readonly names?: readonly string[];
	readonly dimension: Dimension;
	readonly factor: string;
	readonly pi?: number;
	readonly figures?: number;
	/** What is added to a reading before scaling to kelvins: 273.15 for °C. */
	readonly offset?: string;
	/** Whether it counts turns (a turn is one cycle), or cycles in a time. */
	readonly cycle?: 'turn' | 'rate';
	/** Which prefixes it takes: all of the SI, only those for multiples, or these and the binary ones. */
	readonly prefixes?: 'all' | 'large' | 'binary';
	readonly ucum?: string;
	readonly source: string;
};

/** A short writing for a compound of other units (mph, rpm, M); prefixes go to its first part. */
export type ShortRow = {
	readonly symbol: string;
	readonly names?: readonly string[];
	readonly stands: string;
	readonly prefixes?: 'all';
};
