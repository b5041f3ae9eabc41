import type { Seen } from '../key/verdict';
import type { Numeral } from '../numeral/numeral';
import { withPi } from '../numeral/pi';
import { isRoundingOf } from '../numeral/round';
import { figuresText } from '../say/say-figures';
import type { SlipKind } from './slip-kind';

/** Whether the number is the right one rounded as it should be, so that only the point is wrong: 4000. for 4.0 × 10³. */
function isRounded({ answer: { number }, key: { value, pi, asked } }: Seen): boolean {
	if (!number || asked?.kind !== 'count') return false;
	const truth = withPi(value, pi);
	for (let significant = asked.from; significant <= asked.to; significant++)
		if (isRoundingOf(number.value, truth, { significant })) return true;
	return false;
}

/** Whether a number has a point behind zeros that would not count without it. */
export function claimsByPoint({ form }: Numeral): boolean {
	return form.kind === 'decimal' && form.exponent === null && /0\.$/.test(form.digits);
}

/** A point set after the zeros, which makes them all count: 7000. where two figures are right. */
export const pointClaims: SlipKind = {
	code: 'point-claims',
	title: 'A point that makes all the zeros count',
	nudge:
		'Without a point, nobody can tell whether zeros at the end count. Scientific notation shows only figures that count.',
	shows: (seen) => {
		const {
			lines: { value, figures },
			answer: { number },
			key: { asked },
		} = seen;
		if (value.verdict !== 'right' && !isRounded(seen)) return null;
		if (figures.verdict !== 'wrong' || !number || asked?.kind !== 'count') return null;
		const { significant } = number;
		if (!claimsByPoint(number) || significant === null) return null;
		return significant > asked.to
			? `The point after the zeros makes all of them count: ${figuresText(significant)} instead of ${asked.to}.`
			: null;
	},
};
