import { ofReading } from './scales';
import type { SlipKind } from './slip-kind';

/** A temperature that did not shift. */
export const offsetMissed: SlipKind = {
	code: 'offset-missed',
	title: 'The temperature did not shift',
	nudge: 'Where is the zero of each scale? Water freezes at 0 °C, 32 °F and 273.15 K.',
	suspects: ofReading(({ value, scaled }) =>
		[scaled, value].map((one) => ({
			value: one,
			why: 'The two scales have their zeros in different places: a temperature shifts as well as scales.',
		})),
	),
};
