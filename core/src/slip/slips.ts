import { bracketMissed } from './bracket-missed';
import { decimalAsParts } from './decimal-as-parts';
import { differenceShifted } from './difference-shifted';
import { digitsFew } from './digits-few';
import { digitsFromExact } from './digits-from-exact';
import { digitsMany } from './digits-many';
import { eeSlip } from './ee-slip';
import { flippedFactor } from './flipped-factor';
import { offsetBackwards } from './offset-backwards';
import { offsetMissed } from './offset-missed';
import { offsetOrder } from './offset-order';
import { offsetShort } from './offset-short';
import { placeSlip } from './place-slip';
import { pointClaims } from './point-claims';
import { powerMissed } from './power-missed';
import { prefixSign } from './prefix-sign';
import { rangeReversed } from './range-reversed';
import { repeatedFactor } from './repeated-factor';
import { roundedEarly } from './rounded-early';
import { signLost } from './sign-lost';
import { skippedFactor } from './skipped-factor';
import type { SlipKind } from './slip-kind';
import { stoppedEarly } from './stopped-early';
import { swappedDigits } from './swapped-digits';
import { truncated } from './truncated';
import { unequalFactor } from './unequal-factor';
import { unitMissing } from './unit-missing';
import { unitWrong } from './unit-wrong';
import { wholeIncluded } from './whole-included';
import { wrongNumber } from './wrong-number';
import { wrongStart } from './wrong-start';
import { zerosUnclear } from './zeros-unclear';

/**
 * All slips, likely first: slips that give the same number are named in this order (contract, "check"). To add one is
 * to add a file and a row.
 */
export const SLIPS: readonly SlipKind[] = [
	offsetMissed,
	offsetBackwards,
	offsetOrder,
	offsetShort,
	differenceShifted,
	signLost,
	truncated,
	digitsFew,
	digitsMany,
	flippedFactor,
	skippedFactor,
	powerMissed,
	prefixSign,
	bracketMissed,
	wrongNumber,
	repeatedFactor,
	eeSlip,
	swappedDigits,
	placeSlip,
	decimalAsParts,
	wholeIncluded,
	stoppedEarly,
	wrongStart,
	roundedEarly,
	unitMissing,
	unitWrong,
	zerosUnclear,
	pointClaims,
	rangeReversed,
	digitsFromExact,
	unequalFactor,
];

const BY_CODE: ReadonlyMap<string, SlipKind> = new Map(SLIPS.map((slip) => [slip.code, slip]));

/** The slip of a code: what it is called, the nudge that helps against it, how it is known. */
export function slipNamed(code: string): SlipKind | undefined {
	return BY_CODE.get(code);
}
