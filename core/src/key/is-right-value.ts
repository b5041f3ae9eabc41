import type { Numeral } from '../numeral/numeral';
import { withPi } from '../numeral/pi';
import type { Rational } from '../numeral/rational';
import { isRoundingOf, type Ties } from '../numeral/round';
import { CENT, isMoney } from '../unit/is-money';
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
	const value = withPi(truth.value, truth.pi - answer.pi);
	// Nobody pays less than a cent (contract, "check", money).
	if (isMoney(key.unit) && answer.lastPlace === CENT && isRoundingOf(answer.value, value, { place: CENT }, key.ties))
		return true;
	if (key.exact === 'ends') return false;
	const { significant, atMost } = answer;
	if (significant === null || atMost === null) return false;
	if (key.asked?.kind === 'place') {
		const place = placeReached(answer, key.asked.place);
		if (place !== null && place >= key.asked.place)
			return isRoundedToPlace(answer, value, place, key.asked.place, key.ties);
	}
	const least = key.exact === 'endless' ? ENDLESS_FIGURES : leastOf(key.asked);
	for (let count = Math.max(significant, least); count <= atMost; count++)
		if (isRoundingOf(answer.value, value, { significant: count }, key.ties)) return true;
	return false;
}

/** How many places the digits of a plain whole number go below its last counted one: 3 in 2000. */
function openPlaces({ form, ambiguous, significant, atMost }: Numeral): number {
	return ambiguous && form.kind === 'decimal' && form.exponent === null ? (atMost ?? 0) - (significant ?? 0) : 0;
}

/**
 * The place a number is written to where one is asked: zeros at the end without a point reach to it (250 m is to the
 * ones where these are asked), as far as they go.
 */
export function placeReached(answer: Numeral, asked: number): number | null {
	if (answer.lastPlace === null) return null;
	return Math.max(answer.lastPlace - openPlaces(answer), Math.min(answer.lastPlace, asked));
}

function leastOf(asked: AskedFigures): number {
	return asked?.kind === 'count' ? Math.min(ENOUGH_FIGURES, asked.from) : ENOUGH_FIGURES;
}

/** A value rounded to its place, or to one so coarse that less than two figures are left, which is what was asked too. */
function isRoundedToPlace(answer: Numeral, value: Rational, place: number, asked: number, ties?: Ties): boolean {
	if (!isRoundingOf(answer.value, value, { place }, ties)) return false;
	return place === asked || (answer.significant ?? 0) >= ENOUGH_FIGURES;
}
