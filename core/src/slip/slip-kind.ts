import type { Chain, Factor } from '../chain/chain';
import type { ReadFactor } from '../chain/read-chain';
import type { UnitExercise } from '../exercise/exercise';
import type { Key } from '../key/key';
import type { Seen, SeenParts } from '../key/verdict';
import type { Numeral } from '../numeral/numeral';
import type { Rational } from '../numeral/rational';

/** What a slip would have made of the key: the value in the wanted unit, and where on the line it happened. */
export type Suspect = { readonly value: Rational; readonly factor?: number; readonly why: string };

/** What slips are looked for in: the exercise, its key with the true value, and a line it may be worked by. */
export type Evidence = {
	readonly exercise: UnitExercise;
	readonly key: Key;
	readonly truth: Rational;
	readonly answer: Numeral;
	readonly chain: Chain | null;
	readonly factors: readonly ReadFactor[];
	/** Whether the line is another short one than that of the key or the student. */
	readonly elsewhere?: boolean;
};

/** A sign by which a block tells which slip it was laid by; of several the most telling is named. */
export type Telling = {
	/** 1 for the most telling. */
	readonly order: number;
	readonly by: (factor: ReadFactor) => boolean;
};

/** One way a step that adds goes wrong. */
export type ShiftMend = {
	/** What is said of the step: it “goes the wrong way …”. */
	readonly why: string;
	/** The steps as they should be; null where this is not what went wrong. */
	readonly mend: (factors: readonly Factor[], at: number, shift: string) => readonly Factor[] | null;
};

/**
 * A recognised mistake. A slip is one file: how it is known by what it makes of a number, of a block, or of an
 * answer; the sentence that points at it; and the nudge that helps.
 */
export type SlipKind = {
	readonly code: string;
	/** Its name for people. */
	readonly title: string;
	/** What helps against it. */
	readonly nudge: string;
	/** What it would have made of the key. */
	readonly suspects?: (evidence: Evidence) => readonly Suspect[];
	/** Whether it is so common, or makes so few values, that it is named however few figures the answer has. */
	readonly common?: true;
	/** Whether it comes together with others on one line. */
	readonly mixes?: true;
	/** Whether it is in how a block is laid: where the line is right it has not happened, whatever the answer looks like. */
	readonly laid?: true;
	/** Whether it takes a whole block wrongly, so that the value is far off. */
	readonly wholeBlock?: true;
	/** What should stand in place of a block laid by it, in each way it may have been; none for nothing. */
	readonly mend?: (factor: Factor) => readonly (readonly Factor[])[];
	/** Ways it goes with a step that adds, each with what would mend it. */
	readonly mendShift?: readonly ShiftMend[];
	/** How a block whose sides are not equal tells of this slip. */
	readonly unequal?: Telling;
	/** What is said of it where the four lines show it by themselves; null where they do not. */
	readonly shows?: (seen: Seen) => string | null;
	/** The same of the parts of a mixed measure. */
	readonly showsInParts?: (seen: SeenParts) => string | null;
};
