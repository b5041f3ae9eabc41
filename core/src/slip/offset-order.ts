import { addingStep } from '../chain/chain';
import { ofReading, type ScaleStep } from './scales';
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
	suspects: ofReading(
		'Shifting and scaling are in the wrong order: the shift counts in degrees of one scale only.',
		(steps) =>
			steps.slice(1).flatMap((step, i) => {
				const before = steps[i] as ScaleStep;
				return before.does === step.does ? [] : [[...steps.slice(0, i), step, before, ...steps.slice(i + 2)]];
			}),
	),
};
