import {
	askedBy,
	type BookExercise,
	type Chain,
	goalOf,
	mustPlace,
	parseUnit,
	type Start,
	turnedStart,
	withStatedFigures,
} from '@tidy-sum/core';
import { dequal } from 'dequal';
import { isOwn } from './exercises';
import { legibleFactor } from './legible-factor';
import type { Work } from './work';

/** What of the work its line is made of. */
export type LineParts = Pick<Work, 'start' | 'startFigures' | 'turned' | 'want' | 'blocks'>;

/** Whether the exercise itself tells where the line starts and ends; work begun before places were asked for goes on. */
function isGiven(exercise: BookExercise, { blocks }: Pick<Work, 'blocks'>): boolean {
	return !isOwn(exercise.name) && (!mustPlace(exercise) || blocks.length > 0);
}

/** What the line starts from; null until the student has said. */
export function startOf(exercise: BookExercise, work: Pick<Work, 'start' | 'turned' | 'blocks'>): Start | null {
	// Of a problem of one's own the exercise has what was said, with a measure in parts of a rate in one.
	const said = work.start && isOwn(exercise.name) ? exercise.start : work.start;
	const start = said ?? (isGiven(exercise, work) ? exercise.start : null);
	return start && work.turned ? turnedStart(start) : start;
}

/** The unit the line is to end at; null until the student has said. */
export function wantOf(exercise: BookExercise, work: Pick<Work, 'want' | 'blocks'>): string | null {
	if (work.want !== null) return work.want;
	return isGiven(exercise, work) ? goalOf(exercise) : null;
}

/** The chain the core works: what the line starts from and the blocks placed. */
export function chainOf(exercise: BookExercise, work: LineParts): Chain {
	const start = startOf(exercise, work);
	const want = wantOf(exercise, work);
	// A start that was given its place is the one the exercise tells, unless it is another quantity.
	const isTold = work.start === null || isOwn(exercise.name) || dequal(work.start, exercise.start);
	const exact = exercise.exactStart !== undefined && isTold ? { exactStart: exercise.exactStart } : {};
	const chain = {
		start: start ?? { number: '', unit: '' },
		...exact,
		...(exercise.parts === undefined ? {} : { parts: exercise.parts }),
		...(work.startFigures === null ? {} : { startFigures: work.startFigures }),
		factors: work.blocks.map(({ factor }) => legibleFactor(factor)),
		...(want !== null && parseUnit(want, { counted: true }).ok ? { want } : {}),
	};
	return withStatedFigures(chain, exercise);
}

/** Whether an exercise is worked on a line at all. */
export function needsLine(exercise: BookExercise): boolean {
	return askedBy(exercise).line !== 'none';
}

/** What is sent to the check: what was written, or the one block where that is the answer. */
export function answerOf(exercise: BookExercise, { answer, blocks }: Pick<Work, 'answer' | 'blocks'>): string {
	const { answering } = askedBy(exercise);
	const factor = blocks[0]?.factor;
	return answering.by === 'placing' && factor ? answering.written(factor) : answer;
}
