import { withPi } from '../numeral/pi';
import type { Rational } from '../numeral/rational';
import { scaleShift, valueIn } from '../quantity/convert';
import { readQuantity } from '../quantity/quantity';
import { likeUnits } from '../unit/like-units';
import type { Evidence, Suspect } from './slip-kind';

/** The two scales a temperature is taken between. */
export type Scales = {
	/** The reading, in its own degrees, and how many degrees of the wanted scale each is. */
	readonly value: Rational;
	readonly ratio: Rational;
	/** What is added before scaling, where the shift comes first; the same after scaling. */
	readonly before: Rational;
	readonly after: Rational;
	readonly kelvins: boolean;
	readonly shifted: Rational;
	readonly scaled: Rational;
};

/** The scales of a temperature; null for anything else. */
export function scalesOf({ exercise, key }: Evidence): Scales | null {
	const { start } = exercise;
	if (!start || 'top' in start) return null;
	const read = readQuantity(start, { counted: true });
	if (!read.ok || !read.value.number) return null;
	const { unit, number } = read.value;
	if (!likeUnits(unit, key.unit) || !(unit.offset || key.unit.offset)) return null;
	const shift = scaleShift(unit, key.unit);
	const reading = valueIn(number, unit, key.unit, false);
	return {
		value: number.value,
		...shift,
		kelvins: unit.text === 'K' || key.unit.text === 'K',
		shifted: withPi(reading.value, reading.pi),
		scaled: number.value.mul(shift.ratio),
	};
}

/** What a slip makes of a reading, where its scales shift. */
export function ofReading(make: (scales: Scales) => readonly Suspect[]): (evidence: Evidence) => readonly Suspect[] {
	return (evidence) => {
		const scales = evidence.exercise.difference ? null : scalesOf(evidence);
		return scales && scales.before.sign !== 0 ? make(scales) : [];
	};
}
