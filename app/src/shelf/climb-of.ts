import { type Converted, good, type Outcome, type Quantity, readKnownQuantityText } from '@tidy-sum/core';
import { climb, type Ladder, ladderOf, type Rung } from '@tidy-sum/core/shelf';
import { numberOf } from './written';

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

/** What the Ladder shows of a value as typed and a target unit, or what stands in its way, with its place. */
export function climbOf(text: string, to: string): Outcome<Climb> {
	const read = readKnownQuantityText(text);
	if (!read.ok) return read;
	const quantity = read.value;
	const made = ladderOf(quantity.unit);
	if (!made.ok) return { ok: false, fault: { ...made.fault, at: unitSpan(text, quantity.unit) } };
	const ladder = made.value;
	const from = ladder.on;
	// A target that is no rung of this unit (the unit has changed) is the same prefix, or the unit itself.
	const aimed = ladderOf(to);
	const prefix = aimed.ok ? aimed.value.on.prefix : '';
	const rung =
		ladder.rungs.find((one) => one.prefix === prefix) ?? (ladder.rungs.find(({ power }) => power === 0) as Rung);
	const [here, there] = [climb(quantity.number, from, from), climb(quantity.number, from, rung)];
	if (!here.ok) return here;
	if (!there.ok) return there;
	return good({ ladder, quantity, from, to: rung, here: here.value, there: there.value });
}

function unitSpan(text: string, unit: string): readonly [number, number] {
	const end = text.trimEnd().length;
	return [end - unit.length, end];
}

/** The same with one end on another rung: a value that is moved is the same amount, written there. */
export function climbMoved(from: Climb, end: End, rung: Rung): Climb {
	const there = climb(from.quantity.number, from.from, rung);
	if (!there.ok) return from;
	if (end === 'target') return { ...from, to: rung, there: there.value };
	const quantity = { number: numberOf(there.value), unit: rung.unit };
	const here = climb(quantity.number, rung, rung);
	return here.ok ? { ...from, quantity, from: rung, here: here.value } : from;
}
