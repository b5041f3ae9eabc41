import type { Rational } from '../numeral/rational';
import type { Dimension } from './dimension';

/** One factor of a unit expression: canonical symbol, prefix symbol, power, and the substance it is of. */
export type UnitPart = {
	readonly unit: string;
	readonly prefix?: string;
	readonly power: number;
	readonly label?: string;
};

/**
 * A unit expression read to its end. `factor` times pi^`pi` takes it to the coherent SI unit; `figures`
 * is the count a measured unit's factor is known to, null when it is defined; `offset` holds for °C and
 * °F alone; `counted` lists the words taken as counted things.
 */
export type Unit = {
	readonly parts: readonly UnitPart[];
	readonly dimension: Dimension;
	/** The dimension as a text, and without the radians inside a compound: alike units have one of them in common. */
	readonly kind: string;
	readonly plainKind: string;
	readonly factor: Rational;
	readonly pi: number;
	readonly figures: number | null;
	readonly offset: boolean;
	/** The power of turns in it (1 in rev/min), and whether it is a frequency: Hz alone, with any prefix. */
	readonly turns: number;
	readonly frequency: boolean;
	readonly text: string;
	readonly counted: readonly string[];
};

export const PARTS_LIMIT = 20;
export const UNIT_TEXT_LIMIT = 500;
export const POWER_LIMIT = 30;
