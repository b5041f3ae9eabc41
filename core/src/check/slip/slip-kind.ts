import type { Chain } from '../../chain/chain';
import type { ReadFactor } from '../../chain/read-chain';
import type { UnitExercise } from '../../exercise/exercise';
import type { Numeral } from '../../numeral/numeral';
import type { Rational } from '../../numeral/rational';
import type { Key } from '../key';
import type { Seen, SeenParts } from '../verdict';

/** What a slip would have made of the key: the value in the wanted unit, and where on the line it happened. */
export type Suspect = { readonly value: Rational; readonly factor?: number; readonly why: string };

/** What slips are looked for in: the exercise, its key with the true value, and a line it may be worked by. */
export type Scene = {
	readonly exercise: UnitExercise;
	readonly key: Key;
	readonly truth: Rational;
	readonly answer: Numeral;
	readonly chain: Chain | null;
	readonly factors: readonly ReadFactor[];
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
	readonly suspects?: (scene: Scene) => readonly Suspect[];
	/** Whether it comes together with others on one line. */
	readonly mixes?: true;
	/** Whether a block whose sides are not equal is laid by this slip. */
	readonly unequal?: (factor: ReadFactor) => boolean;
	/** What is said of it where the four lines show it by themselves; null where they do not. */
	readonly shows?: (seen: Seen) => string | null;
	/** The same of the parts of a mixed measure. */
	readonly showsInParts?: (seen: SeenParts) => string | null;
};
