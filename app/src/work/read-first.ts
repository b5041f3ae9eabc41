import { isOwn } from './exercises';
import { GUIDED } from './list-names';
import { isList } from './merged-body';
import { isSheet } from './sheet';
import type { WorkEntry, WorksState } from './works-reducer';

/** How many of the pieces touched last are read at the start, of those that may be half done: Today shows the first of them. */
const RECENT = 12;

/** What is listed by what is in it: lists, sheets, problems of one's own; and what is begun anew where something stands on it. */
export function isNeededWhole(exercise: string): boolean {
	return isOwn(exercise) || isSheet(exercise) || isList(exercise) || exercise === GUIDED;
}

/** Whether a piece may be half done, as far as the index tells. */
function mayBeHalfDone({ away }: WorkEntry): boolean {
	return away?.here === 'begun' || away?.here === 'not-right';
}

/**
 * The pieces whose steps are read as the desk is opened: what lists show, what is still to be sent, what was worked last, and
 * what the address names. The steps of all others are read when they are opened.
 * @param path the address of the page.
 */
export function readFirst({ byId, open, last }: WorksState, path: string): readonly string[] {
	const here = Object.values<WorkEntry>(byId).filter(({ away }) => away?.here !== undefined);
	const named = new Set([last, path.split('/')[2] ?? null]);
	const recent = [...here]
		.filter(mayBeHalfDone)
		.sort((a, b) => (b.touched ?? 0) - (a.touched ?? 0))
		.slice(0, RECENT);
	const needed = here.filter(
		({ id, ahead, body: { exercise } }) =>
			ahead || isNeededWhole(exercise) || (named.has(exercise) && open[exercise] === id),
	);
	return [...new Set([...needed, ...recent].map(({ id }) => id))];
}
