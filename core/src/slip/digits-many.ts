import { placeReached } from '../key/is-right-value';
import type { Key } from '../key/key';
import type { Numeral } from '../numeral/numeral';
import { type RoundingTarget, round } from '../numeral/round';
import { figuresText, placeText } from '../say/say-figures';
import { claimsByPoint, pointClaims } from './point-claims';
import type { SlipKind } from './slip-kind';

/** How much longer than asked a number is written: the sentence, or null. */
function tooLong(number: Numeral | null, { asked }: Key): string | null {
	if (!number || !asked || number.significant === null) return null;
	if (asked.kind === 'count')
		return number.significant > asked.to
			? `${figuresText(number.significant)} are more than the numbers given can tell.`
			: null;
	const place = placeReached(number, asked.place);
	return place !== null && place < asked.place
		? `To ${placeText(place)} is more than the numbers given can tell.`
		: null;
}

function targets({ asked }: Key): readonly RoundingTarget[] {
	if (!asked) return [];
	return asked.kind === 'place'
		? [{ place: asked.place }]
		: Array.from({ length: asked.to - asked.from + 1 }, (_, i) => ({ significant: asked.from + i }));
}

/** More figures than the inputs can give. */
export const digitsMany: SlipKind = {
	code: 'digits-many',
	title: 'Too many figures',
	nudge: 'Which measured number on the line has the fewest figures? Keep that many.',
	shows: (seen) =>
		seen.lines.value.verdict === 'right' && seen.lines.figures.verdict === 'wrong' && !pointClaims.shows?.(seen)
			? tooLong(seen.answer.number, seen.key)
			: null,
	common: true,
	// Rightly rounded, and then zeros set behind.
	suspects: ({ key, truth, answer }) => {
		// A point behind the zeros is a slip of its own.
		if (claimsByPoint(answer)) return [];
		const why = tooLong(answer, key);
		if (why === null || truth.sign === 0) return [];
		return targets(key)
			.map((target) => round(truth, target).value)
			.filter((value) => value.equals(answer.value))
			.map((value) => ({ value, why: `${why} Zeros added after a rounded number count as measured.` }));
	},
};
