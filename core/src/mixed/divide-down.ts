import type { Factor } from '../chain/chain';
import { good, type Outcome } from '../numeral/fault';
import { endingPlaces, plainText, printUnrounded } from '../numeral/print';
import { type Rational, rational, rationalText } from '../numeral/rational';
import { valueIn } from '../quantity/convert';
import { type Quantity, readQuantity } from '../quantity/quantity';
import { ratioOfUnits } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';
import { toMixed } from './mixed';

/** How many digits of a value that does not end are shown. */
const DIGITS = 6;

/** One division on the way down: how many there are, how many are whole, and the part of one that is left. */
export type Division = {
	readonly unit: string;
	/** All there is, in this unit, without a sign. */
	readonly value: Rational;
	readonly whole: Rational;
	/** What is left, as a part of one of this unit; at least 0 and under 1, and 0 for the last unit, which keeps it. */
	readonly part: Rational;
	/** How many of the next unit make one of this; null for the last. */
	readonly next: { readonly unit: string; readonly size: Rational } | null;
};

/** A number for people: all its digits where it ends shortly, else cut with "…". */
export function shownExactly(value: Rational): string {
	const places = endingPlaces(value.abs());
	return places !== null && places <= DIGITS ? plainText(value.abs(), null) : printUnrounded(value.abs(), DIGITS);
}

/**
 * A quantity divided down into units from large to small: of each the whole ones are set aside, and the part of one
 * that is left is taken on in the next.
 * @returns a division for each unit, or a fault as `toMixed` gives it.
 */
export function divideDown(quantity: Quantity, into: readonly string[]): Outcome<readonly Division[]> {
	const made = toMixed(quantity, into);
	if (!made.ok) return made;
	const read = readQuantity(quantity, { counted: true });
	if (!read.ok || !read.value.number) return good([]);
	const units = into.map((text) => {
		const unit = parseUnit(text, { counted: true });
		return unit.ok ? unit.value : read.value.unit;
	});
	const divisions: Division[] = [];
	let value = units[0] ? valueIn(read.value.number, read.value.unit, units[0], true).value.abs() : rational(0n);
	for (const [i, unit] of units.entries()) {
		const after = units[i + 1];
		const whole = rational(value.floor());
		const part = after ? value.sub(whole) : rational(0n);
		const size = after ? ratioOfUnits(unit, after).value : null;
		divisions.push({ unit: unit.text, value, whole, part, next: after && size ? { unit: after.text, size } : null });
		if (size) value = part.mul(size);
	}
	return good(divisions);
}

/** The factor that takes the part left over on to the next unit: 12 in over 1 ft. */
export function divisionFactor({ unit, next }: Division): Factor | null {
	if (!next) return null;
	return { top: { number: rationalText(next.size), unit: next.unit }, bottom: { number: '1', unit } };
}

/** What the last of so many digits after the point counts. */
const PARTS_OF_ONE: Readonly<Record<number, string>> = {
	1: 'tenth',
	2: 'hundredth',
	3: 'thousandth',
	4: 'ten-thousandth',
};

/**
 * Why the digits after the point are not the smaller unit: they count tenths and hundredths of the larger one.
 * Null where nothing is left over.
 */
export function whyNotDigits({ unit, part, next }: Division): string | null {
	if (!next || part.sign === 0) return null;
	const places = endingPlaces(part);
	const really = `one ${unit} is ${shownExactly(next.size)} ${next.unit}: ${shownExactly(part)} × ${shownExactly(next.size)} ${next.unit} = ${shownExactly(part.mul(next.size))} ${next.unit}`;
	const named = places === null ? undefined : PARTS_OF_ONE[places];
	if (named === undefined) return `The rest is a part of one ${unit}, and ${really}.`;
	const digits = shownExactly(part).replace(/^0\.0*/, '');
	const one = digits === '1' ? named : `${named}s`;
	return `The ${digits} after the point is ${digits} ${one} of one ${unit}, and ${really}, not ${digits} ${next.unit}.`;
}
