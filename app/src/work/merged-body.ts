import { TRIES_LIMIT, type WorkBody } from '@tidy-sum/schema';
import { continues, historyOf } from './history';
import { BROUGHT, DRAFT, SHELF } from './list-names';

/** The tries of both, each once, in the order they were made. */
function triesOf(mine: WorkBody, theirs: WorkBody): Pick<WorkBody, 'tries'> {
	const byTime = new Map(
		[...(theirs.tries ?? []), ...(mine.tries ?? [])].map((one) => [`${one.when} ${one.answer}`, one]),
	);
	const tries = [...byTime.values()].sort((a, b) => a.when - b.when).slice(-TRIES_LIMIT);
	return tries.length ? { tries } : {};
}

/** Names under which lists lie that go on for ever: one's own Shelf and what was brought. Steps of both make one list. */
export function isList(name: string): boolean {
	return name === SHELF || name === BROUGHT;
}

/** What two bodies of the same work come to; null where each went on by itself and both are to be kept. */
export function mergedBody(mine: WorkBody, theirs: WorkBody): WorkBody | null {
	// A name is only ever given to a draft.
	const exercise = mine.exercise === DRAFT ? theirs.exercise : mine.exercise;
	const rest = { exercise, ...triesOf(mine, theirs) };
	if (continues(mine, theirs)) return { ...mine, ...rest };
	if (continues(theirs, mine)) return { ...theirs, ...rest };
	if (!isList(mine.exercise)) return null;
	const here = new Set(mine.steps.map((step) => JSON.stringify(step)));
	const more = historyOf(theirs).done.filter((step) => !here.has(JSON.stringify(step)));
	return { ...mine, steps: [...mine.steps, ...more] };
}
