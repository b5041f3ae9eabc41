import { ofReading } from './scales';
import type { SlipKind } from './slip-kind';

/** The shift added for subtracted, or the other way about. */
export const offsetBackwards: SlipKind = {
	code: 'offset-backwards',
	title: 'The shift goes the wrong way',
	nudge: 'Take freezing water through your steps: does it come out right?',
	suspects: ofReading(({ value, ratio, scaled, before, after }) =>
		[scaled.sub(after), value.sub(before).mul(ratio)].map((one) => ({
			value: one,
			why: 'The shift goes the wrong way: added where it should be taken away, or the other way about.',
		})),
	),
};
