import { flippedFactor } from './flipped-factor';
import { offsetBackwards } from './offset-backwards';
import { offsetOrder } from './offset-order';
import { offsetShort } from './offset-short';
import { powerMissed } from './power-missed';
import { repeatedFactor } from './repeated-factor';
import type { SlipKind } from './slip-kind';

/**
 * The slips that a line shows by its blocks and steps: those with something that mends them, in the order of all slips.
 * The four lines of a check need these at once; the others come with the search, in a script of their own. A test holds
 * this list to `SLIPS`.
 */
export const LINE_SLIPS: readonly SlipKind[] = [
	offsetBackwards,
	offsetOrder,
	offsetShort,
	flippedFactor,
	powerMissed,
	repeatedFactor,
];
