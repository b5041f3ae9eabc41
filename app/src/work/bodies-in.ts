import type { WorkBody } from '@tidy-sum/schema';
import { type KeptTries, keptTriesOf } from '../worker/kept-tries';
import type { WorkEntry, WorksState } from './works-reducer';

/** All pieces of work of a desk, as they are kept. */
export function bodiesIn({ byId }: WorksState): readonly WorkBody[] {
	return Object.values(byId).map(({ body }) => body);
}

const known = new WeakMap<WorkBody, KeptTries>();

function freshOf(entry: WorkEntry): KeptTries {
	const before = known.get(entry.body);
	if (before) return before;
	const made = keptTriesOf(entry);
	known.set(entry.body, made);
	return made;
}

let last: Readonly<Record<string, KeptTries>> = {};

/**
 * The tries of the pieces whose steps are read, and of those the server told of, by id. It is the same as before where nothing
 * was tried since.
 */
export function freshTries({ byId }: WorksState): Readonly<Record<string, KeptTries>> {
	const entries = Object.values<WorkEntry>(byId).filter(({ away, body }) => !away || body.tries !== undefined);
	const fresh = Object.fromEntries(entries.map((entry) => [entry.id, freshOf(entry)]));
	const ids = Object.keys(fresh);
	const isSame = ids.length === Object.keys(last).length && ids.every((id) => last[id]?.[1] === fresh[id]?.[1]);
	if (!isSame) last = fresh;
	return last;
}
