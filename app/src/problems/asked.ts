import { CHAPTERS } from '@tidy-sum/core';
import { type HowFar, isRight } from '../work/how-far';
import * as words from './words';

/** How far a problem is to be that one looks for. */
export const STATES = [
	{ value: 'any', label: 'all' },
	{ value: 'new', label: words.notStarted },
	{ value: 'open', label: words.startedNotRightYet },
	{ value: 'right', label: 'right' },
] as const;

/** The kinds of problems one can look for: one's own, or a chapter of the book. */
export const KINDS: readonly { readonly value: string; readonly label: string }[] = [
	{ value: 'any', label: 'all' },
	{ value: 'own', label: words.myOwn },
	...CHAPTERS.map(({ title }) => ({ value: kindOf(title), label: title })),
];

/** The kind of the exercises of a chapter, as an address has it. */
export function kindOf(chapter: string): string {
	return chapter.toLowerCase().replace(/ /g, '-');
}

type State = (typeof STATES)[number]['value'];

/** What one looks for among the problems: words, and how far they are. */
export type Asked = { readonly search: string; readonly state: State };

/** Whether how far a problem is fits what one looks for. */
export function isIn(state: State, howFar: HowFar): boolean {
	switch (state) {
		case 'any':
			return true;
		case 'new':
			return howFar === 'not-begun';
		case 'open':
			return howFar !== 'not-begun' && !isRight(howFar);
		case 'right':
			return isRight(howFar);
	}
}

/** A state one can look for, by its name in an address; all of them where it is none. */
export function stateNamed(name: string | undefined): State {
	return STATES.find(({ value }) => value === name)?.value ?? 'any';
}

/** A kind one can look for, by its name in an address; all of them where it is none. */
export function kindNamed(name: string | undefined): string {
	return KINDS.find(({ value }) => value === name)?.value ?? 'any';
}
