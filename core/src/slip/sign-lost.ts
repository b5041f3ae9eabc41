import { MINUS, ofReading } from './scales';
import type { SlipKind } from './slip-kind';

/** A reading below zero, taken as one above it. */
const readingWithout = ofReading(
	'You get this without the minus sign of the start. Keep it in the first step.',
	(steps, reading) => (reading.sign < 0 ? [[MINUS, ...steps]] : []),
);

/** A minus dropped or gained. */
export const signLost: SlipKind = {
	code: 'sign-lost',
	title: 'A minus sign lost or added',
	nudge: 'Is it below zero? Write the sign with the number from the first step to the last.',
	showsInParts: ({ lines, total, truth }) =>
		lines.value.verdict === 'wrong' && total !== null && truth.sign !== 0 && total.equals(truth.neg())
			? 'The parts are right. Check the sign.'
			: null,
	common: true,
	suspects: (evidence) => [
		...(evidence.truth.sign === 0 ? [] : [{ value: evidence.truth.neg(), why: 'The size is right. Check the sign.' }]),
		...readingWithout(evidence),
	],
};
