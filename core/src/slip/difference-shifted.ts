import { scalesOf } from './scales';
import type { SlipKind } from './slip-kind';

/** A temperature difference that was shifted. */
export const differenceShifted: SlipKind = {
	code: 'difference-shifted',
	title: 'A difference with a number added',
	nudge: 'From 10 °C to 30 °C is 20 degrees, wherever the scale starts.',
	suspects: (evidence) => {
		const scales = evidence.exercise.difference ? scalesOf(evidence) : null;
		return scales
			? [{ value: scales.shifted, why: 'For a difference you only multiply. Do not add or subtract.' }]
			: [];
	},
};
