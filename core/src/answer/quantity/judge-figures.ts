import { type Chain, sidesOfStart } from '../../chain/chain';
import type { UnitExercise } from '../../exercise/exercise';
import { placeReached } from '../../key/is-right-value';
import type { Key } from '../../key/key';
import type { VerdictLine } from '../../key/verdict';
import type { Numeral } from '../../numeral/numeral';
import { quantityInSentence } from '../../say/in-sentence';
import { listed } from '../../say/listed';
import { figuresText, placeText } from '../../say/say-figures';
import { CENT, isMoney } from '../../unit/is-money';
import { FORMS_ASKED } from './number-forms-asked';

function askedText(from: number, to: number): string {
	return from === to ? figuresText(from) : `${from} to ${to} figures`;
}

/** Which inputs limit the figures, named as they are written. */
function limitText({ rounding, start }: UnitExercise, key: Key): string {
	if (typeof rounding === 'object' || !key.limitedBy.length || !start) return '';
	const chain: Chain = key.chain ?? { start, factors: [] };
	const named = key.limitedBy.map((index) => {
		const factor = chain.factors[index];
		const { number, unit } = factor
			? factor.top.number === '1'
				? factor.bottom
				: factor.top
			: sidesOfStart(chain.start).top;
		return quantityInSentence({ number, unit });
	});
	return ` ${listed([...new Set(named)])} ${named.length > 1 ? 'have' : 'has'} the fewest.`;
}

/** What the figures go by, in a word: what was asked, or what the inputs give. */
function byText({ rounding }: UnitExercise): string {
	return typeof rounding === 'object' ? 'as asked' : 'as the numbers given allow';
}

/** Judges how many figures the answer shows, and its form where one is asked (contract, "check", figures). */
export function judgeFigures(answer: Numeral, exercise: UnitExercise, key: Key): VerdictLine {
	const form = exercise.want.form && FORMS_ASKED[exercise.want.form];
	if (form && !form.is(answer)) return { verdict: 'wrong', why: `Write the answer in ${form.name}.` };
	const { asked } = key;
	if (!asked)
		return {
			verdict: 'not-asked',
			why: key.exact ? 'Everything here is exact, so nothing limits the figures.' : 'Figures are not checked here.',
		};
	const { significant, atMost, lastPlace } = answer;
	if (significant === null || atMost === null || lastPlace === null)
		return { verdict: 'wrong', why: 'Written like this, the number does not show how many figures it has.' };
	if (lastPlace === CENT && isMoney(key.unit) && typeof exercise.rounding !== 'object')
		return { verdict: 'right', why: 'It is given to the cent, as money should be.' };
	if (asked.kind === 'place') {
		if (placeReached(answer, asked.place) === asked.place)
			return { verdict: 'right', why: `It is given to ${placeText(asked.place)}, ${byText(exercise)}.` };
		return {
			verdict: 'wrong',
			why: `Round to ${placeText(asked.place)}, ${byText(exercise)}. Yours goes to ${placeText(placeReached(answer, asked.place) ?? lastPlace)}.`,
		};
	}
	const { from, to } = asked;
	const within = (count: number) => from <= count && count <= to;
	if (within(significant))
		return {
			verdict: 'right',
			why: `${figuresText(significant)}, ${byText(exercise)}.${limitText(exercise, key)}`,
		};
	if (answer.ambiguous && significant < from && atMost >= from)
		return {
			verdict: 'unclear',
			why: `It should have ${askedText(from, to)}, ${byText(exercise)}. Here nobody can tell whether the zeros at the end count.${exercise.want.form === 'plain' ? '' : ' Scientific notation shows it.'}`,
		};
	return {
		verdict: 'wrong',
		why: `It should have ${askedText(from, to)}, ${byText(exercise)}. Yours has ${significant}.${limitText(exercise, key)}`,
	};
}
