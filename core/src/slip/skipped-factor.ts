import { eachFactor } from './evidence';
import type { SlipKind } from './slip-kind';

/** A step left out. */
export const skippedFactor: SlipKind = {
	code: 'skipped-factor',
	title: 'A step left out',
	nudge: 'Go through the units one after another: each that must go needs a block of its own.',
	laid: true,
	wholeBlock: true,
	suspects: (evidence) =>
		eachFactor(evidence, (worth, i) => ({
			value: evidence.truth.div(worth),
			factor: i,
			why: 'That is what comes with one step left out. Go through the units once more, one after another.',
		})),
	mixes: true,
};
