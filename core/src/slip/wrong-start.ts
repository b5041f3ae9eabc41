import { sidesOfStart } from '../chain/chain';
import { withPi } from '../numeral/pi';
import { readQuantity } from '../quantity/quantity';
import type { SlipKind } from './slip-kind';

/** Started from a rate instead of the quantity the problem asks about. */
export const wrongStart: SlipKind = {
	code: 'wrong-start',
	title: 'Started from the rate',
	nudge: 'What does the question ask about? Start from that. A rate becomes a factor.',
	common: true,
	laid: true,
	suspects: ({ exercise, truth, factors }) => {
		if (!exercise.start || 'top' in exercise.start || !exercise.facts.length || !factors.length) return [];
		const read = readQuantity(sidesOfStart(exercise.start).top, { counted: true });
		const number = read.ok ? read.value.number : null;
		if (!number || number.value.sign === 0) return [];
		const alone = truth.div(withPi(number.value, number.pi));
		return [alone, alone.div(withPi(number.value, number.pi))].map((value) => ({
			value,
			factor: -1,
			why: 'You get this without the quantity the problem asks about. Did you start from the rate?',
		}));
	},
};
