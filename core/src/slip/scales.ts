import { withPi } from '../numeral/pi';
import { ONE, type Rational, rationalOfRow } from '../numeral/rational';
import { scaleShift, valueIn } from '../quantity/convert';
import { readQuantity } from '../quantity/quantity';
import { likeUnits } from '../unit/like-units';
import type { Evidence, Suspect } from './slip-kind';

/** One step from a scale to another: degrees added, or degrees multiplied. */
export type ScaleStep =
	| { readonly does: 'shift'; readonly by: Rational }
	| { readonly does: 'scale'; readonly by: Rational };

/** The two scales a temperature is taken between. */
export type Scales = {
	/** The reading, in its own degrees. */
	readonly value: Rational;
	/** The ways from the one scale to the other, step by step: at once, and by way of °C. */
	readonly ways: readonly (readonly ScaleStep[])[];
	/** How many degrees of the wanted scale one of the first is. */
	readonly ratio: Rational;
	/** The true reading on the wanted scale. */
	readonly shifted: Rational;
};

/** The step that turns the sign of a reading. */
export const MINUS: ScaleStep = { does: 'scale', by: ONE.neg() };

const FREEZING = rationalOfRow('273.15');
const THIRTY_TWO = rationalOfRow('32');
const NINE_FIFTHS = rationalOfRow('9/5');

/** The steps from each scale to °C, as they are taught. */
const TO_CELSIUS: Readonly<Record<string, readonly ScaleStep[]>> = {
	'°C': [],
	K: [{ does: 'shift', by: FREEZING.neg() }],
	'°F': [
		{ does: 'shift', by: THIRTY_TWO.neg() },
		{ does: 'scale', by: ONE.div(NINE_FIFTHS) },
	],
};

function back(steps: readonly ScaleStep[]): readonly ScaleStep[] {
	return [...steps]
		.reverse()
		.map((step) => (step.does === 'shift' ? { ...step, by: step.by.neg() } : { ...step, by: ONE.div(step.by) }));
}

/** What a reading comes to by some steps. */
export function alongSteps(value: Rational, steps: readonly ScaleStep[]): Rational {
	return steps.reduce((now, { does, by }) => (does === 'shift' ? now.add(by) : now.mul(by)), value);
}

function waysBetween(from: string, to: string, before: Rational, after: Rational, ratio: Rational) {
	const scale: readonly ScaleStep[] = ratio.equals(ONE) ? [] : [{ does: 'scale', by: ratio }];
	const atOnce: readonly (readonly ScaleStep[])[] = [
		[...scale, { does: 'shift', by: after }],
		[{ does: 'shift', by: before }, ...scale],
	];
	const [first, second] = [TO_CELSIUS[from], TO_CELSIUS[to]];
	return first && second ? [[...first, ...back(second)], ...atOnce] : atOnce;
}

/** The scales of a temperature; null for anything else. */
export function scalesOf({ exercise, key }: Evidence): Scales | null {
	const { start } = exercise;
	if (!start || 'top' in start) return null;
	const read = readQuantity(start, { counted: true });
	if (!read.ok || !read.value.number) return null;
	const { unit, number } = read.value;
	if (!likeUnits(unit, key.unit) || !(unit.offset || key.unit.offset)) return null;
	const { ratio, before, after } = scaleShift(unit, key.unit);
	const reading = valueIn(number, unit, key.unit, false);
	return {
		value: number.value,
		ratio,
		ways: waysBetween(unit.text, key.unit.text, before, after, ratio),
		shifted: withPi(reading.value, reading.pi),
	};
}

/** What a slip makes of each way of a reading, where its scales shift; what comes out right is none. */
export function ofReading(
	why: string,
	change: (steps: readonly ScaleStep[], reading: Rational) => readonly (readonly ScaleStep[])[],
): (evidence: Evidence) => readonly Suspect[] {
	return (evidence) => {
		const scales = evidence.exercise.difference ? null : scalesOf(evidence);
		if (!scales || scales.ways[0]?.every(({ does }) => does === 'scale')) return [];
		return scales.ways
			.flatMap((steps) => change(steps, scales.value))
			.map((steps) => alongSteps(scales.value, steps))
			.filter((value) => !value.equals(scales.shifted))
			.map((value) => ({ value, why }));
	};
}
