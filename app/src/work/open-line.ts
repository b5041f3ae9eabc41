import { mustPlace } from '@tidy-sum/core';
import { exerciseNamed, FIRST, isOwn } from './exercises';
import { needsLine } from './line-of-work';
import * as words from './words';
import type { Work } from './work';

/** A line that takes a block from the Shelf: the name of its exercise, and what it is called. */
export type OpenLine = { readonly name: string; readonly title: string };

/**
 * The line last worked, where a block can go on it: it has something to start from, and its exercise lies ready.
 * @param last the exercise last worked; null where none was, which is the first of the book.
 */
export function openLineOf(last: string | null, work: Work | null): OpenLine | null {
	if (last !== null && isOwn(last)) return work?.start ? { name: last, title: words.myOwnProblem } : null;
	const exercise = last === null ? FIRST : exerciseNamed(last);
	if (!exercise || !needsLine(exercise)) return null;
	const isBegun = !mustPlace(exercise) || (work?.placed.length ?? 0) > 0;
	return isBegun ? { name: exercise.name, title: exercise.title } : null;
}
