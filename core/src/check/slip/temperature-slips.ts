import { withPi } from '../../numeral/pi';
import { type Rational, rationalOfRow } from '../../numeral/rational';
import { scaleShift, valueIn } from '../../quantity/convert';
import { readQuantity } from '../../quantity/quantity';
import { likeUnits } from '../../unit/like-units';
import type { Scene, SlipKind, Suspect } from './suspect';

type Scales = {
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

/** The two scales a temperature is taken between; null for anything else. */
function scalesOf({ exercise, key }: Scene): Scales | null {
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

/** A slip of a reading, where its scales shift. */
function ofReading(code: string, make: (scales: Scales) => readonly Suspect[]): SlipKind {
	return {
		code,
		suspects: (scene) => {
			const scales = scene.exercise.difference ? null : scalesOf(scene);
			return scales && scales.before.sign !== 0 ? make(scales) : [];
		},
	};
}

const SHORT = rationalOfRow('0.15');

/** Slips with temperatures, which shift as well as scale. */
export const TEMPERATURE_SLIPS: readonly SlipKind[] = [
	ofReading('offset-missed', ({ value, scaled }) =>
		[scaled, value].map((one) => ({
			value: one,
			why: 'The two scales have their zeros in different places: a temperature shifts as well as scales.',
		})),
	),
	ofReading('offset-backwards', ({ scaled, after }) => [
		{
			value: scaled.sub(after),
			why: 'The shift goes the wrong way: added where it should be taken away, or the other way about.',
		},
	]),
	ofReading('offset-order', ({ value, ratio, scaled, before, after }) =>
		ratio.n === ratio.d
			? []
			: [scaled.add(before), value.add(after).mul(ratio)].map((one) => ({
					value: one,
					why: 'Shifting and scaling are in the wrong order: the shift counts in degrees of one scale only.',
				})),
	),
	ofReading('offset-short', ({ shifted, after, kelvins }) =>
		kelvins
			? [
					{
						value: after.sign > 0 ? shifted.sub(SHORT) : shifted.add(SHORT),
						why: '0 °C is 273.15 K; 273 leaves out the part after the point.',
					},
				]
			: [],
	),
	{
		code: 'difference-shifted',
		suspects: (scene) => {
			const scales = scene.exercise.difference ? scalesOf(scene) : null;
			return scales
				? [{ value: scales.shifted, why: 'A difference does not shift: it is so many degrees wherever it begins.' }]
				: [];
		},
	},
];
