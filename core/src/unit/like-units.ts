import type { Rational } from '../numeral/rational';
import type { Unit } from './unit';

/** Whether one can be converted into the other; a radian inside a compound is disregarded. */
export function likeUnits(a: Unit, b: Unit): boolean {
	return a.kind === b.kind || a.plainKind === b.plainKind;
}

/** How many of `to` one of `from` is, as a rational times a power of pi. Only for like units. */
export function ratioOfUnits(from: Unit, to: Unit): { readonly value: Rational; readonly pi: number } {
	return { value: from.factor.div(to.factor), pi: from.pi - to.pi };
}

/** Whether two units are of the same kind and size (kg·m/s² and N); a scale with an offset is like itself alone. */
export function sameSize(a: Unit, b: Unit): boolean {
	return likeUnits(a, b) && a.factor.equals(b.factor) && a.pi === b.pi && a.offset === b.offset;
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
