import { eachFactor } from './evidence';
import type { SlipKind } from './slip-kind';

/** A factor used twice. */
export const repeatedFactor: SlipKind = {
	code: 'repeated-factor',
	title: 'A factor used twice',
	nudge: 'Once a unit has cancelled, its block is done: look whether one stands there again.',
	laid: true,
	wholeBlock: true,
	mend: () => [[]],
	suspects: (evidence) =>
		eachFactor(evidence, (worth, i) => ({
			value: evidence.truth.mul(worth),
			factor: i,
			why: 'That is what comes when one factor is used twice.',
		})),
	mixes: true,
};
