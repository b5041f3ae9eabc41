import type { SlipKind } from './slip-kind';

/** A minus dropped or gained. */
export const signLost: SlipKind = {
	code: 'sign-lost',
	title: 'A minus lost or gained',
	nudge: 'Is it below zero? Write the sign with the number from the first step to the last.',
	showsInParts: ({ lines, total, truth }) =>
		lines.value.verdict === 'wrong' && total !== null && truth.sign !== 0 && total.equals(truth.neg())
			? 'The parts are right; look at the sign.'
			: null,
	suspects: ({ truth }) =>
		truth.sign === 0 ? [] : [{ value: truth.neg(), why: 'The size is right; look at the sign.' }],
};
