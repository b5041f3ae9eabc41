import type { Factor } from '../chain/chain';
import type { ReadFactor } from '../chain/read-chain';
import type { Fact } from '../fact/fact';
import { ONE, type Rational } from '../numeral/rational';
import { type Quantity, type ReadQuantity, readQuantity } from '../quantity/quantity';
import { labelsClash, ratioOfUnits, sameSize } from '../unit/like-units';
import type { Exercise } from './exercise';
import { timesFacts } from './multiplied';

/** How often one written amount goes into another of a unit of the same size, and the pi that comes in; null where it does not. */
function timesOf(a: ReadQuantity, b: ReadQuantity): { readonly value: Rational; readonly pi: number } | null {
	if (!a.number || !b.number || !sameSize(a.unit, b.unit) || labelsClash(a.unit, b.unit)) return null;
	if (b.number.value.sign === 0) return null;
	const ratio = ratioOfUnits(a.unit, b.unit);
	return {
		value: a.number.value.mul(ratio.value).div(b.number.value),
		pi: a.number.pi + ratio.pi - b.number.pi,
	};
}

/** Whether two read quantities are the same amount, however written: 12.0 mL and 12.0 cm³. */
export function sameAmount(a: ReadQuantity, b: ReadQuantity): boolean {
	const times = timesOf(a, b);
	return times?.pi === 0 && times.value.equals(ONE);
}

function readSides(left: Quantity, right: Quantity): readonly [ReadQuantity, ReadQuantity] | null {
	const [a, b] = [readQuantity(left, { counted: true }), readQuantity(right, { counted: true })];
	return a.ok && b.ok ? [a.value, b.value] : null;
}

/** Whether both sides of a block are those of a fact, or both so many times those. */
function states({ top, bottom }: ReadFactor, above: ReadQuantity, below: ReadQuantity): boolean {
	const [first, second] = [timesOf(top, above), timesOf(bottom, below)];
	return first !== null && second !== null && first.pi === second.pi && first.value.equals(second.value);
}

/** A fact of the problem, or a factor of its key's line, with what is said of whether it is exact. */
type Stated = Pick<Fact, 'left' | 'right' | 'exact'>;

function statedOf({ facts, line = [], ...exercise }: Pick<Exercise, 'facts' | 'line' | 'times'>): readonly Stated[] {
	return [
		...facts,
		...timesFacts(exercise),
		...line.map(({ top, bottom, exact }: Factor) => ({
			left: top,
			right: bottom,
			...(exact === undefined ? {} : { exact }),
		})),
	];
}

/**
 * The fact of an exercise, or of its key's line, that a block states: either way up, with both sides times one number
 * (24 jars for 2 crates), in units of the same size, with the substances named or not.
 */
export function statedBy(factor: ReadFactor, exercise: Pick<Exercise, 'facts' | 'line' | 'times'>): Stated | undefined {
	return statedOf(exercise).find(({ left, right }) => {
		const sides = readSides(left, right);
		return sides !== null && (states(factor, sides[0], sides[1]) || states(factor, sides[1], sides[0]));
	});
}

/** Whether a block is one of the exercise's facts, or of its key's, either way up. */
export function isStated(factor: ReadFactor, exercise: Pick<Exercise, 'facts' | 'line' | 'times'>): boolean {
	return statedBy(factor, exercise) !== undefined;
}
