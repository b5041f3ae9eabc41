import { scalesOf } from './scales';
import type { SlipKind } from './slip-kind';

/** A temperature difference that was shifted. */
export const differenceShifted: SlipKind = {
	code: 'difference-shifted',
	title: 'A difference was shifted',
	nudge: 'From 10 °C to 30 °C it is 20 degrees, wherever the scale begins.',
	suspects: (evidence) => {
		const scales = evidence.exercise.difference ? scalesOf(evidence) : null;
		return scales
			? [{ value: scales.shifted, why: 'A difference does not shift: it is so many degrees wherever it begins.' }]
			: [];
	},
};
