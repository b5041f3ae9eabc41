import type { Numeral } from '../numeral/numeral';
import { withPi } from '../numeral/pi';
import type { Rational } from '../numeral/rational';
import { isRoundingOf } from '../numeral/round';
import type { AskedFigures, Key } from './key';

/** The least figures an answer to an endless exact key may show. */
const ENDLESS_FIGURES = 3;
/** The least figures that judge a value when fewer are not asked. */
const ENOUGH_FIGURES = 2;

/**
 * Whether a number is the true value as far as it is written: the value rounded to the figures it is
 * written with is the number, and these are enough (contract, "check", value).
 * @param truth the exact value in the unit the answer is written in.
 */
export function isRightValue(answer: Numeral, truth: { value: Rational; pi: number }, key: Key): boolean {
	const same = answer.value.equals(truth.value) && (answer.pi === truth.pi || answer.value.sign === 0);
	if (same) return true;
	if (key.exact === 'ends') return false;
	const value = withPi(truth.value, truth.pi - answer.pi);
	const { significant, atMost } = answer;
	if (significant === null || atMost === null) return false;
	if (key.asked?.kind === 'place' && isRoundedToPlace(answer, value, key.asked.place)) return true;
	const least = key.exact === 'endless' ? ENDLESS_FIGURES : leastOf(key.asked);
	for (let count = Math.max(significant, least); count <= atMost; count++)
		if (isRoundingOf(answer.value, value, { significant: count })) return true;
	return false;
}

function leastOf(asked: AskedFigures): number {
	return asked?.kind === 'count' ? Math.min(ENOUGH_FIGURES, asked.from) : ENOUGH_FIGURES;
}

function isRoundedToPlace(answer: Numeral, value: Rational, place: number): boolean {
	return (answer.lastPlace ?? place) >= place && isRoundingOf(answer.value, value, { place });
}
