import { BOOK, type BookExercise, bookExercise, type Chain, type Factor, turnedFactor } from '@tidy-sum/core';
import type { Step, WorkBody } from '@tidy-sum/schema';

/** A factor on the line, with the name it was placed under. */
export type Block = { readonly id: string; readonly factor: Factor };

/** What stands on the Desk after the steps so far; all of it follows from them. */
export type Work = {
	readonly blocks: readonly Block[];
	readonly answer: string;
	readonly checked: boolean;
	/** Whether the worked line was asked for; it stays so, whatever is done afterwards. */
	readonly shown: boolean;
};

const EMPTY: Work = { blocks: [], answer: '', checked: false, shown: false };

function change(work: Work, id: string, make: (factor: Factor) => Factor): Work {
	return {
		...work,
		checked: false,
		blocks: work.blocks.map((block) => (block.id === id ? { ...block, factor: make(block.factor) } : block)),
	};
}

const DOES: { readonly [K in Step['do']]: (work: Work, step: Extract<Step, { do: K }>) => Work } = {
	place: (work, { block, factor }) => ({
		...work,
		checked: false,
		blocks: [...work.blocks, { id: block, factor: factor as Factor }],
	}),
	turn: (work, { block }) => change(work, block, turnedFactor),
	raise: (work, { block, power }) => change(work, block, (factor) => ({ ...factor, power })),
	remove: (work, { block }) => ({ ...work, checked: false, blocks: work.blocks.filter(({ id }) => id !== block) }),
	answer: (work, { text }) => ({ ...work, checked: false, answer: text }),
	check: (work) => ({ ...work, checked: true }),
	show: (work) => ({ ...work, shown: true }),
};

/** The work after one more step. */
export function afterStep(work: Work, step: Step): Work {
	return (DOES[step.do] as (work: Work, step: Step) => Work)(work, step);
}

const folded = new WeakMap<WorkBody, Work>();

/** The work that the steps of a body come to; undone steps do not count. */
export function workOf(body: WorkBody): Work {
	let work = folded.get(body);
	if (!work) {
		work = body.steps.slice(0, body.at).reduce(afterStep, EMPTY);
		folded.set(body, work);
	}
	return work;
}

/** A body in which nothing has been done yet. */
export function freshBody(exercise: string): WorkBody {
	return { exercise, steps: [], at: 0 };
}

/** The body with one more step: what was undone before is dropped, and typing on is one step. */
export function withStep(body: WorkBody, step: Step): WorkBody {
	const done = body.steps.slice(0, body.at);
	const last = done.at(-1);
	const steps = step.do === 'answer' && last?.do === 'answer' ? [...done.slice(0, -1), step] : [...done, step];
	return { ...body, steps, at: steps.length };
}

/** Whether one history goes on from another: its steps come first, but for an answer that was typed on. */
export function continues(later: WorkBody, earlier: WorkBody): boolean {
	return earlier.steps.every((step, i) => {
		const mine = later.steps[i];
		const typedOn = i === earlier.steps.length - 1 && step.do === 'answer' && mine?.do === 'answer';
		return typedOn || JSON.stringify(mine) === JSON.stringify(step);
	});
}

/** The chain the core works: the exercise's start and the blocks placed. */
export function chainOf(exercise: BookExercise, blocks: readonly Block[]): Chain {
	return {
		start: exercise.start,
		...(exercise.exactStart === undefined ? {} : { exactStart: exercise.exactStart }),
		factors: blocks.map(({ factor }) => factor),
		want: exercise.want.unit,
	};
}

/** The exercise of this name; the first of the book when there is none. */
export function exerciseNamed(name: string | undefined): BookExercise {
	return (name ? bookExercise(name) : undefined) ?? (BOOK[0] as BookExercise);
}
