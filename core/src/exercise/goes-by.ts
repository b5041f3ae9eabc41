import type { Fact } from '../fact/fact';
import type { TableName } from '../fact/fact-tables';
import type { DecimalMark } from '../numeral/decimal-mark';
import type { Ties } from '../numeral/round';

/** How much is said before the check. */
export type SupportLevel = 'close' | 'light' | 'none';

/** How much of the numbers of a line is worked for the student. */
export type NumbersShown = 'worked' | 'laid-out' | 'covered';

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
	readonly support?: SupportLevel;
	readonly numbers?: NumbersShown;
};
