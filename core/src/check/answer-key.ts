import { readChain } from '../chain/read-chain';
import type { Exercise } from '../exercise/exercise';
import { good, type Outcome } from '../numeral/fault';
import { parseNumeral } from '../numeral/parse-numeral';
import { withPi } from '../numeral/pi';
import { rationalText } from '../numeral/rational';
import { goalOf } from './judge-line';
import { keyOf } from './key';
import { worthOf } from './slip/scene';
import { solutionOf } from './solution';

/** The key of an exercise: its exact value, and a whole answer, unit included, that the check finds right. */
export type AnswerKey = { readonly value: string; readonly text: string };

/**
 * The key as it is told to one who asks. The value is exact, "n/d": in the wanted unit (of a mixed measure the
 * smallest, of a range its first end); of a factor what it multiplies by; else the count or the block's number.
 */
export function answerKey(exercise: Exercise): Outcome<AnswerKey> {
	const solved = solutionOf(exercise);
	if (!solved.ok) return solved;
	const { answer: text, chain } = solved.value;
	const { want } = exercise;
	if ('unit' in want || 'mixed' in want) {
		const key = keyOf({ ...exercise, want: { unit: goalOf(want) ?? '' } });
		return key.ok ? good({ value: rationalText(withPi(key.value.value, key.value.pi)), text }) : key;
	}
	if ('factor' in want && chain) {
		const read = readChain(chain);
		const worth = read.ok && read.value.factors[0] ? worthOf(read.value.factors[0]) : null;
		return good({ value: worth ? rationalText(worth) : '', text });
	}
	const count = parseNumeral(text.replace(/\D/g, ''));
	return count.ok ? good({ value: rationalText(count.value.value), text }) : count;
}
