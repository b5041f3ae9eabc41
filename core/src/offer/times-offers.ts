import { timesMissing } from '../exercise/times-of-line';
import { printQuantity, sayQuantity } from '../say/say';
import type { Offers } from './offer';

/** Of a start that is a product: each quantity to multiply by that is not on the line yet. */
export const timesOffers: Offers = ({ exercise, worked }) =>
	timesMissing(exercise, worked).map((factor) => {
		const [text, say] = [printQuantity(factor.top), sayQuantity(factor.top)];
		return {
			key: `times-${factor.top.number}-${factor.top.unit}`,
			text: `Multiply by ${text}`,
			say: `Multiply by ${say}`,
			about: 'from the problem: the units are multiplied too',
			ways: [{ factor, text: `×\u00a0${text}`, say: `Multiply by ${say}` }],
		};
	});
