import { ONE, type Rational, rational, toPower } from '../numeral/rational';
import type { Unit } from './unit';

/** Whether one of two units is a frequency and the other holds an angle: rev/min, rad/s. */
function isTurning(a: Unit, b: Unit): boolean {
	return a.frequency !== b.frequency && (a.dimension.rad ?? 0) + (b.dimension.rad ?? 0) !== 0;
}

/**
 * Whether one can be converted into the other; a radian inside a compound is disregarded, but never against a
 * frequency: there a turn is one cycle, and rad/s is none.
 */
export function likeUnits(a: Unit, b: Unit): boolean {
	const like = a.kind === b.kind || a.plainKind === b.plainKind;
	return like && isTurning(a, b) ? [a, b].every(({ dimension, turns }) => turns === (dimension.rad ?? 0)) : like;
}

const TWO = rational(2n);

/** A unit's size with its turns counted as cycles. */
function inCycles({ factor, pi, turns }: Unit): { readonly value: Rational; readonly pi: number } {
	return { value: factor.div(toPower(TWO, turns)), pi: pi - turns };
}

/** How many of `to` one of `from` is, as a rational times a power of pi. Only for like units. */
export function ratioOfUnits(from: Unit, to: Unit): { readonly value: Rational; readonly pi: number } {
	if (from.frequency === to.frequency || !isTurning(from, to))
		return { value: from.factor.div(to.factor), pi: from.pi - to.pi };
	const [a, b] = [inCycles(from), inCycles(to)];
	return { value: a.value.div(b.value), pi: a.pi - b.pi };
}

/** Whether two units are of the same kind and size (kg·m/s² and N); a scale with an offset is like itself alone. */
export function sameSize(a: Unit, b: Unit): boolean {
	if (!likeUnits(a, b) || a.offset !== b.offset) return false;
	if (a.frequency === b.frequency) return a.factor.equals(b.factor) && a.pi === b.pi;
	const { value, pi } = ratioOfUnits(a, b);
	return pi === 0 && value.equals(ONE);
}

function labelsOf(unit: Unit): string {
	if (unit.parts.every(({ label }) => label === undefined)) return '';
	return [...new Set(unit.parts.flatMap(({ label }) => label ?? []))].sort().join('\n');
}

/** Whether labels disagree: both name a substance somewhere and the sets differ. */
export function labelsClash(a: Unit, b: Unit): boolean {
	const first = labelsOf(a);
	if (first === '') return false;
	const second = labelsOf(b);
	return second !== '' && first !== second;
}
