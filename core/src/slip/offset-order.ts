import { addingStep } from '../chain/chain';
import { ofReading, type ScaleStep } from './scales';
import type { SlipKind } from './slip-kind';
import { withStep } from './with-step';

/** Scaled before shifting, or shifted before scaling. */
export const offsetOrder: SlipKind = {
	code: 'offset-order',
	title: 'Adding and multiplying in the wrong order',
	nudge: 'The number you add is in degrees of one scale. Which degrees do you have at that step?',
	mendShift: [
		{
			why: 'comes too late. Add or subtract first, in the degrees of the start, then multiply.',
			mend: (factors, at, shift) => [addingStep(shift), ...withStep(factors, at, { shift: undefined })],
		},
		{
			why: 'comes too early. Multiply first, then add or subtract.',
			mend: (factors, at, shift) => [...withStep(factors, at, { shift: undefined }), addingStep(shift)],
		},
	],
	suspects: ofReading(
		'You added and multiplied in the wrong order. The number you add is in degrees of one scale.',
		(steps) =>
			steps.slice(1).flatMap((step, i) => {
				const before = steps[i] as ScaleStep;
				return before.does === step.does ? [] : [[...steps.slice(0, i), step, before, ...steps.slice(i + 2)]];
			}),
	),
};
