import { placeKept } from '../numeral/numeral';
import { withPi } from '../numeral/pi';
import { ONE, type Rational, rational } from '../numeral/rational';
import { round } from '../numeral/round';
import { labelsClash, likeUnits, ratioOfUnits } from '../unit/like-units';
import type { Unit } from '../unit/unit';
import type { ReadQuantity } from './quantity';

/** One of the quantities that are added, by its place among them. */
type Part = { readonly quantity: ReadQuantity; readonly at: number };

/** How many of the second one of the first is; null where that is no rational number. */
function holds(one: Unit, other: Unit): Rational | null {
	const { value, pi } = ratioOfUnits(one, other);
	return pi === 0 ? value : null;
}

/** From the largest unit to the smallest; null where two are not of one kind. */
function largeToSmall(quantities: readonly ReadQuantity[]): readonly Part[] | null {
	const [first] = quantities;
	if (!first || quantities.length < 2) return null;
	if (!quantities.every(({ unit }) => likeUnits(unit, first.unit) && !labelsClash(unit, first.unit))) return null;
	return quantities
		.map((quantity, at) => ({ quantity, at }))
		.sort((a, b) => (holds(b.quantity.unit, a.quantity.unit) ?? ONE).compare(ONE));
}

function isPlainWhole({ number }: ReadQuantity): boolean {
	return number?.form.kind === 'decimal' && number.form.exponent === null && !number.form.digits.includes('.');
}

function isMeasure(parts: readonly Part[]): boolean {
	return parts.every(({ quantity }, i) => {
		const next = parts[i + 1]?.quantity;
		if (!next) return true;
		const ratio = holds(quantity.unit, next.unit);
		const isWhole = ratio !== null && ratio.d === 1n && ratio.compare(ONE) > 0;
		return isWhole && isPlainWhole(quantity) && !!next.number && next.number.value.compare(ratio) < 0;
	});
}

/** How far a measure in parts is good. */
export type MeasureFigures = {
	readonly significant: number;
	readonly atMost: number;
	/** The last place that counts, in the smallest unit. */
	readonly place: number;
	/** The part that limits it, the smallest, by its place among the quantities, and its unit. */
	readonly limitedBy: number;
	readonly unit: Unit;
};

/**
 * How far quantities that are added are good where they are one measure in parts: 5 ft 7 in, 1 h 15 min (contract, "check").
 * All its parts but the last are exact, so that it has the figures it has in its smallest unit.
 * @param said true or false where the exercise says outright whether they are one measure; left out, the quantities decide.
 * @returns two figures for 5 ft 7 in, which is 67 in; null where they are a sum; `exact` where the last part is exact too.
 */
export function figuresOfMeasure(quantities: readonly ReadQuantity[], said?: boolean): MeasureFigures | 'exact' | null {
	const parts = said === false ? null : largeToSmall(quantities);
	if (!parts || !(said || isMeasure(parts))) return null;
	const { quantity: smallest, at } = parts.at(-1) as Part;
	if (!smallest.number || smallest.number.lastPlace === null) return 'exact';
	let total = rational(0n);
	for (const { quantity } of parts)
		if (quantity.number)
			total = total.add(
				withPi(quantity.number.value, quantity.number.pi).mul(holds(quantity.unit, smallest.unit) ?? ONE),
			);
	const place = placeKept(smallest.number);
	const { significant } = round(total, { place: smallest.number.lastPlace });
	const { significant: atMost } = round(total, { place });
	return { significant, atMost, place, limitedBy: at, unit: smallest.unit };
}
