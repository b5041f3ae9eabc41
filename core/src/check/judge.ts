import { answerKindOf } from '../answer/answer-kinds';
import type { Chain } from '../chain/chain';
import type { Exercise } from '../exercise/exercise';
import type { FourLines, Judged, VerdictLine } from '../key/verdict';
import { bad, good, type Outcome } from '../numeral/fault';
import { judgeLine } from './judge-line';

/** Where to look when a value is wrong: at a line that fails, at how its numbers were worked, or at the units. */
function lookAt({ follows }: VerdictLine, line: VerdictLine): string {
	if (line.verdict === 'right') return 'The line holds, so look at how its numbers were worked.';
	if (line.verdict === 'not-asked') return 'Lay it as a line, and see block by block what cancels.';
	return follows
		? 'It is what your line comes to, so look at the line first.'
		: 'Look at the line again, block by block.';
}

/** A wrong value with where to look: at the blocks, or where they hold at how their numbers were worked. */
function advised(value: VerdictLine, line: VerdictLine, isQuantity: boolean): VerdictLine {
	if (value.verdict !== 'wrong' || !isQuantity) return value;
	return { ...value, why: `${value.why} ${lookAt(value, line)}` };
}

/** An answer judged: its four lines, and what the slips behind them are told by. */
export type Judging = Omit<Judged, 'lines'> & { readonly lines: FourLines };

/**
 * Judges an answer, and the line it was worked by where there is one; the slips are named by `nameSlips`, which takes
 * longer.
 * @returns four judged lines, or a fault: of the answer as typed (`in` is "answer"), of the line (`chain.…`), or of
 *   the exercise itself.
 */
export function judge(exercise: Exercise, answer: string, chain?: Chain): Outcome<Judging> {
	const kind = answerKindOf(exercise);
	if (!kind) return bad('shape', 'This exercise does not say what is wanted.');
	const line = chain
		? judgeLine(chain, exercise)
		: good<VerdictLine>({ verdict: 'not-asked', why: 'No line was given.' });
	if (!line.ok) return line;
	const judged = kind.judge(answer, chain && { chain, holds: line.value.verdict === 'right' });
	if (!judged.ok) return judged;
	const { lines: own, ...told } = judged.value;
	const lines = { line: line.value, ...own, value: advised(own.value, line.value, told.seen !== undefined) };
	const right = Object.values(lines).every(({ verdict }) => verdict === 'right' || verdict === 'not-asked');
	return good({ lines: { ...lines, right }, ...told });
}
