import { turnedFactor } from '../chain/chain';
import type { ReadFactor } from '../chain/read-chain';
import { ONE } from '../numeral/rational';
import { quantityInSentence } from '../say/in-sentence';
import { eachFactor } from './evidence';
import { ofReading, scalesOf } from './scales';
import type { Evidence, SlipKind, Suspect } from './slip-kind';

const DEGREES = 'You get this when 9/5 and 5/9 are swapped. On which scale are the degrees smaller?';

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
	nudge: 'To cancel a unit, put it on the other side of the bar.',
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
				why: `You get this with one factor upside down. Check the factor ${quantityInSentence(top)} over ${quantityInSentence(bottom)}.`,
			};
		}),
	],
	mixes: true,
};
