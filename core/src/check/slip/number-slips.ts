import { rational, tenTo } from '../../numeral/rational';
import { round } from '../../numeral/round';
import type { SlipKind, Suspect } from './suspect';
import { worthOf } from './suspect';

const signLost: SlipKind = {
	code: 'sign-lost',
	suspects: ({ truth }) =>
		truth.sign === 0 ? [] : [{ value: truth.neg(), why: 'The size is right; look at the sign.' }],
};

const truncated: SlipKind = {
	code: 'truncated',
	suspects: ({ truth, answer }) => {
		const { significant } = answer;
		if (significant === null || truth.sign === 0) return [];
		const place = truth.leadingPlace() - significant + 1;
		const { whole } = truth.abs().steps(place);
		const cut = rational(whole).mul(tenTo(place));
		const value = truth.sign < 0 ? cut.neg() : cut;
		// Where cutting and rounding give the same there is nothing to say.
		if (value.equals(round(truth, { significant }).value) || !answer.value.equals(value)) return [];
		return [{ value, why: 'The number is cut off, not rounded: the next digit was 5 or more.' }];
	},
};

/** How far a result that was rounded on the way may lie from the true one. */
const NEAR = rational(1n).div(rational(50n));

const roundedEarly: SlipKind = {
	code: 'rounded-early',
	suspects: ({ truth, factors, chain, answer }) => {
		const start = chain && !('top' in chain.start) ? chain.start : null;
		if (!start || factors.length < 2 || truth.sign === 0) return [];
		const worths = factors.map(worthOf);
		const all = worths.reduce(
			(product, worth) => (product && worth ? product.mul(worth) : null),
			rational(1n) as ReturnType<typeof worthOf>,
		);
		if (!all || all.sign === 0) return [];
		return [2, 3].flatMap((significant): Suspect[] => {
			let value = truth.div(all);
			for (const worth of worths) if (worth) value = round(value.mul(worth), { significant }).value;
			const off = value.sub(truth).div(truth).abs();
			if (off.sign === 0 || off.compare(NEAR) > 0 || (answer.significant ?? 0) > significant + 1) return [];
			return [{ value, why: 'The first figures are right and the last are off: round once, at the end.' }];
		});
	},
};

/** Slips with the number itself, whatever it was worked by. */
export const NUMBER_SLIPS: readonly SlipKind[] = [signLost, truncated];

/** Slips that leave the number nearly right; they are thought of last. */
export const LATE_SLIPS: readonly SlipKind[] = [roundedEarly];
