import type { Outcome } from '../../numeral/fault';
import type { Rational } from '../../numeral/rational';
import type { ReadQuantity } from '../../quantity/quantity';
import type { Unit } from '../../unit/unit';
import type { Factor } from '../chain';

/** The fields of a factor that make it a step which is no factor. */
export type StepField = 'shift' | 'aside' | 'term';

/** A number that is not rounded, times a power of pi. */
export type Exact = { readonly value: Rational; readonly pi: number };

/** An amount that was set aside on a line, and by which step; -1 is the start, as the first of several parts. */
export type SetAside = {
	readonly value: Rational | null;
	readonly pi: number;
	readonly unit: Unit;
	readonly by: number;
};

/** A step as it was read: which kind it is, and the quantity it is made with; a shift has no unit of its own. */
export type ReadStep = { readonly kind: StepKind; readonly quantity: ReadQuantity };

/**
 * A kind of step that is no factor: one object, one file. To add one: a field of `Factor`, its file, a row in `steps.ts`,
 * its words in `say/step-words.ts`, a row in the schema of factors.
 */
export type StepKind = {
	readonly field: StepField;
	/** Reads the step as it is written; null if a block has no such step. */
	readonly reads: (factor: Factor) => Outcome<ReadQuantity> | null;
	/** What it adds to the value so far, in the unit of the line at that point; null while that is not known. */
	readonly adds: (quantity: ReadQuantity, unit: Unit) => Exact | null;
	/** Whether its quantity is kept beside the line, as a part of what is wanted. */
	readonly keeps: boolean;
	/** The unit set aside before from which its quantity is taken; null if it is taken from the line itself. */
	readonly from: (factor: Factor) => string | null;
	/** Whether it begins a further part: the line so far is set aside, and goes on with the quantity of the step. */
	readonly begins: boolean;
};
