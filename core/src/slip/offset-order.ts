import { addingStep } from '../chain/chain';
import { ofReading } from './scales';
import type { SlipKind } from './slip-kind';
import { withStep } from './with-step';

/** Scaled before shifting, or shifted before scaling. */
export const offsetOrder: SlipKind = {
	code: 'offset-order',
	title: 'Shifting and scaling in the wrong order',
	nudge: 'The shift counts in degrees of one scale: in which degrees are you when you make it?',
	mendShift: [
		{
			why: 'comes too late: shift first, in the degrees of the start, and then scale.',
			mend: (factors, at, shift) => [addingStep(shift), ...withStep(factors, at, { shift: undefined })],
		},
		{
			why: 'comes too early: scale first, and then shift.',
			mend: (factors, at, shift) => [...withStep(factors, at, { shift: undefined }), addingStep(shift)],
		},
	],
	suspects: ofReading(({ value, ratio, scaled, before, after }) =>
		ratio.n === ratio.d
			? []
			: [scaled.add(before), value.add(after).mul(ratio)].map((one) => ({
					value: one,
					why: 'Shifting and scaling are in the wrong order: the shift counts in degrees of one scale only.',
				})),
	),
};
