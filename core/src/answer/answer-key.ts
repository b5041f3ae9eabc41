import type { Exercise } from '../exercise/exercise';
import { good, type Outcome } from '../numeral/fault';
import { askedBy } from './answer-kinds';

/** The key of an exercise: its exact value, and a whole answer, unit included, that the check finds right. */
export type AnswerKey = { readonly value: string; readonly text: string };

/**
 * The key as it is told to one who asks. The value is exact, "n/d": in the wanted unit (of a mixed measure the
 * smallest, of a range its first end); of a factor what it multiplies by; else the count or the block's number.
 * @returns the key, or `no-key`, `no-route` or what a unit or a number of the exercise ends with.
 */
export function answerKey(exercise: Exercise): Outcome<AnswerKey> {
	const asked = askedBy(exercise);
	const solved = asked.solve();
	if (!solved.ok) return solved;
	const value = asked.keyText(solved.value);
	return value.ok ? good({ value: value.value, text: solved.value.answer }) : value;
}
