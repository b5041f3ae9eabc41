import { termStep } from '../chain/chain';
import { partsOfLine } from '../exercise/parts-of-line';
import { printQuantity, sayQuantity } from '../say/say';
import type { Offers } from './offer';

/** Of a sum: each part that is not on the line yet, to be put beside it. */
export const termOffers: Offers = ({ exercise, chain }) => {
	if (!exercise.terms?.length) return [];
	return partsOfLine(exercise, chain).missing.map((part) => {
		const [text, say] = [printQuantity(part), sayQuantity(part)];
		return {
			key: `term-${part.number}-${part.unit}`,
			text: `Add ${text}`,
			say: `Add ${say}`,
			about: 'from the problem: convert it too, then add it',
			ways: [{ factor: termStep(part), text: `+\u00a0${text}`, say: `Put ${say} beside it` }],
		};
	});
};
