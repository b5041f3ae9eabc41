import { withPi } from '../numeral/pi';
import { valueIn } from '../quantity/convert';
import { readQuantity } from '../quantity/quantity';
import { quantityInSentence } from '../say/in-sentence';
import { labelsClash, likeUnits } from '../unit/like-units';
import type { SlipKind, Suspect } from './slip-kind';

/** The value of a unit on the way, reported in that unit; or one part of a sum. */
export const stoppedEarly: SlipKind = {
	code: 'stopped-early',
	title: 'Stopped on the way',
	nudge: 'Before you work out the numbers, compare the units left on the line with the unit asked for.',
	common: true,
	laid: true,
	suspects: ({ exercise: { start, terms = [] }, key }) => {
		if (!terms.length || (start && 'top' in start)) return [];
		return [...(start && !('top' in start) ? [start] : []), ...terms].flatMap((term): readonly Suspect[] => {
			const read = readQuantity(term, { counted: true });
			if (!read.ok || !read.value.number || !likeUnits(read.value.unit, key.unit)) return [];
			const { value, pi } = valueIn(read.value.number, read.value.unit, key.unit, true);
			const why = `That is only ${quantityInSentence(term)}. The other part belongs to the answer too.`;
			return [{ value: withPi(value, pi), why }];
		});
	},
	shows: ({ lines: { unit, value }, answer, key }) =>
		unit.verdict === 'wrong' &&
		value.verdict === 'right' &&
		answer.unit &&
		likeUnits(answer.unit, key.unit) &&
		!labelsClash(answer.unit, key.unit)
			? unit.why
			: null,
};
