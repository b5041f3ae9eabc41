import type { Chain, Factor } from '../chain/chain';
import type { ReadFactor } from '../chain/read-chain';
import { hasStep, type WorkedChain, workChain } from '../chain/work-chain';
import type { Exercise, UnitExercise } from '../exercise/exercise';
import { statedBy } from '../exercise/is-stated';
import { withPi } from '../numeral/pi';
import type { Rational } from '../numeral/rational';
import { valueIn } from '../quantity/convert';
import { type Quantity, readQuantity } from '../quantity/quantity';
import { likeUnits } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';
import { type AskedFigures, askedFrom, type Key } from './key';

/** A line of the student's own beside an answer, and whether it holds from its start to what is wanted. */
export type OwnLine = { readonly chain: Chain; readonly holds: boolean };

/** A block as its figures count: one of the problem's facts, however it is written, has the figures of that fact. */
function asStated(factor: Factor, worked: WorkedChain, at: number, exercise: Exercise): Factor {
	const read = worked.read.factors[at];
	const fact =
		read && factor.exact === undefined && factor.figures === undefined ? statedBy(read, exercise) : undefined;
	if (!fact) return factor;
	const exact = fact.exact === undefined ? {} : { exact: fact.exact };
	return { ...factor, top: fact.left, bottom: fact.right, given: true, ...exact };
}

/**
 * The figures of a student's own line: those of the quantity that is asked about, of the facts of the problem, and of
 * what the student has taken on the way, as they are written.
 */
function figuresOfOwn(exercise: Exercise, chain: Chain, worked: WorkedChain, start = exercise.start) {
	const counted = workChain({
		start: start ?? chain.start,
		exactStart: exercise.exactStart ?? chain.exactStart ?? false,
		...(chain.startFigures === undefined ? {} : { startFigures: chain.startFigures }),
		...(exercise.parts === undefined ? {} : { parts: exercise.parts }),
		factors: chain.factors.map((factor, i) => asStated(factor, worked, i, exercise)),
	});
	return counted.ok ? counted.value : worked;
}

/** How often the start of a range goes into its other end. */
function timesStart(start: Quantity, until: Quantity): Rational | null {
	const [a, b] = [readQuantity(start, { counted: true }), readQuantity(until, { counted: true })];
	if (!a.ok || !b.ok || !a.value.number || !b.value.number || a.value.number.value.sign === 0) return null;
	const { value, pi } = valueIn(b.value.number, b.value.unit, a.value.unit, true);
	return withPi(value, pi).div(withPi(a.value.number.value, a.value.number.pi));
}

function isPart({ step }: ReadFactor): boolean {
	return step?.kind.begins ?? false;
}

function isOther({ step }: ReadFactor): boolean {
	return step !== null && !step.kind.begins;
}

/**
 * The key by a line of the student's own that holds: its exact value, its own figures, its limiting inputs; a rounding
 * that is asked stays asked (contract, "The student's own line decides").
 * @param until the other end of a range, which is worked by the same factors.
 * @returns the key; null where the line shifts or sets aside, so that the exercise's own key holds.
 */
export function keyOfOwn(exercise: UnitExercise, { chain }: OwnLine, until?: Quantity): Key | null {
	const want = parseUnit(exercise.want.unit, { counted: true });
	const made = workChain(chain);
	if (!want.ok || !made.ok) return null;
	const { factors } = made.value.read;
	// A sum of parts is judged by its own line. A shift adds the same on every line, so the exercise's key holds.
	if (exercise.terms?.length ? !factors.some(isPart) || factors.some(isOther) : hasStep(made.value.read)) return null;
	const { value, unit } = made.value;
	if (!value || !likeUnits(unit, want.value)) return null;
	const { start } = exercise;
	const times = until && start && !('top' in start) ? timesStart(start, until) : null;
	if (until && !times) return null;
	const { value: scaled, pi } = valueIn(
		times ? { ...value, value: value.value.mul(times) } : value,
		unit,
		want.value,
		true,
	);
	const counts = exercise.terms?.length ? chain.start : (until ?? exercise.start);
	const { significant, atMost, limitedBy, place } = figuresOfOwn(exercise, chain, made.value, counts);
	const own: AskedFigures =
		significant === null || atMost === null
			? null
			: place === null
				? { kind: 'count', from: significant, to: atMost }
				: { kind: 'place', place };
	return { value: scaled, pi, unit: want.value, ...askedFrom(exercise, own, scaled, pi), limitedBy, chain };
}

/** The value of a line as a key of its own: in the unit at its end, with the figures the line gives it. */
export function keyOfLine(chain: Chain): Key | null {
	const worked = workChain(chain);
	if (!worked.ok || !worked.value.value) return null;
	const { value, unit, significant, atMost, limitedBy } = worked.value;
	const asked: AskedFigures =
		significant === null || atMost === null ? null : { kind: 'count', from: significant, to: atMost };
	return { ...value, unit, asked, exact: null, limitedBy, chain };
}

/** A line with nothing set aside: the value of its whole start. */
export function withoutAside(chain: Chain): Chain {
	return {
		...chain,
		factors: chain.factors.map(({ shift: _, aside: __, ...factor }) => factor),
	};
}
