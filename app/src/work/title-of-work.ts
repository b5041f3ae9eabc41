import { bookExercise, placeInRound, shownCode } from '@tidy-sum/core';
import { exerciseOf } from './exercises';
import { workNamed } from './how-far';
import * as words from './words';
import type { WorksState } from './works-reducer';

/** What an exercise is called where it stands among others: an exercise of a Round by its place in it. */
export function titleOfWork(works: WorksState, name: string): string {
	const at = placeInRound(name);
	if (at) return words.exerciseOfRound(at.place + 1, shownCode(at.code));
	const inBook = bookExercise(name);
	if (inBook) return inBook.title;
	const work = workNamed(works, name);
	return (work && exerciseOf(name, work)?.title) ?? name;
}
