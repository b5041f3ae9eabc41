import { likeUnits } from '../unit/like-units';
import { worthOf } from './evidence';
import type { SlipKind, Suspect } from './slip-kind';

/** The value of a unit on the way, reported as if it were the one wanted. */
export const stoppedEarly: SlipKind = {
	code: 'stopped-early',
	title: 'Stopped on the way',
	nudge: 'Look at what still stands and hold it against what is wanted before you work the numbers.',
	laid: true,
	suspects: ({ truth, factors }) => {
		const found: Suspect[] = [];
		let value = truth;
		for (let i = factors.length - 1; i > 0; i--) {
			const worth = worthOf(factors[i] as (typeof factors)[number]);
			if (!worth || worth.sign === 0) break;
			value = value.div(worth);
			found.push({
				value,
				factor: i,
				why: 'That is the value in a unit on the way. Which unit does it really have?',
			});
		}
		return found;
	},
	shows: ({ lines: { unit, value }, answer, key }) =>
		unit.verdict === 'wrong' && value.verdict === 'right' && answer.unit && likeUnits(answer.unit, key.unit)
			? unit.why
			: null,
};
