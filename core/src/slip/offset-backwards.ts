import { turnedSign } from '../chain/chain';
import { MINUS, ofReading } from './scales';
import type { SlipKind } from './slip-kind';
import { withStep } from './with-step';

/** The shift added for subtracted, or the other way about. */
export const offsetBackwards: SlipKind = {
	code: 'offset-backwards',
	title: 'Added instead of subtracted, or the other way round',
	nudge: 'Try your steps on freezing water. Does it come out right?',
	mendShift: [
		{
			why: 'goes the wrong way: it adds where it should subtract, or the other way round. Which of the two zeros is lower?',
			mend: (factors, at, shift) => withStep(factors, at, { shift: turnedSign(shift) }),
		},
	],
	suspects: ofReading('You added where you should subtract, or the other way round.', (steps, reading) =>
		steps.flatMap((step, i) => {
			if (step.does !== 'shift') return [];
			const backwards = steps.map((one, k) => (k === i ? { ...step, by: step.by.neg() } : one));
			// 273.15 − 25.0 for 25.0 + 273.15: the same, and its minus with it.
			return steps.length > 1 || reading.sign < 0 ? [backwards] : [backwards, [...backwards, MINUS]];
		}),
	),
};
