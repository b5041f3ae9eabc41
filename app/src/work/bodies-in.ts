import type { Try } from '@tidy-sum/core';
import type { Tried } from '@tidy-sum/core/practice';
import type { WorkBody } from '@tidy-sum/schema';
import type { WorksState } from './works-slice';

/** All pieces of work of a desk, as they are kept. */
export function bodiesIn({ byId }: WorksState): readonly WorkBody[] {
	return Object.values(byId).map(({ body }) => body);
}

const stripped = new WeakMap<NonNullable<WorkBody['tries']>, readonly Try[]>();

/** Tries without the line and the answer they were made with. */
function bare(tries: NonNullable<WorkBody['tries']>): readonly Try[] {
	const before = stripped.get(tries);
	if (before) return before;
	const made = tries.map(({ answer: _, start: __, factors: ___, ...one }) => one);
	stripped.set(tries, made);
	return made;
}

let last: readonly Tried[] = [];

/**
 * What was tried, without lines and answers: no more than what the Record goes by crosses to the worker. It is the same list as
 * before where nothing was tried since.
 */
export function triedIn(works: WorksState): readonly Tried[] {
	const tried = bodiesIn(works).flatMap(({ exercise, tries }) =>
		tries?.length ? [{ exercise, tries: bare(tries) }] : [],
	);
	const isSame = tried.length === last.length && tried.every((one, i) => isOf(one, last[i]));
	if (!isSame) last = tried;
	return last;
}

function isOf(one: Tried, before: Tried | undefined): boolean {
	return one.exercise === before?.exercise && one.tries === before.tries;
}
