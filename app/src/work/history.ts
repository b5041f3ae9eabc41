import type { Step, WorkBody } from '@tidy-sum/schema';
import { dequal } from 'dequal';

/** The steps that hold after all undoing and redoing, and those that were undone and can be redone, the next one last. */
export type History = {
	readonly done: readonly Step[];
	readonly undone: readonly (readonly Step[])[];
};

/** Whether undo passes over a step: one that changes nothing one can see, and a text that came with a sheet. */
function isSilent(step: Step | undefined): boolean {
	return step?.do === 'nudge' || step?.do === 'uncover' || (step?.do === 'pose' && step.given === true);
}

const known = new WeakMap<readonly Step[], History>();

/**
 * What the steps of a piece of work come to as a history. Undo takes back the last step one can see, with what nobody
 * sees after it; redo brings back what was undone last, as long as nothing else was done since.
 */
export function historyOf({ steps }: WorkBody): History {
	const before = known.get(steps);
	if (before) return before;
	const done: Step[] = [];
	let undone: (readonly Step[])[] = [];
	for (const step of steps) {
		if (step.do === 'undo') {
			let at = done.length - 1;
			while (at >= 0 && isSilent(done[at])) at -= 1;
			if (at >= 0) undone.push(done.splice(at));
		} else if (step.do === 'redo') done.push(...(undone.pop() ?? []));
		else {
			done.push(step);
			if (!isSilent(step)) undone = [];
		}
	}
	const made = { done, undone };
	known.set(steps, made);
	return made;
}

/**
 * What the steps that hold come to, one after another; known again for the same steps. Several done with one touch are
 * taken one by one.
 * @example const shelfOf = folding(EMPTY, after) // shelfOf(body): the Shelf after every step
 */
export function folding<T>(empty: T, after: (value: T, step: Step) => T): (body: WorkBody | undefined) => T {
	const known = new WeakMap<readonly Step[], { readonly value: T }>();
	const each = (value: T, step: Step): T =>
		step.do === 'together' ? step.steps.reduce<T>(each, value) : after(value, step);
	return (body) => {
		if (!body) return empty;
		const before = known.get(body.steps);
		if (before) return before.value;
		const value = historyOf(body).done.reduce(each, empty);
		known.set(body.steps, { value });
		return value;
	};
}

/** Whether there is something to undo. */
export function canUndo(body: WorkBody): boolean {
	return historyOf(body).done.some((step) => !isSilent(step));
}

/** Whether there is something to redo. */
export function canRedo(body: WorkBody): boolean {
	return historyOf(body).undone.length > 0;
}

/**
 * A body in which nothing has been done yet.
 * @param posed the exercise itself, to be kept with the work.
 */
export function freshBody(exercise: string, posed?: WorkBody['posed']): WorkBody {
	return { exercise, ...(posed ? { posed } : {}), steps: [] };
}

/** Steps that pose a problem of one's own; all others work on it. */
const POSES: ReadonlySet<Step['do']> = new Set([
	'pose',
	'mark',
	'start',
	'exactStart',
	'unstart',
	'difference',
	'state',
	'unstate',
	'want',
	'ask',
	'round',
	'entitle',
	'paste',
] as const);

/** What poses a problem of one's own, as it stands: the steps that hold, without what was done on its line. */
export function posingOf(body: WorkBody): readonly Step[] {
	return historyOf(body).done.flatMap((step): readonly Step[] => {
		if (step.do !== 'together') return POSES.has(step.do) ? [step] : [];
		const steps = step.steps.filter((one) => POSES.has(one.do));
		return steps.length ? [{ do: 'together', steps }] : [];
	});
}

/** What a step types into, for those that are typed: going on typing there is one step. */
function typesInto(step: Step | undefined): string | null {
	switch (step?.do) {
		case 'answer':
		case 'pose':
		case 'paste':
		case 'entitle':
			return step.do;
		case 'want':
		case 'ask':
			return 'want';
		case 'start':
		case 'unstart':
			return 'start';
		case 'write':
			return `write ${step.block} ${step.side}`;
		default:
			return null;
	}
}

function typesOn(before: Step | undefined, after: Step | undefined): boolean {
	const into = typesInto(before);
	return into !== null && into === typesInto(after);
}

/** The body with one more step. Nothing is ever cut; typing on in the same place is one step. */
export function withStep(body: WorkBody, step: Step): WorkBody {
	const { steps } = body;
	return { ...body, steps: typesOn(steps.at(-1), step) ? [...steps.slice(0, -1), step] : [...steps, step] };
}

/** Whether one history goes on from another: its steps come first, but for what was typed on. */
export function continues(later: WorkBody, earlier: WorkBody): boolean {
	return earlier.steps.every((step, i) => {
		const mine = later.steps[i];
		const typedOn = i === earlier.steps.length - 1 && typesOn(step, mine);
		return typedOn || dequal(mine, step);
	});
}
