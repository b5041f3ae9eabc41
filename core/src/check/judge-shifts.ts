import { addingStep, type Chain, type Factor } from '../chain/chain';
import { type WorkedChain, workChain } from '../chain/work-chain';
import type { Exercise, UnitExercise } from '../exercise/exercise';
import { withPi } from '../numeral/pi';
import type { Rational } from '../numeral/rational';
import { valueIn } from '../quantity/convert';
import { likeUnits } from '../unit/like-units';
import { keyOf } from './key';
import type { VerdictLine } from './verdict';

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

/** The same number with the other sign, as written. */
function turnedSign(shift: string): string {
	return /^\s*[-−]/.test(shift) ? shift.replace(/[-−]/, '') : `-${shift.trim()}`;
}

function withStep(factors: readonly Factor[], at: number, step: Factor): readonly Factor[] {
	return factors.map((factor, i) => (i === at ? step : factor));
}

type Mend = {
	readonly slip: string;
	readonly why: string;
	/** The steps as they should be; null where this is not what went wrong. */
	readonly mend: (factors: readonly Factor[], at: number, shift: string) => readonly Factor[] | null;
};

/** Ways a shift goes wrong, each with what would mend it. A way is one row. */
const MENDS: readonly Mend[] = [
	{
		slip: 'offset-backwards',
		why: 'goes the wrong way: it adds where it should take away, or the other way about. Which of the two zeros is lower?',
		mend: (factors, at, shift) => withStep(factors, at, { ...(factors[at] as Factor), shift: turnedSign(shift) }),
	},
	{
		slip: 'offset-short',
		why: 'leaves out the part after the point: 0 °C is 273.15 K.',
		mend: (factors, at, shift) =>
			/^\s*[-−+]?273\.?0*\s*$/.test(shift)
				? withStep(factors, at, { ...(factors[at] as Factor), shift: shift.replace(/273\.?0*/, '273.15') })
				: null,
	},
	{
		slip: 'offset-order',
		why: 'comes too late: shift first, in the degrees of the start, and then scale.',
		mend: (factors, at, shift) => {
			const { shift: _, ...scaling } = factors[at] as Factor;
			return [addingStep(shift), ...withStep(factors, at, scaling)];
		},
	},
	{
		slip: 'offset-order',
		why: 'comes too early: scale first, and then shift.',
		mend: (factors, at, shift) => {
			const { shift: _, ...scaling } = factors[at] as Factor;
			return [...withStep(factors, at, scaling), addingStep(shift)];
		},
	},
];

/** Judges the steps of a temperature reading that add: the shift between the zeros of two scales. */
function judgeReading(chain: Chain, scales: readonly [string, string], truth: Rational): VerdictLine | null {
	const { factors } = chain;
	if (comesTo(chain)?.equals(truth)) return null;
	const at = factors.findIndex(({ shift }) => shift !== undefined);
	if (at < 0)
		return wrong(
			`The scales of ${scales.join(' and ')} have their zeros in different places, so a temperature shifts as well as scales.`,
			undefined,
			'offset-missed',
		);
	for (const { slip, why, mend } of MENDS)
		for (const [i, { shift }] of factors.entries()) {
			const mended = shift === undefined ? null : mend(factors, i, shift);
			if (mended && comesTo({ ...chain, factors: mended })?.equals(truth))
				return wrong(`Step ${i + 1} ${why}`, i, slip);
		}
	return wrong(`Step ${at + 1} is not the distance between the two zeros, or not in the degrees that stand there.`, at);
}

/**
 * What is wrong with the steps of a line that add something; null where nothing is. A temperature reading must
 * come to its true value; a difference does not shift at all; of a mixed measure only whole parts are set aside.
 */
export function judgeShifts(chain: Chain, worked: WorkedChain, exercise: Exercise): VerdictLine | null {
	const { factors, start } = worked.read;
	const at = factors.findIndex(({ shift }) => shift !== null);
	const { want } = exercise;
	if ('mixed' in want || exercise.terms?.length) {
		const broken = factors.findIndex(({ shift }) => shift !== null && shift.value.d !== 1n);
		if ('mixed' in want && broken >= 0)
			return wrong(`Step ${broken + 1} sets aside a part that is not whole.`, broken, 'whole-included');
		if ('mixed' in want || at < 0) return null;
	}
	if (!('unit' in want)) return at < 0 ? null : wrong('Nothing is added on this line; it only scales.', at);
	if (exercise.difference) {
		if (at < 0) return null;
		return wrong(
			'A difference of temperatures does not shift: it is so many degrees wherever it begins.',
			at,
			'difference-shifted',
		);
	}
	const goal = worked.read.want;
	const scales = goal && likeUnits(start.top.unit, goal) && !start.bottom && (start.top.unit.offset || goal.offset);
	if (scales && start.top.number) {
		const { value, pi } = valueIn(start.top.number, start.top.unit, goal, false);
		return judgeReading(chain, [start.top.unit.text, goal.text], withPi(value, pi));
	}
	if (at < 0) return null;
	const key = keyOf(exercise as UnitExercise);
	const value = worked.value && withPi(worked.value.value, worked.value.pi);
	if (key.ok && value?.equals(withPi(key.value.value, key.value.pi))) return null;
	return wrong(`Nothing in the problem is added as in step ${at + 1}.`, at);
}
