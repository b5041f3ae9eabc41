import { type Exact, printUnrounded, printWritten } from '@tidy-sum/core';

/** How many digits of a product or quotient are shown before it is cut with …. */
const SHOWN = 10;

/**
 * An exact value as the Desk shows it, unrounded; … where it is not known.
 * @example shownValue(the value 69.85) // '69.85'
 */
export function shownValue(exact: Exact | null): string {
	return exact ? `${printWritten(printUnrounded(exact.value, SHOWN))}${exact.pi ? ' π' : ''}` : '…';
}
