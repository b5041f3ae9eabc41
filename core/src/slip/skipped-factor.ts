import { withPi } from '../numeral/pi';
import { ONE } from '../numeral/rational';
import { readQuantity } from '../quantity/quantity';
import { quantityInSentence } from '../say/in-sentence';
import { likeUnits } from '../unit/like-units';
import { eachFactor, worthOf } from './evidence';
import { ofReading } from './scales';
import type { Evidence, SlipKind, Suspect } from './slip-kind';

/** The value in a unit on the way, written as if it were in the wanted one. */
function lastOnesLeft({ truth, factors, elsewhere }: Evidence): readonly Suspect[] {
	if (elsewhere) return [];
	const found: Suspect[] = [];
	let value = truth;
	for (let i = factors.length - 1; i >= 0; i--) {
		const worth = worthOf(factors[i] as (typeof factors)[number]);
		if (!worth || worth.sign === 0) break;
		value = value.div(worth);
		if (i < factors.length - 1)
			found.push({
				value,
				factor: i,
				why: 'That is the value in a unit on the way. Which unit does it really have?',
			});
	}
	return found;
}

/** What the start is over, left out: the time of a drip rate. */
function belowLeft({ exercise: { start }, truth, factors }: Evidence): readonly Suspect[] {
	if (!start || !('top' in start)) return [];
	const below = readQuantity(start.bottom, { counted: true });
	if (!below.ok || !below.value.number || below.value.number.value.equals(ONE)) return [];
	const { number, unit } = below.value;
	const why = `You get this when ${quantityInSentence(start.bottom)} is left out. It is on the bottom, so it divides.`;
	const all = truth.mul(withPi(number.value, number.pi));
	const turned = factors.reduce((value, factor) => {
		const worth = worthOf(factor);
		return worth && worth.sign !== 0 && likeUnits(factor.bottom.unit, unit) ? value.div(worth) : value;
	}, all);
	return [all, turned].map((value) => ({ value, factor: -1, why }));
}

/** A temperature that shifts and never scales. */
const scaleLeft = ofReading(
	'You get this when you only add or subtract. How large is one degree on the other scale?',
	(steps) => [steps.filter(({ does }) => does === 'shift')],
);

/** A step left out. */
export const skippedFactor: SlipKind = {
	code: 'skipped-factor',
	title: 'A step left out',
	nudge: 'Go through the units one at a time. Each one that must go needs its own factor.',
	common: true,
	laid: true,
	wholeBlock: true,
	suspects: (evidence) => [
		...eachFactor(evidence, (worth, i) => ({
			value: evidence.truth.div(worth),
			factor: i,
			why: 'You get this with one step left out. Go through the units again, one at a time.',
		})),
		...lastOnesLeft(evidence),
		...belowLeft(evidence),
		...scaleLeft(evidence),
	],
	mixes: true,
};
