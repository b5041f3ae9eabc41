import { rational, tenTo } from '../numeral/rational';
import { round } from '../numeral/round';
import type { SlipKind } from './slip-kind';

/** Cut instead of rounded. */
export const truncated: SlipKind = {
	code: 'truncated',
	title: 'Cut, not rounded',
	nudge: 'Look at the digit after the last one you keep. If it is 5 or more, round up.',
	common: true,
	suspects: ({ truth, answer }) => {
		const { significant } = answer;
		if (significant === null || truth.sign === 0) return [];
		const place = truth.leadingPlace() - significant + 1;
		const { whole } = truth.abs().steps(place);
		const cut = rational(whole).mul(tenTo(place));
		const value = truth.sign < 0 ? cut.neg() : cut;
		// Where cutting and rounding give the same there is nothing to say.
		if (value.equals(round(truth, { significant }).value) || !answer.value.equals(value)) return [];
		return [{ value, why: 'You cut the number off instead of rounding it. The next digit was 5 or more.' }];
	},
};
