import { BOOK, type BookExercise, bookExercise, type Exercise, placeInRound } from '@tidy-sum/core';
import { NOTHING, roundExercise } from './made-rounds';
import { readText } from './own-reader';
import type { Work } from './work';

/** Problems of one's own have names that begin so. */
const OWN = 'own-';

/** Whether a name is that of a problem of one's own. */
export function isOwn(name: string): boolean {
	return name.startsWith(OWN);
}

/** The name of a problem of one's own, from a fresh id. */
export function ownName(id: string): string {
	return `${OWN}${id.toLowerCase().replace(/[^a-z0-9-]/g, '')}`;
}

/** The exercise one begins with: the first of the book. */
export const FIRST = BOOK[0] as BookExercise;

/** The exercise of this name, of the book or of a Round that lies ready; undefined where there is none. */
export function exerciseNamed(name: string): BookExercise | undefined {
	return bookExercise(name) ?? roundExercise(name);
}

/** What of the work a problem of one's own is made of. */
export type Told = Pick<
	Work,
	'text' | 'placed' | 'stated' | 'start' | 'until' | 'terms' | 'difference' | 'want' | 'wantParts'
>;

/** An exercise of a Round as it was kept with the work on it; undefined where none was. */
export function posedExercise(name: string, posed: Exercise | null): BookExercise | undefined {
	const at = placeInRound(name);
	return posed && at
		? { start: NOTHING, ...posed, name, title: `Exercise ${at.place + 1} of its Round`, trains: '' }
		: undefined;
}

/** A problem of one's own as an exercise: what its text tells, and what the student has said. */
export function ownExercise(name: string, own: Told): BookExercise {
	const { text, placed, stated, start, until, terms, difference, want, wantParts } = own;
	const told = readText(text);
	const role = (at: readonly [number, number]) =>
		placed.find((one) => one.at[0] === at[0] && one.at[1] === at[1])?.role ?? 'spare';
	return {
		name,
		title: 'A problem of my own',
		trains: '',
		prompt: text,
		marks: told.numbers.map(({ at }) => ({ at, role: role(at) })),
		start: start ?? { number: '', unit: '' },
		...(until ? { until } : {}),
		...(terms.length ? { terms } : {}),
		...(difference ? { difference } : {}),
		facts: stated,
		want: wantParts.length > 1 ? { mixed: wantParts } : { unit: want ?? '' },
		rounding: told.rounding ?? 'figures',
	};
}

/** The exercise of this name, worked as far as it is; undefined where there is none of that name. */
export function exerciseOf(name: string, told: Told & Pick<Work, 'posed'>): BookExercise | undefined {
	return isOwn(name) ? ownExercise(name, told) : (exerciseNamed(name) ?? posedExercise(name, told.posed));
}

/** Whether the student must first give the quantities of the problem their places: there is more than one. */
export function mustPlace({ marks = [] }: BookExercise): boolean {
	return marks.length > 1;
}
