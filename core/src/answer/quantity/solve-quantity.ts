import type { UnitExercise, UnitWant } from '../../exercise/exercise';
import { type Key, keyOf } from '../../key/key';
import { lineTo } from '../../key/line-to';
import { good, type Outcome } from '../../numeral/fault';
import { mixedNumberText } from '../../numeral/mixed-number-text';
import { withPi } from '../../numeral/pi';
import { printForm, printInPlain, printRounded, printValue } from '../../numeral/print';
import { round } from '../../numeral/round';
import { writtenQuantity } from '../../quantity/quantity';
import type { Solution } from '../answer-kind';

/** The figures an endless exact result is given to. */
const ENDLESS_FIGURES = 4;

/** The value of a key as it is reported: rounded as asked, in the form asked. */
function reported(key: Key, want: UnitWant): string {
	const value = withPi(key.value, key.pi);
	if (want.form === 'fraction') return mixedNumberText(value);
	const { asked, ties } = key;
	if (asked?.kind === 'place') return printInPlain(round(value, { place: asked.place }, ties)).text;
	if (!asked) {
		const text = printValue(key.value, key.pi, key.exact === 'ends' ? null : ENDLESS_FIGURES).text;
		return text.replace(/^≈ /, '');
	}
	const printed = printRounded(round(value, { significant: asked.from }, ties));
	const form = want.form && printed[want.form];
	return form ? printForm(form) : printed.text;
}

/**
 * The worked solution where one quantity, or a range of it, is wanted.
 * @returns the line and the answer, or what its key ends with.
 */
export function solveQuantity(exercise: UnitExercise): Outcome<Solution> {
	const { start, until, want } = exercise;
	const key = keyOf(exercise);
	if (!key.ok) return key;
	const unit = key.value.unit.text;
	const line = start && !(exercise.terms && 'top' in start) ? lineTo(exercise, start, want.unit) : null;
	const chain = line?.ok ? line.value : null;
	if (!until) return good({ chain, answer: writtenQuantity({ number: reported(key.value, want), unit }) });
	const end = keyOf({ ...exercise, start: until });
	if (!end.ok) return end;
	const ends = [key.value, end.value].sort((a, b) => withPi(a.value, a.pi).compare(withPi(b.value, b.pi)));
	return good({
		chain,
		answer: writtenQuantity({ number: ends.map((one) => reported(one, want)).join(' to '), unit }),
	});
}
