import { good, type Outcome } from '../numeral/fault';
import { type Converted, typedNumber } from '../quantity/convert';
import type { Quantity } from '../quantity/quantity';
import { climb, type Ladder, ladderOf, type Rung } from './ladder';

/** The two ends that are moved: the value as it is, and the target. */
export type End = 'value' | 'target';

/** Everything the Ladder shows of a value and a target. */
export type Climb = {
	readonly ladder: Ladder;
	readonly quantity: Quantity;
	readonly from: Rung;
	readonly to: Rung;
	readonly here: Converted;
	readonly there: Converted;
};

/**
 * What the Ladder shows of a quantity and a target unit; a target that is no rung of its unit is the same prefix there,
 * or the bare unit.
 * @returns it, or a fault: of the quantity, `one-unit`, `no-prefix`.
 */
export function climbOf(quantity: Quantity, to: string): Outcome<Climb> {
	const made = ladderOf(quantity.unit);
	if (!made.ok) return made;
	const ladder = made.value;
	const from = ladder.on;
	const aimed = ladderOf(to);
	const prefix = aimed.ok ? aimed.value.on.prefix : '';
	const rung =
		ladder.rungs.find((one) => one.prefix === prefix) ?? (ladder.rungs.find(({ power }) => power === 0) as Rung);
	const [here, there] = [climb(quantity.number, from, from), climb(quantity.number, from, rung)];
	if (!here.ok) return here;
	if (!there.ok) return there;
	return good({ ladder, quantity, from, to: rung, here: here.value, there: there.value });
}

/** The same with one end on another rung: a value that is moved is the same amount, written there. */
export function climbMoved(from: Climb, end: End, rung: Rung): Climb {
	const there = climb(from.quantity.number, from.from, rung);
	if (!there.ok) return from;
	if (end === 'target') return { ...from, to: rung, there: there.value };
	const quantity = { number: typedNumber(there.value), unit: rung.unit };
	const here = climb(quantity.number, rung, rung);
	return here.ok ? { ...from, quantity, from: rung, here: here.value } : from;
}
