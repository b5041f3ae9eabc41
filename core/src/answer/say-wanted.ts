import type { Exercise, Rounding } from '../exercise/exercise';
import { mustPlace } from '../exercise/must-place';
import { figuresText, placeText } from '../say/say-figures';
import { askedBy, asWorked, goalOf } from './answer-kinds';

/** The rounding that is asked for: "to the tenths", "to 3 figures"; null where the inputs decide. */
export function sayRounding(rounding: Rounding): string | null {
	if (typeof rounding !== 'object') return null;
	return 'place' in rounding ? `to ${placeText(rounding.place)}` : `to ${figuresText(rounding.significant)}`;
}

/** The form and the rounding that are asked for beside the unit: "in scientific form, to 3 figures"; '' where none is. */
export function sayAsked(exercise: Exercise): string {
	return [askedBy(exercise).form, sayRounding(asWorked(exercise).rounding)].filter(Boolean).join(', ');
}

/**
 * What is wanted, in words: the unit, and the form and rounding where they are asked for: "mm/min, to 3 figures".
 * @param unit the unit wanted as far as the student has said it; null where that is still to be said.
 */
export function sayWanted(exercise: Exercise, unit: string | null): string {
	return [askedBy(exercise).says(unit), sayAsked(exercise)].filter(Boolean).join(', ');
}

/**
 * What stands under a problem nobody has begun: where its quantities are still to be given their places, no unit is said yet.
 * @example sayWantedAtFirst(exercise) // 'Wanted: mm/min'
 */
export function sayWantedAtFirst(exercise: Exercise): string {
	return underProblem(exercise, mustPlace(exercise) ? null : goalOf(exercise));
}

/** Whether a line is asked for: '' where the answer itself is a block. */
function sayLineAsked(exercise: Exercise): string {
	const { line, answering } = askedBy(exercise);
	if (line === 'none') return 'No line is needed.';
	return answering.by === 'placing' ? '' : 'A line is optional.';
}

/**
 * What is wanted, as it stands under the problem, with the unit as far as it is said, and whether a line is asked for.
 * @example underProblem(exercise, 'mm/min') // 'Wanted: mm/min. A line is optional.'
 */
export function underProblem(exercise: Exercise, unit: string | null): string {
	return [`Wanted: ${sayWanted(exercise, unit)}.`, sayLineAsked(exercise)].filter(Boolean).join(' ');
}
