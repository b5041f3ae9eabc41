import { fewestFigures } from '../numeral/fewest-figures';
import type { Numeral } from '../numeral/numeral';
import { isUnitNumber } from '../numeral/parse-numeral';
import { withPi } from '../numeral/pi';
import { isPowerOfTen, isWhole, ONE, type Rational, rational } from '../numeral/rational';
import { isRoundingOf } from '../numeral/round';
import type { ReadQuantity } from '../quantity/quantity';
import { customRatio } from '../unit/customs';
import { isCounted } from '../unit/dimension';
import { labelsClash, likeUnits, ratioOfUnits } from '../unit/like-units';
import type { Unit } from '../unit/unit';
import type { ReadFactor } from './read-chain';

/**
 * What one factor is: whether its sides are equal ("stated" when only the problem can say so; null
 * while a number is missing), whether it is exact, and the figures it may limit the result to.
 */
export type FactorJudged = {
	readonly equal: boolean | 'stated' | null;
	readonly exact: boolean | null;
	readonly significant: number | null;
	readonly atMost: number | null;
};

type Full = { readonly number: Numeral; readonly unit: Unit };

/** Judges a factor by the rules of the contract ("chain"). */
export function judgeFactor(factor: ReadFactor): FactorJudged {
	const { top, bottom, written } = factor;
	// A further part of a sum is a quantity by itself: it changes no value, and its figures count as those of a start.
	if (factor.step?.kind.begins) return { equal: true, exact: null, significant: null, atMost: null };
	if (!isFull(top) || !isFull(bottom)) return { equal: null, exact: null, significant: null, atMost: null };
	const { equal, exact } = relation(top, bottom, written.given ?? false);
	const isExact = written.exact ?? exact;
	if (isExact) return { equal, exact: true, significant: null, atMost: null };
	if (written.figures !== undefined)
		return { equal, exact: false, significant: written.figures, atMost: written.figures };
	const { significant, atMost } = fewestFigures(top.number, bottom.number);
	return { equal, exact: false, significant, atMost };
}

function isFull(quantity: ReadQuantity): quantity is Full {
	return quantity.number !== null;
}

function relation(top: Full, bottom: Full, given: boolean): { equal: boolean | 'stated'; exact: boolean } {
	if (
		!likeUnits(top.unit, bottom.unit) ||
		hasUnknown(top.unit) ||
		hasUnknown(bottom.unit) ||
		labelsClash(top.unit, bottom.unit)
	)
		return { equal: 'stated', exact: isCount(top, bottom) };
	if (trulyEqual(top, bottom) || equalByCustom(top, bottom)) return { equal: true, exact: true };
	if (nearlyEqual(top, bottom)) return { equal: true, exact: false };
	return { equal: given ? 'stated' : false, exact: false };
}

/** Whether a counted thing without a row is in the unit: what one is worth, only the problem knows. */
function hasUnknown(unit: Unit): boolean {
	return unit.counted.length > 0;
}

/** Both sides counted, or a whole number of a counted thing for a written 1 of the other. */
function isCount(top: Full, bottom: Full): boolean {
	const counted = (side: Full) => isCounted(side.unit.dimension);
	if (counted(top) && counted(bottom)) return true;
	const wholeFor = (side: Full, other: Full) =>
		counted(side) && isPlainWhole(side.number) && isWrittenOne(other.number);
	return wholeFor(top, bottom) || wholeFor(bottom, top);
}

/** A whole number as one counts: 15 and 1,200, not 12.0 or 6.02 × 10^23. */
function isPlainWhole({ form }: Numeral): boolean {
	return form.kind === 'decimal' && form.exponent === null && !form.digits.includes('.');
}

function isWrittenOne(number: Numeral): boolean {
	return isUnitNumber(number) && number.value.equals(ONE);
}

function trulyEqual(top: Full, bottom: Full): boolean {
	if (top.unit.text !== bottom.unit.text && (top.unit.figures ?? bottom.unit.figures) !== null) return false;
	if (top.unit.frequency !== bottom.unit.frequency) {
		const ratio = ratioOfUnits(top.unit, bottom.unit);
		const same = top.number.value.mul(ratio.value).equals(bottom.number.value);
		return same && top.number.pi + ratio.pi === bottom.number.pi;
	}
	const a = top.number.value.mul(top.unit.factor);
	const b = bottom.number.value.mul(bottom.unit.factor);
	if (!a.equals(b)) return false;
	return a.sign === 0 || top.number.pi + top.unit.pi === bottom.number.pi + bottom.unit.pi;
}

/** Ratios of units up to here, where they are whole, are learned whole: 5280 ft in a mile. */
const WHOLE_TO = rational(100_000n);

function isSmallWhole(value: Rational): boolean {
	return isWhole(value) && value.compare(WHOLE_TO) < 0;
}

/** Whether classes take two sides for equal: 760 mmHg and 1 atm. */
function equalByCustom(top: Full, bottom: Full): boolean {
	const ratio = customRatio(bottom.unit.text, top.unit.text);
	return (
		ratio !== null && top.number.pi === bottom.number.pi && bottom.number.value.mul(ratio).equals(top.number.value)
	);
}

/** A measured equivalence: 1 gal = 3.785 L holds, 2.5 ft = 10 in does not. */
function nearlyEqual(top: Full, bottom: Full): boolean {
	const ratio = ratioOfUnits(top.unit, bottom.unit);
	if (ratio.pi === 0) {
		const { value } = ratio;
		if (isSmallWhole(value) || isSmallWhole(ONE.div(value)) || isPowerOfTen(value)) return false;
	}
	const judged = [
		isUnitNumber(top.number) ? null : isTrueTo(top, bottom),
		isUnitNumber(bottom.number) ? null : isTrueTo(bottom, top),
	].filter((verdict) => verdict !== null);
	return judged.length > 0 && judged.every(Boolean);
}

/** Whether the number of `side`, with at least two figures, is the other side's true value in its unit, rounded to them. */
function isTrueTo(side: Full, other: Full): boolean {
	const { significant, atMost, value } = side.number;
	if (significant === null || atMost === null) return false;
	const ratio = ratioOfUnits(other.unit, side.unit);
	const truth: Rational = withPi(other.number.value.mul(ratio.value), other.number.pi + ratio.pi - side.number.pi);
	for (let count = Math.max(2, significant); count <= atMost; count++)
		if (isRoundingOf(value, truth, { significant: count })) return true;
	return false;
}
