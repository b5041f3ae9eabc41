import { figuresText } from '../say/say-figures';
import type { SlipKind } from './slip-kind';

/** More figures than the inputs can give. */
export const digitsMany: SlipKind = {
	code: 'digits-many',
	title: 'Too many figures',
	nudge: 'Which measured number of the line has the fewest figures? The answer has as many.',
	shows: ({ lines: { value, figures }, answer, key }) => {
		const count = answer.number?.significant ?? null;
		if (value.verdict !== 'right' || figures.verdict !== 'wrong' || key.asked?.kind !== 'count' || count === null)
			return null;
		return count > key.asked.to ? `${figuresText(count)} claim more than the inputs can give.` : null;
	},
};
