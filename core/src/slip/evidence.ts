import type { Factor } from '../chain/chain';
import type { ReadFactor } from '../chain/read-chain';
import { workChain } from '../chain/work-chain';
import type { Numeral } from '../numeral/numeral';
import { type Rational, toPower } from '../numeral/rational';
import type { Evidence, Suspect } from './slip-kind';

/** What a factor multiplies a value by; null while a number is missing. */
export function worthOf({ top, bottom, power }: ReadFactor): Rational | null {
	if (!top.number || !bottom.number || top.number.pi !== 0 || bottom.number.pi !== 0) return null;
	return toPower(top.number.value.div(bottom.number.value), power);
}

/** One suspect for each factor of the line that is worth something other than 1. */
export function eachFactor(
	{ factors }: Evidence,
	make: (worth: Rational, index: number) => Suspect | null,
): readonly Suspect[] {
	return factors.flatMap((factor, i) => {
		const worth = worthOf(factor);
		const made = worth && worth.sign !== 0 && worth.n !== worth.d ? make(worth, i) : null;
		return made ? [made] : [];
	});
}

/** A number above or below the bar of a line, with where it stands. */
export type PlacedNumber = {
	readonly number: Numeral;
	readonly side: 'top' | 'bottom';
	readonly index: number;
	readonly power: number;
};

/** The numbers of a line's factors, from left to right, the top before the bottom. */
export function numbersOf({ factors }: Evidence): readonly PlacedNumber[] {
	return factors.flatMap(({ top, bottom, power }, index): PlacedNumber[] => [
		...(top.number ? [{ number: top.number, side: 'top' as const, index, power }] : []),
		...(bottom.number ? [{ number: bottom.number, side: 'bottom' as const, index, power }] : []),
	]);
}

/** The true value with one number of the line replaced by another. */
export function replaced(truth: Rational, { number, side, power }: PlacedNumber, by: Rational): Rational {
	const change = toPower(by.div(number.value), power);
	return side === 'top' ? truth.mul(change) : truth.div(change);
}

/** Whether the sides of a factor are truly equal. */
export function isEqual(factor: Factor): boolean {
	const worked = workChain({ start: { number: '1', unit: '' }, factors: [factor] });
	return worked.ok && worked.value.factors[0]?.equal === true;
}

/** The factor with its two numbers exchanged. */
export function exchanged({ top, bottom, ...rest }: Factor): Factor {
	return { ...rest, top: { ...top, number: bottom.number }, bottom: { ...bottom, number: top.number } };
}
