import { type Chain, sidesOfStart } from '../chain/chain';
import type { UnitExercise, UnitWant } from '../exercise/exercise';
import type { Numeral } from '../numeral/numeral';
import { toSuperscript } from '../numeral/superscript';
import type { Key } from './key';
import type { VerdictLine } from './verdict';

const FORM_NAME = { scientific: 'scientific form', plain: 'plain form', fraction: 'a fraction' } as const;

function isInForm(answer: Numeral, form: NonNullable<UnitWant['form']>): boolean {
	const { form: written } = answer;
	if (form === 'fraction')
		return (
			written.kind === 'fraction' || (written.kind === 'decimal' && answer.value.d === 1n && written.exponent === null)
		);
	if (form === 'plain') return written.kind === 'decimal' && written.exponent === null;
	return (
		(written.kind === 'decimal' && written.exponent !== null && /^[1-9](\.|$)/.test(written.digits)) ||
		written.kind === 'power'
	);
}

/** "1 figure", "3 figures". */
export function figuresText(count: number): string {
	return `${count} ${count === 1 ? 'figure' : 'figures'}`;
}

function askedText(from: number, to: number): string {
	return from === to ? figuresText(from) : `${from} to ${to} figures`;
}

/** A place in words: "the tenths", "the hundreds". */
export function placeText(place: number): string {
	const known: Readonly<Record<number, string>> = {
		2: 'hundreds',
		1: 'tens',
		0: 'ones',
		[-1]: 'tenths',
		[-2]: 'hundredths',
		[-3]: 'thousandths',
	};
	return `the ${known[place] ?? `10${toSuperscript(place)}`}`;
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
		return `${number} ${unit}`.trim();
	});
	return ` ${named.join(' and ')} ${named.length > 1 ? 'have' : 'has'} the fewest.`;
}

/** Judges how many figures the answer shows, and its form where one is asked (contract, "check", figures). */
export function judgeFigures(answer: Numeral, exercise: UnitExercise, key: Key): VerdictLine {
	const { form } = exercise.want;
	if (form && !isInForm(answer, form))
		return { verdict: 'wrong', why: `The answer is asked for in ${FORM_NAME[form]}; this is written another way.` };
	const { asked } = key;
	if (!asked)
		return {
			verdict: 'not-asked',
			why: key.exact ? 'Everything here is exact, so nothing limits the figures.' : 'No figures are asked for here.',
		};
	const { significant, atMost, lastPlace } = answer;
	if (significant === null || atMost === null || lastPlace === null)
		return { verdict: 'wrong', why: 'Written like this the number does not show how many figures it has.' };
	if (asked.kind === 'place') {
		const may = answer.ambiguous && answer.form.kind === 'decimal' ? lastPlace - (atMost - significant) : lastPlace;
		if (may <= asked.place && asked.place <= lastPlace)
			return { verdict: 'right', why: `It is given to ${placeText(asked.place)}, as it should be.` };
		return {
			verdict: 'wrong',
			why: `It should be given to ${placeText(asked.place)}; yours goes to ${placeText(lastPlace)}.`,
		};
	}
	const { from, to } = asked;
	const within = (count: number) => from <= count && count <= to;
	if (within(significant))
		return {
			verdict: 'right',
			why: `${figuresText(significant)}, as ${significant === 1 && from === to ? 'it' : 'the inputs'} should give.${limitText(exercise, key)}`,
		};
	if (answer.ambiguous && significant < from && atMost >= from)
		return {
			verdict: 'unclear',
			why: `It should show ${askedText(from, to)}, and the zeros at the end do not show whether they count. Scientific form can say it.`,
		};
	return {
		verdict: 'wrong',
		why: `It should show ${askedText(from, to)}; yours shows ${significant}.${limitText(exercise, key)}`,
	};
}
