import type { ReadFactor } from '../chain/read-chain';
import { type Quantity, type ReadQuantity, readQuantity } from '../quantity/quantity';
import { ratioOfUnits } from '../unit/like-units';
import type { Exercise } from './exercise';

/** Whether two read quantities are the same amount, however written. */
export function sameAmount(a: ReadQuantity, b: ReadQuantity): boolean {
	if (!a.number || !b.number || a.unit.text !== b.unit.text) return false;
	const ratio = ratioOfUnits(a.unit, b.unit);
	return a.number.value.mul(ratio.value).equals(b.number.value) && a.number.pi + ratio.pi === b.number.pi;
}

function statesFact(factor: ReadFactor, left: Quantity, right: Quantity): boolean {
	const [a, b] = [readQuantity(left, { counted: true }), readQuantity(right, { counted: true })];
	if (!a.ok || !b.ok) return false;
	const sides = (x: ReadQuantity, y: ReadQuantity) => sameAmount(factor.top, x) && sameAmount(factor.bottom, y);
	return sides(a.value, b.value) || sides(b.value, a.value);
}

/** Whether a block is one of the exercise's facts, or of its key's, either way up. */
export function isStated(factor: ReadFactor, exercise: Pick<Exercise, 'facts' | 'line'>): boolean {
	const facts = [
		...exercise.facts.map(({ left, right }) => [left, right] as const),
		...(exercise.line ?? []).map(({ top, bottom }) => [top, bottom] as const),
	];
	return facts.some(([left, right]) => statesFact(factor, left, right));
}
