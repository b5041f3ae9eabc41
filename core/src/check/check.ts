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
import { LAID } from './slip/laid-slips';
import { eachOnce, type Judged, SLIPS_LIMIT, type Slip, type Verdict, type VerdictLine } from './verdict';

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

/**
 * What the line shows comes before what the number looks like, each slip once; where the line is right, no block was
 * laid wrongly, and what was keyed or copied wrongly comes first.
 */
function slipsOf(line: VerdictLine, { slips, search }: Judged, chain: Chain | undefined): readonly Slip[] {
	const right = line.verdict === 'right' && chain;
	const found = [...(search?.(right ? chain : null) ?? []), ...slips];
	if (right) return [...found].sort((a, b) => Number(LAID.has(a.code)) - Number(LAID.has(b.code)));
	return [...(line.slips ?? []), ...found];
}

/** Four lines judged, and how the slips are looked for, which takes longer. */
export type Judging = { readonly verdict: Verdict; readonly name: () => readonly Slip[] };

/**
 * Judges an answer, and the line it was worked by where there is one, without yet looking for the slips that would
 * have given it.
 * @returns four judged lines with the slips they show by themselves, or a fault: of the answer as typed (`in` is
 *   "answer"), of the line (`chain.…`), or of the exercise itself.
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
	const lines = { line: line.value, ...judged.value.lines };
	const right = Object.values(lines).every(({ verdict }) => verdict === 'right' || verdict === 'not-asked');
	const name = () => (right ? [] : eachOnce(slipsOf(line.value, judged.value, chain)).slice(0, SLIPS_LIMIT));
	const { search: _, ...shown } = judged.value;
	const slips = right ? [] : eachOnce(slipsOf(line.value, shown, chain)).slice(0, SLIPS_LIMIT);
	return good({ verdict: { ...lines, right, slips, first: slips[0]?.code ?? null }, name });
}

/** The whole check: an answer judged, and the slips named that would have given it (contract, "check"). */
export function check(exercise: Exercise, answer: string, chain?: Chain): Outcome<Verdict> {
	const judged = judge(exercise, answer, chain);
	if (!judged.ok) return judged;
	const slips = judged.value.name();
	return good({ ...judged.value.verdict, slips, first: slips[0]?.code ?? null });
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
