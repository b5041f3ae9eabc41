import type { KeptTry, Step, WorkBody } from '@tidy-sum/schema';
import { TRIES_LIMIT } from '@tidy-sum/schema/limits';
import { dequal } from 'dequal';
import { continues } from './history';
import { BROUGHT, DRAFT, QUERIES, SHELF } from './list-names';
import { signOf } from './sign-of';

/** The tries of both, each once, in the order they were made. */
function triesOf(mine: WorkBody, theirs: WorkBody): Pick<WorkBody, 'tries'> {
	const byTime = new Map<string, KeptTry>();
	for (const one of [...(theirs.tries ?? []), ...(mine.tries ?? [])]) {
		const key = `${one.when} ${one.answer}`;
		// Where one of the two knows its slips, that one holds.
		if (!one.unnamed || !byTime.has(key)) byTime.set(key, one);
	}
	const tries = [...byTime.values()].sort((a, b) => a.when - b.when).slice(-TRIES_LIMIT);
	return tries.length ? { tries } : {};
}

const LISTS: ReadonlySet<string> = new Set([SHELF, BROUGHT, QUERIES]);

/** Whether lists that go on for ever have this name, as the Shelf and what was brought. Steps of both make one list. */
export function isList(name: string): boolean {
	return LISTS.has(name);
}

/** How many steps two histories have in common at their beginning. */
function commonSteps(a: readonly Step[], b: readonly Step[]): number {
	const at = a.findIndex((step, i) => !dequal(step, b[i]));
	return at < 0 ? a.length : at;
}

/** Steps as they can follow others: an undo that would reach back before them is left out, and so is a redo. */
function standingAlone(steps: readonly Step[]): readonly Step[] {
	let done = 0;
	let undone = 0;
	return steps.filter(({ do: does }) => {
		if (does === 'undo') {
			if (done === 0) return false;
			done -= 1;
			undone += 1;
		} else if (does === 'redo') {
			if (undone === 0) return false;
			undone -= 1;
			done += 1;
		} else {
			done += 1;
			undone = 0;
		}
		return true;
	});
}

/** One list of two: the steps of the first, and those of the second that it has not. */
function mergedList(first: readonly Step[], second: readonly Step[]): readonly Step[] {
	const more = standingAlone(second.slice(commonSteps(first, second)));
	// What is taken back and brought back goes by its place; else a step both have done is done once.
	if (more.some(({ do: does }) => does === 'undo' || does === 'redo')) return [...first, ...more];
	const here = new Set(first.map((step) => signOf(step)));
	return [...first, ...more.filter((step) => !here.has(signOf(step)))];
}

/**
 * What two bodies of the same work come to; null where each went on by itself and both are to be kept. Where one goes on from
 * the other it is that one; of a list the steps of both make one, those of the first first.
 */
export function mergedBody(first: WorkBody, second: WorkBody): WorkBody | null {
	// A name is only ever given to a draft.
	const exercise = first.exercise === DRAFT ? second.exercise : first.exercise;
	const rest = { exercise, ...triesOf(first, second) };
	if (continues(first, second)) return { ...first, ...rest };
	if (continues(second, first)) return { ...second, ...rest };
	if (!isList(first.exercise)) return null;
	return { ...first, steps: [...mergedList(first.steps, second.steps)] };
}

/**
 * A list with what another list of the same name has beside it, where that is anything: two devices that knew nothing of each
 * other may each have begun one.
 */
export function withOtherList(mine: WorkBody, other: WorkBody): WorkBody {
	const here = new Set(mine.steps.map((step) => signOf(step)));
	const isNew = (step: Step) => step.do !== 'undo' && step.do !== 'redo' && !here.has(signOf(step));
	return other.steps.some(isNew) ? { ...mine, steps: [...mergedList(other.steps, mine.steps)] } : mine;
}
