import { withPi } from '../numeral/pi';
import type { Rational } from '../numeral/rational';
import { valueIn } from '../quantity/convert';
import { readQuantity } from '../quantity/quantity';
import { likeUnits } from '../unit/like-units';
import type { Unit } from '../unit/unit';
import type { SlipKind } from './slip-kind';

const WHY = 'Keep the whole part as it is. Convert only the part after the point.';

function inUnit(quantity: { readonly number: string; readonly unit: string }, unit: Unit): Rational | null {
	const read = readQuantity(quantity, { counted: true });
	if (!read.ok || !read.value.number || !likeUnits(read.value.unit, unit)) return null;
	const { value, pi } = valueIn(read.value.number, read.value.unit, unit, true);
	return withPi(value, pi);
}

/** The whole quantity converted where only the part after the point was asked, or the whole left out. */
export const wholeIncluded: SlipKind = {
	code: 'whole-included',
	title: 'The whole part converted too, or lost',
	nudge: 'Set the whole part aside first, and convert only the part after the point.',
	showsInParts: ({ exercise: { start }, lines, units, parts }) => {
		if (lines.value.verdict !== 'wrong') return null;
		const unit = units.at(-1);
		const last = parts.at(-1);
		if (!start || 'top' in start || !unit || !last?.number || units.length < 2) return null;
		const all = inUnit(start, unit);
		const whole = inUnit({ number: start.number.replace(/\.\d*$/, ''), unit: start.unit }, unit);
		if (!all || !whole || whole.sign === 0) return null;
		const size = last.number.value.abs();
		const included = parts.length > 1 && size.equals(all.abs());
		const leftOut = parts.length === 1 && last.unit?.text === unit.text && size.equals(all.sub(whole).abs());
		return included || leftOut ? WHY : null;
	},
};
