import type { Rational } from '../numeral/rational';
import { valueIn } from '../quantity/convert';
import type { Quantity } from '../quantity/quantity';
import { likeUnits } from '../unit/like-units';
import type { WorkedChain } from './work-chain';

/** A result that is taken on: the exact quantity, and how many of its figures count; null where nothing limits them. */
export type TakenOn = { readonly quantity: Quantity; readonly figures: number | null };

/** What a line comes to with all that was set aside, in the unit that stands; null where one of it cannot be told. */
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

/**
 * The exact result of a line, for a problem in two parts: written as a fraction, so that nothing is rounded on the way;
 * of a measure in parts all of it, in the smallest unit.
 * @returns null while a number is missing, or where pi keeps it from being written out.
 */
export function takenOn(worked: WorkedChain): TakenOn | null {
	const all = allOf(worked);
	if (!all) return null;
	return { quantity: { number: `${all.n}/${all.d}`, unit: worked.unit.text }, figures: worked.significant };
}
