import { rational, toPower } from '../numeral/rational';
import type { SlipKind } from './slip-kind';

const TEN = rational(10n);
const PLACES = [-1, 1, -2, 2, -3, 3, -4, 4, -5, 5, -6, 6] as const;

/** The decimal point moved; a power of ten lost. */
export const placeSlip: SlipKind = {
	code: 'place-slip',
	title: 'The decimal point moved',
	nudge: 'Before you work it out, estimate how large the result should be.',
	suspects: ({ truth }) =>
		PLACES.map((power) => ({
			value: truth.mul(toPower(TEN, power)),
			why: 'The digits are right, but the decimal point is in the wrong place.',
		})),
	mixes: true,
};
