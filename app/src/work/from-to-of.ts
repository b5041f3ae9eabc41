import { type BookExercise, type FromTo, fromTo, mustPlace } from '@tidy-sum/core';

const OPEN: FromTo = { from: '', to: '' };

/**
 * What a list shows of a problem: its start and its wanted units. Where the student has to find the start, both are open until the
 * answer is right.
 * @example fromToOf(exercise, false) // { from: '2.75 in/h', to: 'mm/min' }
 */
export function fromToOf(exercise: BookExercise, isDone: boolean): FromTo {
	return mustPlace(exercise) && !isDone ? OPEN : fromTo(exercise);
}
