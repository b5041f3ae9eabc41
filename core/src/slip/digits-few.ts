import { figuresText } from '../say/say-figures';
import type { SlipKind } from './slip-kind';

/** Fewer figures than the inputs give. */
export const digitsFew: SlipKind = {
	code: 'digits-few',
	title: 'Too few figures',
	nudge: 'Count the figures of each measured number once more; the answer keeps as many as the fewest.',
	shows: ({ lines: { value, figures }, answer, key }) => {
		const count = answer.number?.significant ?? null;
		if (value.verdict !== 'right' || figures.verdict !== 'wrong' || key.asked?.kind !== 'count' || count === null)
			return null;
		return count < key.asked.from ? `${figuresText(count)} throw away some that count.` : null;
	},
};
