import { ofReading } from './scales';
import type { SlipKind } from './slip-kind';

/** A temperature that did not shift. */
export const offsetMissed: SlipKind = {
	code: 'offset-missed',
	title: 'Nothing added or subtracted for the zeros',
	nudge: 'Where is the zero of each scale? Water freezes at 0 °C, 32 °F and 273.15 K.',
	suspects: ofReading('The two scales have different zeros, so you also have to add or subtract.', (steps) => [
		steps.filter(({ does }) => does === 'scale'),
		[],
		...steps.flatMap(({ does }, i) => (does === 'shift' ? [steps.filter((_, k) => k !== i)] : [])),
	]),
};
