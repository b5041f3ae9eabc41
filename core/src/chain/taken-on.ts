import { endingPlaces, printRounded } from '../numeral/print';
import type { Rational } from '../numeral/rational';
import { round } from '../numeral/round';
import { valueIn } from '../quantity/convert';
import type { Quantity } from '../quantity/quantity';
import { likeUnits } from '../unit/like-units';
import { exactText } from './exact-text';
import type { WorkedChain } from './work-chain';

/** A result that is taken on: the exact quantity, and how many of its figures count; null where nothing limits them. */
export type TakenOn = { readonly quantity: Quantity; readonly figures: number | null };

/** The value of a line with everything set aside added back, in the unit of the line at its end; null if one part of it is not known. */
function allOf({ value, unit, aside, parts }: WorkedChain): Rational | null {
	if (value?.pi !== 0) return null;
	let all = value.value;
	for (const kept of parts === 1 ? aside : []) {
		if (!kept.value || !likeUnits(kept.unit, unit)) return null;
		const whole = valueIn({ value: kept.value, pi: kept.pi }, kept.unit, unit, true);
		if (whole.pi !== 0) return null;
		all = all.add(whole.value);
	}
	return all;
}

/** The digits of an endless result that are taken on, many more than can count. */
const DIGITS = 15;

/** A number that does not end, in decimals; where nothing limits its figures it stays the fraction it is. */
function endless(value: Rational, figures: number | null): string {
	if (figures === null) return exactText(value);
	const { plain, scientific } = printRounded(round(value, { significant: DIGITS }));
	return plain ?? scientific ?? exactText(value);
}

/**
 * The result of a line, not rounded to its figures, for a problem in two parts; of a measure in parts all of it, in the
 * smallest unit.
 * @param asFraction whether a fraction is asked for; else it is written in decimals, with fifteen digits where it does not end.
 * @returns null while a number is missing, or where pi keeps it from being written out.
 * @example takenOn(worked)?.quantity // { number: '27.1333333333333', unit: 'ft' }
 */
export function takenOn(worked: WorkedChain, asFraction = false): TakenOn | null {
	const all = allOf(worked);
	if (!all) return null;
	const figures = worked.significant;
	const isShort = all.sign === 0 || endingPlaces(all.abs()) !== null;
	const number = asFraction ? `${all.n}/${all.d}` : isShort ? exactText(all) : endless(all, figures);
	return { quantity: { number, unit: worked.unit.text }, figures };
}
