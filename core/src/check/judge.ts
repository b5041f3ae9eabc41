import type { Chain } from '../chain/chain';
import type { Exercise, UnitExercise, Want } from '../exercise/exercise';
import { bad, type Fault, good, type Outcome } from '../numeral/fault';
import type { Quantity } from '../quantity/quantity';
import { judgeCount } from './judge-count';
import { judgeLine } from './judge-line';
import { judgeMixed } from './judge-mixed';
import { judgeOneFactor } from './judge-one-factor';
import { judgeQuantity, strangeText, strangeWord } from './judge-quantity';
import { judgeRange } from './judge-range';
import { judgeWrongBlock } from './judge-wrong-block';
import { readAnswer } from './read-answer';
import type { FourLines, Judged, VerdictLine } from './verdict';

type Asking<K extends string> = Exercise & { readonly want: Extract<Want, Readonly<Record<K, unknown>>> };

function judgeUnitAnswer(exercise: Asking<'unit'>, answer: string): Outcome<Judged> {
	return exercise.until
		? judgeRange(exercise as UnitExercise & { until: Quantity }, answer)
		: judgeQuantity(exercise, answer);
}

/** How each kind of answer is judged, by the field of `want` that asks for it. A kind is one row. */
const JUDGES: Readonly<Record<string, (exercise: never, answer: string) => Outcome<Judged>>> = {
	unit: judgeUnitAnswer,
	mixed: judgeMixed,
	figures: judgeCount,
	factor: judgeOneFactor,
	slip: judgeWrongBlock,
};

/** A wrong value with where to look: at the blocks, or where they hold at how their numbers were worked. */
function advised(value: VerdictLine, line: VerdictLine, isQuantity: boolean): VerdictLine {
	if (value.verdict !== 'wrong' || !isQuantity) return value;
	const look =
		line.verdict === 'right'
			? 'The line holds, so look at how its numbers were worked.'
			: 'Look at the line again, block by block.';
	return { ...value, why: `${value.why} ${look}` };
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
	const kind = Object.keys(JUDGES).find((field) => field in exercise.want);
	if (kind === undefined) return bad('shape', 'This exercise does not say what is wanted.');
	const judged = (JUDGES[kind] as (exercise: Exercise, answer: string) => Outcome<Judged>)(exercise, answer);
	if (!judged.ok) return judged;
	const line = chain
		? judgeLine(chain, exercise)
		: good<VerdictLine>({ verdict: 'not-asked', why: 'No line was given.' });
	if (!line.ok) return line;
	const { lines: own, ...told } = judged.value;
	const lines = { line: line.value, ...own, value: advised(own.value, line.value, told.seen !== undefined) };
	const right = Object.values(lines).every(({ verdict }) => verdict === 'right' || verdict === 'not-asked');
	return good({ lines: { ...lines, right }, ...told });
}

/**
 * What is wrong with how an answer is written, before it is judged: no number, a number or a unit that
 * cannot be read, with its place in the text; null when it can be held against the exercise.
 */
export function answerFault(exercise: UnitExercise, text: string): Fault | null {
	const read = readAnswer(text);
	if (!read.ok) return read.fault;
	const { number, unit, unitAt } = read.value;
	if (!number) return { code: 'empty', message: 'There is no number here yet.', at: [0, text.length] };
	const strange = strangeWord(unit, exercise);
	return strange === undefined ? null : { code: 'unknown-unit', message: strangeText(strange), at: unitAt };
}
