import type { KeptTry, Step, WorkBody } from '@tidy-sum/schema';
import { TRIES_LIMIT } from '@tidy-sum/schema/limits';
import { dequal } from 'dequal';
import { continues } from './history';
import { BROUGHT, CLASSES, DRAFT, QUERIES, SHELF } from './list-names';
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

const LISTS: ReadonlySet<string> = new Set([SHELF, BROUGHT, QUERIES, CLASSES]);

/** Whether lists that go on for ever have this name, as the Shelf and what was brought. Steps of both make one list. */
export function isList(name: string): boolean {
	return LISTS.has(name);
}

/** How many steps two histories have in common at their beginning. */
function commonSteps(a: readonly Step[], b: readonly Step[]): number {
	const at = a.findIndex((step, i) => !dequal(step, b[i]));
	return at < 0 ? a.length : at;
}

/** Each step with whether it holds after all undoing and redoing among them; an undo that reaches back before them is left out. */
function heldOrUndone(steps: readonly Step[]): readonly { readonly step: Step; readonly isUndone: boolean }[] {
	const all: { readonly step: Step; isUndone: boolean }[] = [];
	const done: { isUndone: boolean }[] = [];
	let undone: { isUndone: boolean }[] = [];
	const move = (from: { isUndone: boolean }[], to: { isUndone: boolean }[], isUndone: boolean) => {
		const one = from.pop();
		if (one) to.push(Object.assign(one, { isUndone }));
	};
	for (const step of steps) {
		if (step.do === 'undo') move(done, undone, true);
		else if (step.do === 'redo') move(undone, done, false);
		else {
			const one = { step, isUndone: false };
			all.push(one);
			done.push(one);
			undone = [];
		}
	}
	return all;
}

const UNDO: Step = { do: 'undo' };

/**
 * One list of two: the steps of the first, and those of the second that it has not, each once. However often two that differ
 * in their order are merged, nothing is added again.
 */
function mergedList(first: readonly Step[], second: readonly Step[]): readonly Step[] {
	const here = new Set(first.map((step) => signOf(step)));
	const more = heldOrUndone(second.slice(commonSteps(first, second))).filter(({ step }) => {
		const isNew = !here.has(signOf(step));
		here.add(signOf(step));
		return isNew;
	});
	return [...first, ...more.flatMap(({ step, isUndone }) => (isUndone ? [step, UNDO] : [step]))];
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
