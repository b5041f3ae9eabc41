import type { SlipKind } from './slip-kind';

/** The ends of a range in the wrong order, as happens below zero. Named where the range is judged. */
export const rangeReversed: SlipKind = {
	code: 'range-reversed',
	title: 'The ends of the range in the wrong order',
	nudge: 'Which end is colder or smaller? Below zero, the larger number is the lower one.',
};
