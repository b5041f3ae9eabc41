import { ofReading } from './scales';
import type { SlipKind } from './slip-kind';

/** A temperature that did not shift. */
export const offsetMissed: SlipKind = {
	code: 'offset-missed',
	title: 'The temperature did not shift',
	nudge: 'Where is the zero of each scale? Water freezes at 0 °C, 32 °F and 273.15 K.',
	suspects: ofReading(
		'The two scales have their zeros in different places: a temperature shifts as well as scales.',
		(steps) => [
			steps.filter(({ does }) => does === 'scale'),
			[],
			...steps.flatMap(({ does }, i) => (does === 'shift' ? [steps.filter((_, k) => k !== i)] : [])),
		],
	),
};
