import type { Chain } from '../chain/chain';
import type { Span } from '../numeral/fault';

export type Judgement = 'right' | 'wrong' | 'unclear' | 'absent' | 'not-asked';

/** One line of a check: the judgement, its reason, and its place: a span of the answer or a block of the line. */
export type VerdictLine = {
	readonly verdict: Judgement;
	readonly why: string;
	readonly at?: Span;
	readonly factor?: number;
	/** The slips it shows by itself. */
	readonly slips?: readonly Slip[];
};

/** A recognised mistake, by the codes of the brief. */
export type Slip = { readonly code: string; readonly factor?: number; readonly why: string };

/** Slips each once, where they come first. */
export function eachOnce(slips: readonly Slip[]): readonly Slip[] {
	return slips.filter(({ code }, i) => slips.findIndex((slip) => slip.code === code) === i);
}

/** The whole check: four lines, whether all that is asked is right, and the slips seen, likely first. */
export type Verdict = {
	readonly line: VerdictLine;
	readonly value: VerdictLine;
	readonly figures: VerdictLine;
	readonly unit: VerdictLine;
	readonly right: boolean;
	readonly slips: readonly Slip[];
	readonly first: string | null;
};

/** The lines that judge the answer itself. */
export type AnswerLines = Pick<Verdict, 'value' | 'figures' | 'unit'>;

/** An answer judged by itself: its lines, and the slips they show. */
export type Judged = {
	readonly lines: AnswerLines;
	readonly slips: readonly Slip[];
	/**
	 * Looks for the slips that would have given a wrong value; left out where there is nothing to look for.
	 * @param own a line that is right but for its number.
	 */
	readonly search?: (own: Chain | null) => readonly Slip[];
};

/** The most slips that are named at once. */
export const SLIPS_LIMIT = 5;

/** The four lines in the order they are shown. */
export const VERDICT_LINES = ['line', 'value', 'figures', 'unit'] as const;
