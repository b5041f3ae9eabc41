import { answerKindOf, asWorked } from '../answer/answer-kinds';
import type { Chain } from '../chain/chain';
import type { Exercise } from '../exercise/exercise';
import { inPoints, markOf } from '../exercise/in-points';
import { isRoundingOnly } from '../exercise/is-rounding-only';
import type { FourLines, Judged, Seen, VerdictLine } from '../key/verdict';
import { type DecimalMark, otherReading, withPoints } from '../numeral/decimal-mark';
import { bad, good, type Outcome } from '../numeral/fault';
import { judgeLine } from './judge-line';

/** Where to look when a value is wrong: at a line that fails, at how its numbers were worked, or at the units. */
function lookAt({ follows }: VerdictLine, line: VerdictLine): string {
	if (line.verdict === 'right') return 'The line is right, so check how you worked out its numbers.';
	if (line.verdict === 'not-asked') return 'Build it as a line, and see what each factor cancels.';
	return follows ? 'This is what your line gives, so check the line first.' : 'Check the line again, factor by factor.';
}

const WRITTEN_AGAIN = 'Nothing is converted here. Compare it with the number in the problem, digit by digit.';

/** A wrong value of a quantity, with where to look: at the digits, at the blocks, or at how the numbers were worked. */
function advised(value: VerdictLine, line: VerdictLine, seen: readonly Seen[] | undefined): VerdictLine {
	if (value.verdict !== 'wrong' || !seen) return value;
	const isWrittenAgain = line.verdict === 'not-asked' && seen.every(({ exercise }) => isRoundingOnly(exercise));
	if (isWrittenAgain) return { ...value, why: `${value.why} ${WRITTEN_AGAIN}` };
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
	const mark = markOf(exercise);
	const asked = asWorked(exercise);
	const line = chain && inPoints(chain, mark);
	const judged = judgeRead(asked, withPoints(answer, mark), line);
	if (!judged.ok || judged.value.lines.value.verdict !== 'wrong') return judged;
	// Where the comma is read the other way, the text with and without it is what differs.
	const other = otherReading(answer);
	const reread = other === null ? null : judgeRead(asked, mark === 'comma' ? answer : other, line);
	if (!reread?.ok || reread.value.lines.value.verdict !== 'right') return judged;
	const { lines } = reread.value;
	const value: VerdictLine = { ...lines.value, verdict: 'unclear', why: commaText(answer, mark) };
	return good({ lines: { ...lines, value, right: false } });
}

/** What is said of an answer whose comma makes it right only as the other mark. */
function commaText(answer: string, mark: DecimalMark): string {
	return mark === 'comma'
		? `“${answer.trim()}” is right if the comma groups digits. But here a comma is the decimal mark, so leave it out.`
		: `“${answer.trim()}” is right if the comma is the decimal mark, but not if it groups digits. Write ${otherReading(answer)?.trim()}.`;
}

function judgeRead(exercise: Exercise, answer: string, chain?: Chain): Outcome<Judging> {
	const kind = answerKindOf(exercise);
	if (!kind) return bad('shape', 'This problem does not say what to find.');
	const line = chain
		? judgeLine(chain, exercise)
		: good<VerdictLine>({ verdict: 'not-asked', why: 'There is no line.' });
	if (!line.ok) return line;
	const judged = kind.judge(answer, chain && { chain, holds: line.value.verdict === 'right' });
	if (!judged.ok) return judged;
	const { lines: own, ...told } = judged.value;
	const lines = { line: line.value, ...own, value: advised(own.value, line.value, told.seen) };
	const right = Object.values(lines).every(({ verdict }) => verdict === 'right' || verdict === 'not-asked');
	return good({ lines: { ...lines, right }, ...told });
}
