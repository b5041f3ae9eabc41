import type { BookExercise } from '@tidy-sum/core';
import { exerciseOf, isOwn } from './exercises';
import { chainOf } from './line-of-work';
import { verdictOf } from './sent';
import * as words from './words';
import { type Work, workOf } from './work';
import type { WorkEntry, WorksState } from './works-reducer';

/** How far an exercise is. */
export type HowFar = 'not-begun' | 'begun' | 'not-right' | 'shown' | 'right' | 'right-shown';

/** Whether an exercise was worked to a right answer, with or without its line shown. */
export function isRight(state: HowFar): boolean {
	return state === 'right' || state === 'right-shown';
}

/** How far an exercise is, in words. */
export const SAYS_HOW_FAR: Readonly<Record<HowFar, string>> = {
	'not-begun': words.notStarted,
	begun: words.started,
	'not-right': words.checkedNotRightYet,
	shown: words.lineWasShown,
	right: 'right',
	'right-shown': words.rightLineWasShown,
};

/** The work on an exercise; null where there is none. */
export function workNamed(works: WorksState, name: string): Work | null {
	const entry = works.byId[works.open[name] ?? ''];
	return entry ? workOf(entry.body) : null;
}

/** Whether something was done on the line of an exercise; that a problem was posed does not count. */
export function isBegun(name: string, work: Work | null): work is Work {
	if (work === null) return false;
	const { blocks, answer, start, text } = work;
	return blocks.length > 0 || answer !== '' || (!isOwn(name) && (start !== null || text !== ''));
}

/** How far an exercise is by the work on it. */
export function howFar(exercise: BookExercise, work: Work | null): HowFar {
	if (!isBegun(exercise.name, work)) return 'not-begun';
	if (!work.checked) return 'begun';
	const judged = verdictOf(exercise, work, chainOf(exercise, work));
	const right = judged?.ok === true && judged.value.right;
	if (!right) return work.shown ? 'shown' : 'not-right';
	return work.shown ? 'right-shown' : 'right';
}

/** What was found for the same work before: a list asks for many, and asks again at each touch. */
const known = new WeakMap<Work, HowFar>();

/** How far an exercise is whose steps are not here yet: by its tries, of which the last tells. */
function howFarAway({ body: { tries }, away }: WorkEntry): HowFar {
	if (away?.here !== undefined) return isHowFar(away.here) ? away.here : 'begun';
	const last = tries?.at(-1);
	if (!last) return away?.steps || away?.tries ? 'begun' : 'not-begun';
	if (last.right) return last.shown ? 'right-shown' : 'right';
	return last.shown ? 'shown' : 'not-right';
}

function isHowFar(text: string): text is HowFar {
	return Object.hasOwn(SAYS_HOW_FAR, text);
}

/** How far the exercise of a name is, whether or not there is work on it. */
export function howFarNamed(works: WorksState, name: string): HowFar {
	const entry = works.byId[works.open[name] ?? ''];
	return entry ? howFarOf(entry) : 'not-begun';
}

/** How far the exercise of a piece of work is. */
export function howFarOf(entry: WorkEntry): HowFar {
	if (entry.away) return howFarAway(entry);
	const work = workOf(entry.body);
	const name = entry.body.exercise;
	const before = known.get(work);
	if (before) return before;
	const exercise = exerciseOf(name, work);
	// An exercise of a Round is there once its Round is made.
	if (!exercise) return 'not-begun';
	const state = howFar(exercise, work);
	known.set(work, state);
	return state;
}
