import { good, type Outcome } from '../numeral/fault';
import type { Quantity } from '../quantity/quantity';
import { type Division, divideDown } from './divide-down';
import { fromMixed, toMixed } from './mixed';

/** A quantity and its parts, whichever of the two was typed. */
export type TakenApart = {
	/** The whole, in the largest unit or as it was typed. */
	readonly whole: Quantity;
	/** The parts, those of nothing left out. */
	readonly parts: readonly Quantity[];
	/** How it was divided down, unit by unit. */
	readonly divisions: readonly Division[];
};

/** What was typed as one quantity: itself, or the sum of its parts in the largest unit, exactly. */
function wholeOf(typed: readonly Quantity[], large: string): Outcome<Quantity> {
	const [only, ...others] = typed;
	if (only && !others.length) return good(only);
	const sum = fromMixed(typed, large);
	return sum.ok ? good({ number: `${sum.value.value.n}/${sum.value.value.d}`, unit: large }) : sum;
}

/**
 * A measure taken apart: 8.75 ft into 8 ft 9 in; or put together where parts were typed: 8 ft 9 in into 35/4 ft.
 * @param typed one quantity, or its parts.
 * @param units the units of the parts, large to small.
 * @returns both, or a fault of a quantity, `unlike`, `order`, `too-large`.
 */
export function takeApart(typed: readonly Quantity[], units: readonly string[]): Outcome<TakenApart> {
	const whole = wholeOf(typed, units[0] ?? '');
	if (!whole.ok) return whole;
	const made = toMixed(whole.value, units);
	if (!made.ok) return made;
	const divisions = divideDown(whole.value, units);
	if (!divisions.ok) return divisions;
	const { parts } = made.value;
	const shown = parts.filter(({ number }) => !/^-?0$/.test(number));
	return good({ whole: whole.value, parts: shown.length ? shown : parts.slice(-1), divisions: divisions.value });
}
