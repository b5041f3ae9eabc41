import { eachFactor } from './evidence';
import type { SlipKind } from './slip-kind';

/** A factor used twice. */
export const repeatedFactor: SlipKind = {
	code: 'repeated-factor',
	title: 'A factor used twice',
	nudge: 'Look for the same factor twice. Once a unit has cancelled, its factor is done.',
	laid: true,
	wholeBlock: true,
	mend: () => [[]],
	suspects: (evidence) =>
		eachFactor(evidence, (worth, i) => ({
			value: evidence.truth.mul(worth),
			factor: i,
			why: 'You get this when one factor is used twice.',
		})),
	mixes: true,
};
