import type { Quantity } from '../quantity/quantity';
import type { WorkedChain } from './work-chain';

/** A result that is taken on: the exact quantity, and how many of its figures count; null where nothing limits them. */
export type TakenOn = { readonly quantity: Quantity; readonly figures: number | null };

/**
 * The exact result of a line, for a problem in two parts: written as a fraction, so that nothing is rounded on the way.
 * @returns null while a number is missing, or where pi keeps it from being written out.
 */
export function takenOn({ value, unit, significant }: WorkedChain): TakenOn | null {
	if (value?.pi !== 0) return null;
	return { quantity: { number: `${value.value.n}/${value.value.d}`, unit: unit.text }, figures: significant };
}
