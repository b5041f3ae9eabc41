import type { Exercise, Want, WantField } from '../exercise/exercise';
import type { Outcome } from '../numeral/fault';
import { type AnswerKind, type Asked, askedOf, type Solution } from './answer-kind';
import { count } from './count';
import { mixed } from './mixed';
import { oneFactor } from './one-factor';
import { quantity } from './quantity/quantity';
import { severalUnits } from './several-units';
import { wrongBlock } from './wrong-block';

/** All kinds of answers, by the field of `want` that asks for them. To add one is to add a file and a row. */
const KINDS: { readonly [K in WantField]: AnswerKind<K> } = {
	unit: quantity,
	mixed,
	units: severalUnits,
	figures: count,
	factor: oneFactor,
	slip: wrongBlock,
};

/**
 * The field of what is wanted by which its kind is known, as the type and the schema of `want` see to.
 * @throws TypeError where it has none.
 */
export function wantFieldOf(want: Want): WantField {
	const field = (Object.keys(KINDS) as WantField[]).find((one) => one in want);
	if (!field) throw new TypeError('This problem does not say what to find.');
	return field;
}

/** A kind behind the one question that can be put to any: is this exercise yours? */
function opened<K extends WantField>(field: K): (exercise: Exercise) => Asked | null {
	const kind: AnswerKind<K> = KINDS[field];
	return (exercise) => askedOf(kind, exercise);
}

const ALL = (Object.keys(KINDS) as WantField[]).map(opened);

/** The kind of answer an exercise asks for, with the exercise in hand; null where its `want` has no field of any. */
export function answerKindOf(exercise: Exercise): Asked | null {
	for (const kind of ALL) {
		const asked = kind(exercise);
		if (asked) return asked;
	}
	return null;
}

/**
 * The same for an exercise that is known to ask for one, as the type and the schema of `want` see to.
 * @throws TypeError where it does not.
 */
export function askedBy(exercise: Exercise): Asked {
	const asked = answerKindOf(exercise);
	if (!asked) throw new TypeError('This problem does not say what to find.');
	return asked;
}

/**
 * An exercise as it is worked and judged: its numbers with points, the rules of its class written into it, a measure in
 * parts of a rate as one quantity. One that is so already is returned as it is.
 */
export function asWorked<E extends Exercise>(exercise: E): E {
	return (answerKindOf(exercise)?.exercise ?? exercise) as E;
}

/** The unit the line of an exercise ends at; of a mixed measure the smallest; null where it is worked on no line. */
export function goalOf(exercise: Exercise): string | null {
	return askedBy(exercise).goal;
}

/** The worked solution of an exercise, whatever is wanted; shown only to one who asks for it. */
export function solutionOf(exercise: Exercise): Outcome<Solution> {
	return askedBy(exercise).solve();
}

/** The units of a measure that is wanted in parts, but for the smallest: ft of ft and in; none of any other answer. */
export function largerUnits(exercise: Exercise): readonly string[] {
	const { adding, units } = askedBy(exercise);
	return adding === 'wholes-aside' ? units.slice(0, -1) : [];
}
