import type { ReadFactor } from '../chain/read-chain';
import type { Exercise, UnitExercise } from '../exercise/exercise';
import type { Span } from '../numeral/fault';
import type { Rational } from '../numeral/rational';
import type { Answer } from '../read/read-answer';
import type { Part } from '../read/read-parts';
import type { Unit } from '../unit/unit';
import type { Key } from './key';

export type Judgement = 'right' | 'wrong' | 'unclear' | 'absent' | 'not-asked';

/** One line of a check: the judgement, its reason, and its place: a span of the answer or a block of the line. */
export type VerdictLine = {
	readonly verdict: Judgement;
	readonly why: string;
	readonly at?: Span;
	readonly factor?: number;
	/** Of a value beside a line that does not hold: whether the number is what that line comes to. */
	readonly follows?: boolean;
	/** The slips it shows by itself. */
	readonly slips?: readonly FoundSlip[];
};

/** The worst judgement comes first. */
const WORST_FIRST: readonly Judgement[] = ['absent', 'wrong', 'unclear', 'right', 'not-asked'];

/** The worse of two lines; the first where both are judged alike. */
export function worst(one: VerdictLine, other: VerdictLine): VerdictLine {
	return WORST_FIRST.indexOf(one.verdict) <= WORST_FIRST.indexOf(other.verdict) ? one : other;
}

/** A slip that shows by itself; without a code where a block with unequal sides tells which one it was. */
export type FoundSlip = Omit<Slip, 'code'> & { readonly code: string | null; readonly block?: ReadFactor };

/** A recognised mistake, by the codes of the brief; `also` is the other of two that give the number only together. */
export type Slip = { readonly code: string; readonly factor?: number; readonly why: string; readonly also?: string };

/** Slips each once, where they come first. */
export function eachOnce(slips: readonly Slip[]): readonly Slip[] {
	return slips.filter(({ code }, i) => slips.findIndex((slip) => slip.code === code) === i);
}

/** The four lines of a check, and whether all that is asked is right. */
export type FourLines = {
	readonly line: VerdictLine;
	readonly value: VerdictLine;
	readonly figures: VerdictLine;
	readonly unit: VerdictLine;
	readonly right: boolean;
};

/** The whole check: four lines, and the slips seen, likely first. */
export type Verdict = FourLines & { readonly slips: readonly Slip[]; readonly first: string | null };

/** The lines that judge the answer itself. */
export type AnswerLines = Pick<FourLines, 'value' | 'figures' | 'unit'>;

/** An answer with its lines judged against a key; of a range there are two. */
export type Seen = {
	readonly exercise: UnitExercise;
	readonly lines: AnswerLines;
	readonly answer: Answer;
	readonly key: Key;
};

/** A mixed measure as it was read: the units wanted and the parts given. */
export type SeenParts = {
	readonly exercise: Exercise;
	readonly lines: AnswerLines;
	readonly units: readonly Unit[];
	readonly parts: readonly Part[];
	/** What the parts come to, and what they should, in the smallest unit; null where a part is of another kind. */
	readonly total: Rational | null;
	readonly truth: Rational;
};

/** An answer judged by itself: its lines, and what slips are told by. */
export type Judged = {
	readonly lines: AnswerLines;
	readonly seen?: readonly Seen[];
	readonly parts?: SeenParts;
	readonly slips?: readonly FoundSlip[];
};

/** The most slips that are named at once. */
export const SLIPS_LIMIT = 5;

/** The four lines in the order they are shown. */
export const VERDICT_LINES = ['line', 'value', 'figures', 'unit'] as const;
