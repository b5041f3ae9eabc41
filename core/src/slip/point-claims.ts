import { figuresText } from '../say/say-figures';
import type { SlipKind } from './slip-kind';

/** A point set after the zeros, which makes them all count: 7000. where two figures are right. */
export const pointClaims: SlipKind = {
	code: 'point-claims',
	title: 'A point that makes all the zeros count',
	nudge:
		'Without a point, zeros at the end do not say whether they count. In scientific form only the figures that count are written.',
	shows: ({ lines: { value, figures }, answer: { number }, key: { asked } }) => {
		if (value.verdict !== 'right' || figures.verdict !== 'wrong' || !number || asked?.kind !== 'count') return null;
		const { form, significant } = number;
		if (form.kind !== 'decimal' || form.exponent !== null || !/0\.$/.test(form.digits) || significant === null)
			return null;
		return significant > asked.to
			? `The point behind the zeros makes all of them count: ${figuresText(significant)}, where the inputs give ${asked.to}.`
			: null;
	},
};
