import { turnedFactor } from '../chain/chain';
import type { ReadFactor } from '../chain/read-chain';
import { printQuantity } from '../say/say';
import { eachFactor } from './evidence';
import type { SlipKind } from './slip-kind';

/** A factor upside down: it divides where it should multiply. */
export const flippedFactor: SlipKind = {
	code: 'flipped-factor',
	title: 'A factor upside down',
	nudge: 'Put the unit to be rid of on the other side of the bar than where it stands; then it cancels.',
	laid: true,
	wholeBlock: true,
	mend: (factor) => [[turnedFactor(factor)]],
	suspects: (evidence) =>
		eachFactor(evidence, (worth, i) => {
			const { top, bottom } = (evidence.factors[i] as ReadFactor).written;
			return {
				value: evidence.truth.div(worth.mul(worth)),
				factor: i,
				why: `That is what comes with one factor upside down. Look at the block of ${printQuantity(top)} over ${printQuantity(bottom)}.`,
			};
		}),
	mixes: true,
};
