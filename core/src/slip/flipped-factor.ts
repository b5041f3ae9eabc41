import { turnedFactor } from '../chain/chain';
import type { ReadFactor } from '../chain/read-chain';
import { ONE } from '../numeral/rational';
import { quantityInSentence } from '../say/in-sentence';
import { eachFactor } from './evidence';
import { ofReading, scalesOf } from './scales';
import type { Evidence, SlipKind, Suspect } from './slip-kind';

const DEGREES =
	'That is what comes with the size of the degrees upside down. On which scale are they smaller, so that there are more of them?';

const readingTurned = ofReading(DEGREES, (steps) => {
	if (!steps.some(({ does }) => does === 'scale')) return [];
	return [steps.map((step) => (step.does === 'scale' ? { ...step, by: ONE.div(step.by) } : step))];
});

/** The scale between two temperatures upside down: 9/5 for 5/9; of a difference too. */
function scaleTurned(evidence: Evidence): readonly Suspect[] {
	const scales = evidence.exercise.difference ? scalesOf(evidence) : null;
	if (!scales) return readingTurned(evidence);
	return scales.ratio.equals(ONE) ? [] : [{ value: scales.value.div(scales.ratio), why: DEGREES }];
}

/** A factor upside down: it divides where it should multiply. */
export const flippedFactor: SlipKind = {
	code: 'flipped-factor',
	title: 'A factor upside down',
	nudge: 'Put the unit to be rid of on the other side of the bar than where it stands; then it cancels.',
	common: true,
	laid: true,
	wholeBlock: true,
	mend: (factor) => [[turnedFactor(factor)]],
	suspects: (evidence) => [
		...scaleTurned(evidence),
		...eachFactor(evidence, (worth, i) => {
			const { top, bottom } = (evidence.factors[i] as ReadFactor).written;
			return {
				value: evidence.truth.div(worth.mul(worth)),
				factor: i,
				why: `That is what comes with one factor upside down. Look at the block of ${quantityInSentence(top)} over ${quantityInSentence(bottom)}.`,
			};
		}),
	],
	mixes: true,
};
