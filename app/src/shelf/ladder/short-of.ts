import { type Converted, printWritten } from '@tidy-sum/core';

/** The most characters of a plain number that is shown where there is little room. */
const SHORT = 9;

/** A result for where there is little room: plain where that is short, else scientific; "≈ 0.333333" where it does not end. */
export function shortOf({ plain, scientific, text }: Converted): string {
	if (plain !== null && plain.length <= SHORT) return printWritten(plain);
	return scientific === null ? text : printWritten(scientific);
}
