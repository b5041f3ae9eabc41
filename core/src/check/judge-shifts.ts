import type { Adding } from '../answer/answer-kind';
import { askedBy, goalOf } from '../answer/answer-kinds';
import { wantedUnits } from '../answer/quantity/quantity';
import type { Chain } from '../chain/chain';
import { fitsAfter } from '../chain/fits-after';
import type { ReadFactor } from '../chain/read-chain';
import { type WorkedChain, workChain } from '../chain/work-chain';
import type { Exercise } from '../exercise/exercise';
import { partsOfLine } from '../exercise/parts-of-line';
import { keyOf } from '../key/key';
import type { VerdictLine } from '../key/verdict';
import { withPi } from '../numeral/pi';
import type { Rational } from '../numeral/rational';
import { valueIn } from '../quantity/convert';
import { quantityInSentence } from '../say/in-sentence';
import { listed } from '../say/listed';
import { LINE_SLIPS } from '../slip/line-slips';
import { likeUnits } from '../unit/like-units';

function wrong(why: string, factor?: number, slip?: string): VerdictLine {
	return {
		verdict: 'wrong',
		why,
		...(factor === undefined ? {} : { factor }),
		...(slip ? { slips: [{ code: slip, ...(factor === undefined ? {} : { factor }), why }] } : {}),
	};
}

/** What a line comes to, exactly; null where it cannot be worked. */
function comesTo(chain: Chain): Rational | null {
	const worked = workChain(chain);
	return worked.ok && worked.value.value ? withPi(worked.value.value.value, worked.value.value.pi) : null;
}

/** Judges the steps of a temperature reading that add: the shift between the zeros of two scales. */
function judgeReading(chain: Chain, scales: readonly [string, string], truth: Rational): VerdictLine | null {
	const { factors } = chain;
	if (comesTo(chain)?.equals(truth)) return null;
	const at = factors.findIndex(({ shift }) => shift !== undefined);
	if (at < 0)
		return wrong(
			`0 ${scales.join(' and 0 ')} are not the same temperature. So you also have to add or subtract.`,
			undefined,
			'offset-missed',
		);
	for (const { code, mendShift = [] } of LINE_SLIPS)
		for (const { why, mend } of mendShift)
			for (const [i, { shift }] of factors.entries()) {
				const mended = shift === undefined ? null : mend(factors, i, shift);
				if (mended && comesTo({ ...chain, factors: mended })?.equals(truth))
					return wrong(`Step ${i + 1} ${why}`, i, code);
			}
	return wrong(`Step ${at + 1} is not the distance between the two zeros, in the degrees of that moment.`, at);
}

/** The first step of a line that is no factor, from 0; -1 where all only multiply. */
function firstStep({ read: { factors } }: WorkedChain): number {
	return factors.findIndex(({ step }) => step !== null);
}

type JudgeSteps = (chain: Chain, worked: WorkedChain, exercise: Exercise) => VerdictLine | null;

/** What is wrong with whole ones that are set aside: not whole, too many, too few, of a unit that is not wanted. */
function wrongWholes(worked: WorkedChain, at: number, wanted: readonly string[]): VerdictLine | null {
	const { step } = worked.read.factors[at] as ReadFactor;
	const number = step?.quantity.number;
	if (!step || !number) return step ? wrong(`Step ${at + 1} needs a number.`, at) : null;
	if (number.value.d !== 1n)
		return wrong(`Step ${at + 1} sets aside a number that is not whole.`, at, 'whole-included');
	if (!step.kind.keeps) return null;
	const { unit } = step.quantity;
	const kept = quantityInSentence({ number: number.text, unit: unit.text });
	if (!wanted.includes(unit.text))
		return wrong(`Step ${at + 1} sets ${kept} aside, but the answer has no ${unit.text}.`, at);
	const fits = fitsAfter(worked, at);
	if (fits === 'fits') return null;
	const why =
		fits === 'more'
			? `Step ${at + 1} sets ${kept} aside, but there is still a whole ${unit.text} left.`
			: `Step ${at + 1} sets ${kept} aside, but there are not that many.`;
	return wrong(why, at, 'wrong-number');
}

/** Of a mixed measure only whole parts are set aside, all of them and no more. */
const judgeWholes: JudgeSteps = (_, worked, exercise) => {
	const wanted = wantedUnits(askedBy(exercise).units).map(({ text }) => text);
	for (const at of worked.read.factors.keys()) {
		const found = wrongWholes(worked, at, wanted);
		if (found) return found;
	}
	return null;
};

/** Where a line only scales, nothing is added. */
const judgeNone: JudgeSteps = (_, worked) => {
	const at = firstStep(worked);
	return at < 0 ? null : wrong('Nothing is added on this line. It only multiplies.', at);
};

/** A sum takes each of its parts once; where a number is added without a unit, it comes to the key. */
function judgeSum(chain: Chain, worked: WorkedChain, exercise: Exercise): VerdictLine | null {
	const at = firstStep(worked);
	const isPlain = worked.read.factors.some(({ step }) => step && !step.kind.begins);
	if (at < 0) return null;
	if (isPlain) return judgeByKey(worked, exercise, at);
	const { missing, strange } = partsOfLine(exercise, chain);
	const [first] = strange;
	if (first !== undefined && first >= 0)
		return wrong(`The problem has nothing to add in step ${first + 1}.`, first, 'wrong-number');
	if (!missing.length) return null;
	const why = `You still have to add ${listed(missing.map(quantityInSentence))}.`;
	return { verdict: 'wrong', why, slips: [{ code: 'stopped-early', why }] };
}

function judgeByKey(worked: WorkedChain, exercise: Exercise, at: number): VerdictLine | null {
	const key = keyOf({ ...exercise, want: { unit: goalOf(exercise) ?? '' } });
	const value = worked.value && withPi(worked.value.value, worked.value.pi);
	if (key.ok && value?.equals(withPi(key.value.value, key.value.pi))) return null;
	return wrong(`The problem has nothing to add in step ${at + 1}.`, at);
}

/** A temperature reading comes to its true value; a difference does not shift at all; a sum comes to its key. */
const judgeAsKey: JudgeSteps = (chain, worked, exercise) => {
	const at = firstStep(worked);
	if (exercise.terms?.length) return judgeSum(chain, worked, exercise);
	if (exercise.difference)
		return at < 0
			? null
			: wrong('For a difference of temperatures you only multiply. Do not add or subtract.', at, 'difference-shifted');
	const { start, want: goal } = worked.read;
	const scales = goal && likeUnits(start.top.unit, goal) && !start.bottom && (start.top.unit.offset || goal.offset);
	if (scales && start.top.number) {
		const { value, pi } = valueIn(start.top.number, start.top.unit, goal, false);
		return judgeReading(chain, [start.top.unit.text, goal.text], withPi(value, pi));
	}
	return at < 0 ? null : judgeByKey(worked, exercise, at);
};

const JUDGES: Readonly<Record<Adding, JudgeSteps>> = {
	'wholes-aside': judgeWholes,
	'as-the-key': judgeAsKey,
	nothing: judgeNone,
};

/** What is wrong with the steps of a line that add something, by what they are there for; null where nothing is. */
export function judgeShifts(chain: Chain, worked: WorkedChain, exercise: Exercise): VerdictLine | null {
	return JUDGES[askedBy(exercise).adding](chain, worked, exercise);
}
