import { ONE } from '../../numeral/rational';
import { figuresOfMeasure } from '../../quantity/measure-in-parts';
import { readQuantity } from '../../quantity/quantity';
import { likeUnits, ratioOfUnits } from '../../unit/like-units';
import { type Found, unitOf } from './found';

/** A quantity of a text with its place among those that were found. */
export type Free = { readonly quantity: Found; readonly i: number };

/** Whether a quantity goes on the measure before it, from large to small: 9 lb 6 oz, 3 h, 20 min and 5 s. */
export function isNextPart(text: string, one: Free, next: Free): boolean {
	const [a, b] = [unitOf(one.quantity), unitOf(next.quantity)];
	const beside = /^\s*(?:,\s*|,?\s+and\s+)?$/iu.test(text.slice(one.quantity.at[1], next.quantity.at[0]));
	if (!a || !b || next.i !== one.i + 1 || !beside || !likeUnits(a, b)) return false;
	const ratio = ratioOfUnits(a, b).value;
	return ratio.compare(ONE) > 0 && ratio.d === 1n;
}

/** A quantity with the others of the same measure before it: both of “7 ft 5 in long”, both of “7 to 9 ft long”. */
export function measureOf(text: string, may: readonly Free[], last: Free): readonly Free[] {
	const before = may[may.indexOf(last) - 1];
	if (before && isRange(text, before, last)) return [before, last];
	return before && isNextPart(text, before, last) ? [...measureOf(text, may, before), last] : [last];
}

/** Whether quantities are one measure by their numbers: whole ones but for the last, each less than the unit before it holds. */
function isOneMeasure(parts: readonly Free[]): boolean {
	const read = parts.flatMap(({ quantity: { number, unit } }) => {
		const made = readQuantity({ number, unit }, { counted: true });
		return made.ok ? [made.value] : [];
	});
	return read.length === parts.length && figuresOfMeasure(read) !== null;
}

/** Words between two parts. A comma may begin something else: 5 km, 300 m are uphill. */
const BETWEEN_PARTS = /^\s*(?:and\s+)?$/iu;

/**
 * The whole measure a quantity is a part of, from its largest part on: of 30 s in “18 min 30 s” both. The quantity alone where it
 * is no part of one.
 */
export function measureAround(text: string, found: readonly Found[], at: number): readonly Free[] {
	const one = (i: number): Free => ({ quantity: found[i] as Found, i });
	const goOn = (i: number) => {
		const [a, b] = [found[i], found[i + 1]];
		const between = a && b ? text.slice(a.at[1], b.at[0]) : ',';
		return BETWEEN_PARTS.test(between) && isNextPart(text, one(i), one(i + 1));
	};
	let [first, last] = [at, at];
	while (goOn(first - 1)) first -= 1;
	while (goOn(last)) last += 1;
	const parts = Array.from({ length: last - first + 1 }, (_, k) => one(first + k));
	return isOneMeasure(parts) ? parts : [one(at)];
}

/** Whether two quantities of one unit, one after the other, are the ends of a range. */
export function isRange(text: string, { quantity: low, i }: Free, { quantity: high, i: next }: Free): boolean {
	const between = text.slice(low.at[1], high.at[0]);
	if (low.unit !== high.unit || next !== i + 1) return false;
	// Two joined by “and” are two quantities, unless “between” comes first.
	if (/^\s*and\s*$/iu.test(between)) return /\bbetween\s+$/iu.test(text.slice(0, low.at[0]));
	return /^\s*(?:[–—-]|to)\s*$/u.test(between);
}
