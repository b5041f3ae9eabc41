import type { Outcome } from './fault';
import type { Rational } from './rational';

/**
 * A number as someone wrote it: its exact value (times pi to the power `pi`), how many of its figures
 * count, and the power of ten of the last one that counts.
 *
 * `significant` and `lastPlace` are null when the form itself is exact (10^-3, 3/4, pi). `atMost` is
 * what the count could be where final zeros do not show whether they count (1250: 3, at most 4).
 * Rules: NIST SP 811 section 7.9 and the common classroom convention for final zeros.
 */
export type Numeral = {
	readonly text: string;
	readonly value: Rational;
	readonly pi: number;
	readonly significant: number | null;
	readonly atMost: number | null;
	readonly ambiguous: boolean;
	readonly lastPlace: number | null;
	/** The parts as read, without grouping, for calculators and print. */
	readonly form: NumeralForm;
	/** Whether its decimal mark is a comma. */
	readonly comma?: true;
};

export type NumeralForm =
	| { readonly kind: 'decimal'; readonly negative: boolean; readonly digits: string; readonly exponent: number | null }
	| { readonly kind: 'power'; readonly negative: boolean; readonly exponent: number }
	| {
			readonly kind: 'fraction';
			readonly negative: boolean;
			readonly whole: string | null;
			readonly top: string;
			readonly bottom: string;
	  }
	| { readonly kind: 'pi'; readonly negative: boolean; readonly times: string; readonly over: string };

export type NumeralOutcome = Outcome<Numeral>;

export const NUMERAL_LIMIT = 200;
export const EXPONENT_LIMIT = 400;

/** The last place kept when something exact is added: that of the last figure that counts, the ones where zeros are unclear. */
export function placeKept({ ambiguous, lastPlace, form }: Numeral): number {
	const last = lastPlace ?? 0;
	return ambiguous ? Math.min(last, form.kind === 'decimal' ? (form.exponent ?? 0) : 0) : last;
}
