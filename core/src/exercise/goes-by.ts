import type { Fact } from '../fact/fact';
import type { TableName } from '../fact/fact-tables';
import type { Ties } from '../numeral/round';
import type { Exercise } from './exercise';

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
	readonly support?: SupportLevel;
	readonly numbers?: NumbersShown;
};

/** An exercise as a class takes it: the class's facts beside its own, and what else it goes by. */
export function inClass<E extends Exercise>(exercise: E, by: GoesBy | undefined): E {
	if (!by) return exercise;
	const { facts = [], ...rest } = { ...by, ...exercise.goesBy };
	return {
		...exercise,
		...(facts.length ? { facts: [...exercise.facts, ...facts] } : {}),
		...(Object.keys(rest).length ? { goesBy: rest } : {}),
	};
}
