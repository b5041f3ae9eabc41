import { withPi } from '../numeral/pi';
import { endingPlaces } from '../numeral/print';
import { isPowerOfTen, ONE, type Rational, rational, tenTo } from '../numeral/rational';
import { round } from '../numeral/round';
import { valueIn } from '../quantity/convert';
import { type ReadQuantity, readQuantity } from '../quantity/quantity';
import { rowOf } from '../unit/find-unit';
import { likeUnits, ratioOfUnits, sameSize } from '../unit/like-units';
import type { Unit } from '../unit/unit';
import type { SlipKind } from './slip-kind';

/** The most digits after a point that are read as a number of the smaller unit. */
const DIGITS = 4;

/**
 * What the digits of a part after the point may be taken for as a number of the smaller unit, with the point at any
 * place among them, rounded or cut: .625 for 625, 62.5, 62, 63, 6.25, 6 and 50 for .5.
 */
function readAsParts(after: Rational): readonly Rational[] {
	if (after.sign === 0) return [];
	const exact = endingPlaces(after) !== null;
	const digits = exact ? Math.max(2, endingPlaces(after) as number) : DIGITS;
	return Array.from({ length: digits }, (_, i) => after.mul(tenTo(i + 1))).flatMap((size) => {
		const cut = rational(size.floor());
		const near = round(size, { place: 0 }).value;
		return [size, ...[cut, near].filter(({ sign }) => sign > 0)];
	});
}

function nameOfUnit({ text, parts: [part] }: Unit): string {
	const row = part && rowOf(part.unit);
	return row && !part.prefix ? (row.plural ?? `${row.name}s`) : text;
}

/** Whether a part of one unit is written beside its digits as so many of another; where ten are one, that is another slip. */
function isReadAsParts(part: ReadQuantity, other: ReadQuantity): boolean {
	if (!part.number || !other.number || !likeUnits(part.unit, other.unit)) return false;
	const after = part.number.value.abs();
	if (after.compare(ONE) >= 0 || isPowerOfTen(ratioOfUnits(part.unit, other.unit).value)) return false;
	return readAsParts(after).some((size) => size.equals(other.number?.value.abs() ?? ONE));
}

/** The digits after a point read as the smaller unit: 8 ft 75 in for 8.75 ft, or 7.5 ft for 7 ft 5 in. */
export const decimalAsParts: SlipKind = {
	code: 'decimal-as-parts',
	title: 'Decimals taken for the smaller unit',
	nudge: 'How many of the smaller unit make one? Multiply the part after the point by that.',
	showsInParts: ({ exercise: { start }, lines, units, parts }) => {
		if (lines.value.verdict !== 'wrong' || !start || 'top' in start) return null;
		const read = readQuantity(start, { counted: true });
		const number = read.ok ? read.value.number : null;
		const [largest] = units;
		if (!read.ok || !number || !largest || !likeUnits(read.value.unit, largest)) return null;
		const all = valueIn(number, read.value.unit, largest, true);
		let left = withPi(all.value, all.pi).abs();
		for (const [i, unit] of units.entries()) {
			const [part, next] = [parts[i], parts[i + 1]];
			const small = units[i + 1];
			if (!part?.number || !part.unit || !next?.number || !small || !sameSize(part.unit, unit)) return null;
			const whole = rational(left.floor());
			if (!part.number.value.abs().equals(whole)) return null;
			const after = left.sub(whole);
			if (readAsParts(after).some((size) => next.number?.value.abs().equals(size)))
				return `The digits after the point are tenths of ${nameOfUnit(unit)}, not ${nameOfUnit(small)}.`;
			const ratio = ratioOfUnits(unit, small);
			left = after.mul(withPi(ratio.value, ratio.pi));
		}
		return null;
	},
	// 75 in for 0.75 ft: the digits after the point, taken for so many of the smaller unit.
	unequal: { order: 0, by: ({ top, bottom }) => isReadAsParts(top, bottom) || isReadAsParts(bottom, top) },
	suspects: ({ exercise: { start, terms }, key }) => {
		const [large] = terms ?? [];
		if (!start || 'top' in start || terms?.length !== 1 || !large) return [];
		const [whole, part] = [large, start].map((quantity) => readQuantity(quantity, { counted: true }));
		const number = whole?.ok && part?.ok && whole.value.unit.text === key.unit.text ? whole.value.number : null;
		const small = part?.ok ? part.value.number : null;
		if (!number || !small || number.value.d !== 1n) return [];
		return [1, 2].map((places) => ({
			value: number.value.add(small.value.mul(tenTo(-places))),
			why: `You wrote the smaller unit after the point. Work out what part of 1 ${large.unit} ${start.number} ${start.unit} is.`,
		}));
	},
};
