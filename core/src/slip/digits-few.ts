import { placeReached } from '../key/is-right-value';
import type { Seen } from '../key/verdict';
import { round } from '../numeral/round';
import { plural } from '../say/plural';
import { figuresText, placeText } from '../say/say-figures';
import type { SlipKind } from './slip-kind';

/** Whether a right number is written shorter than it should be: the sentence, or null. */
function tooShort({ answer: { number }, key: { asked } }: Seen): string | null {
	if (!number || !asked || number.significant === null) return null;
	if (asked.kind === 'count')
		return number.significant < asked.from
			? `${figuresText(number.significant)} ${plural(number.significant, 'is', 'are')} too few: you dropped some that count.`
			: null;
	const place = placeReached(number, asked.place);
	return place !== null && place > asked.place ? `Rounded to ${placeText(place)} you drop places that count.` : null;
}

/** Fewer figures than the inputs give. */
export const digitsFew: SlipKind = {
	code: 'digits-few',
	title: 'Too few figures',
	nudge: 'Count the figures of each measured number again. The answer keeps the smallest count.',
	shows: (seen) =>
		seen.lines.value.verdict === 'right' && seen.lines.figures.verdict === 'wrong' ? tooShort(seen) : null,
	common: true,
	// One figure is too little to judge a value by, but it may be the right one rounded.
	suspects: ({ key: { asked }, truth, answer }) => {
		const counted = asked?.kind === 'count' ? asked.from : 2;
		if (!asked || counted < 2 || answer.significant !== 1 || truth.sign === 0) return [];
		const value = round(truth, { significant: 1 }).value;
		return [{ value, why: 'That is the value rounded to one figure. You dropped some that count.' }];
	},
};
