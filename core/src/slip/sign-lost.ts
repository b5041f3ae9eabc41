import { MINUS, ofReading } from './scales';
import type { SlipKind } from './slip-kind';

/** A reading below zero, taken as one above it. */
const readingWithout = ofReading(
	'That is what comes without the minus of the start. It goes into the first step.',
	(steps, reading) => (reading.sign < 0 ? [[MINUS, ...steps]] : []),
);

/** A minus dropped or gained. */
export const signLost: SlipKind = {
	code: 'sign-lost',
	title: 'A minus lost or gained',
	nudge: 'Is it below zero? Write the sign with the number from the first step to the last.',
	showsInParts: ({ lines, total, truth }) =>
		lines.value.verdict === 'wrong' && total !== null && truth.sign !== 0 && total.equals(truth.neg())
			? 'The parts are right; look at the sign.'
			: null,
	common: true,
	suspects: (evidence) => [
		...(evidence.truth.sign === 0
			? []
			: [{ value: evidence.truth.neg(), why: 'The size is right; look at the sign.' }]),
		...readingWithout(evidence),
	],
};
