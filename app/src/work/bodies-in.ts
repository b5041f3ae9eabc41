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

/** What was tried, without lines and answers: no more than what the Record goes by crosses to the worker. */
export function triedIn(works: WorksState): readonly Tried[] {
	return bodiesIn(works).flatMap(({ exercise, tries }) => (tries?.length ? [{ exercise, tries: bare(tries) }] : []));
}
