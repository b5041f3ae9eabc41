import type { Fact } from '../fact/fact';
import type { TableName } from '../fact/fact-tables';
import type { DecimalMark } from '../numeral/decimal-mark';
import type { Ties } from '../numeral/round';

/** How much is said before the check. */
export type SupportLevel = 'close' | 'light' | 'none';

/** How much of the numbers of a line is worked for the student. */
export type NumbersShown = 'worked' | 'laid-out' | 'covered';

/** How a class rounds answers in one unit: drops to the ones, mL to the tenths. */
export type UnitRounding = { readonly unit: string } & ({ readonly place: number } | { readonly significant: number });

/** What a class goes by, wherever its exercises are worked and marked; what is left out is as it always is. */
export type GoesBy = {
	/** Facts of the class's own, beside those of each problem. */
	readonly facts?: readonly Fact[];
	/** The tables of facts that count. */
	readonly tables?: readonly TableName[];
	/** What becomes of a half: away from zero, or to the even digit (ISO 80000-1, B.3); either will do where it is left out. */
	readonly ties?: Ties;
	/** What a comma before three digits means: 1,250. */
	readonly decimal?: DecimalMark;
	/** How answers in a unit are rounded where an exercise itself asks no rounding. */
	readonly rounding?: readonly UnitRounding[];
	/** Whether the numbers of its problems are taken as exact. */
	readonly given?: 'exact';
	readonly support?: SupportLevel;
	readonly numbers?: NumbersShown;
};
