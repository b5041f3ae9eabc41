import {
	type Exercise,
	type Fact,
	type Factor,
	type Quantity,
	type Role,
	type Start,
	type StepField,
	turnedFactor,
	type Wholes,
} from '@tidy-sum/core';
import type { Step, WorkBody } from '@tidy-sum/schema';
import { historyOf } from './history';

/** A factor on the line, with the name it was placed under. */
export type Block = { readonly id: string; readonly factor: Factor };

/** A place given to a quantity of the problem's text. */
export type Placed = { readonly at: readonly [number, number]; readonly role: Role };

/** What stands on the Desk after the steps so far; all of it follows from them. */
export type Work = {
	/** The exercise as it was posed, where it was made for a Round. */
	readonly posed: Exercise | null;
	/** The text of a problem of one's own. */
	readonly text: string;
	readonly placed: readonly Placed[];
	readonly start: Start | null;
	readonly startFigures: number | null;
	/** Whether the start was turned over. */
	readonly turned: boolean;
	readonly stated: readonly Fact[];
	readonly want: string | null;
	/** The units of a measure that is wanted in parts, large to small; none where one unit is. */
	readonly wantParts: readonly string[];
	/** The other end of a range, the further parts of a start, and whether it is a difference of temperatures. */
	readonly until: Quantity | null;
	readonly terms: readonly Quantity[];
	readonly difference: boolean;
	readonly blocks: readonly Block[];
	readonly answer: string;
	readonly checked: boolean;
	/** Whether the worked line was asked for; it stays so, whatever is done afterwards. */
	readonly shown: boolean;
	/** How many steps of nudges were asked for. */
	readonly nudged: number;
	/** The covered numbers that were looked at; no undo covers them again. */
	readonly uncovered: readonly string[];
};

const EMPTY: Work = {
	posed: null,
	text: '',
	placed: [],
	start: null,
	startFigures: null,
	turned: false,
	stated: [],
	want: null,
	wantParts: [],
	until: null,
	terms: [],
	difference: false,
	blocks: [],
	answer: '',
	checked: false,
	shown: false,
	nudged: 0,
	uncovered: [],
};

function change(work: Work, id: string, make: (factor: Factor) => Factor): Work {
	return {
		...work,
		checked: false,
		blocks: work.blocks.map((block) => (block.id === id ? { ...block, factor: make(block.factor) } : block)),
	};
}

function sameSpan(a: Placed['at'], b: Placed['at']): boolean {
	return a[0] === b[0] && a[1] === b[1];
}

function sameFact(a: Fact, b: Fact): boolean {
	return JSON.stringify([a.left, a.right]) === JSON.stringify([b.left, b.right]);
}

/** The factor with other sides; declared exactness and figures fall with the numbers they were said of. */
function written(factor: Factor, side: 'top' | 'bottom' | StepField, quantity: Wholes): Factor {
	if (side === 'shift') return { ...factor, shift: quantity.number };
	if (side === 'aside' || side === 'term') return { ...factor, [side]: quantity };
	const { exact: _, figures: __, given: ___, ...rest } = factor;
	return { ...rest, [side]: quantity };
}

function moved(blocks: readonly Block[], id: string, to: number): readonly Block[] {
	const block = blocks.find((one) => one.id === id);
	if (!block) return blocks;
	const others = blocks.filter((one) => one.id !== id);
	return [...others.slice(0, to), block, ...others.slice(to)];
}

const DOES: { readonly [K in Step['do']]?: (work: Work, step: Extract<Step, { do: K }>) => Work } = {
	pose: (work, { text }) => ({ ...work, checked: false, text, placed: [] }),
	mark: (work, { at, role, also }) => {
		const alone = role === 'start' && !also;
		const others = work.placed.filter((one) => !sameSpan(one.at, at) && !(alone && one.role === 'start'));
		return { ...work, checked: false, placed: role === 'none' ? others : [...others, { at, role }] };
	},
	start: (work, { start, figures, until, terms }) => ({
		...work,
		checked: false,
		start,
		until: until ?? null,
		terms: terms ?? [],
		startFigures: figures ?? null,
		turned: false,
	}),
	unstart: (work) => ({
		...work,
		checked: false,
		start: null,
		startFigures: null,
		until: null,
		terms: [],
		turned: false,
	}),
	difference: (work, { difference }) => ({ ...work, checked: false, difference }),
	turnStart: (work) => ({ ...work, checked: false, turned: !work.turned }),
	state: (work, { fact }) => ({
		...work,
		checked: false,
		stated: [...work.stated.filter((one) => !sameFact(one, fact)), fact],
	}),
	unstate: (work, { fact }) => ({
		...work,
		checked: false,
		stated: work.stated.filter((one) => !sameFact(one, fact)),
	}),
	want: (work, { unit, parts }) => ({ ...work, checked: false, want: unit, wantParts: parts ?? [] }),
	place: (work, { block, factor }) => ({
		...work,
		checked: false,
		blocks: [...work.blocks, { id: block, factor }],
	}),
	write: (work, { block, side, number, unit, from }) =>
		change(work, block, (factor) => written(factor, side, { number, unit, ...(from === undefined ? {} : { from }) })),
	turn: (work, { block }) => change(work, block, turnedFactor),
	raise: (work, { block, power }) => change(work, block, (factor) => ({ ...factor, power })),
	move: (work, { block, to }) => ({ ...work, checked: false, blocks: moved(work.blocks, block, to) }),
	exact: (work, { block, exact }) =>
		change(work, block, ({ exact: _, ...factor }) => (exact === null ? factor : { ...factor, exact })),
	zeros: (work, { block, figures }) =>
		block === null
			? { ...work, checked: false, startFigures: figures }
			: change(work, block, (factor) => ({ ...factor, figures })),
	remove: (work, { block }) => ({ ...work, checked: false, blocks: work.blocks.filter(({ id }) => id !== block) }),
	answer: (work, { text }) => ({ ...work, checked: false, answer: text }),
	check: (work) => ({ ...work, checked: true }),
	show: (work) => ({ ...work, shown: true }),
	together: (work, { steps }) => steps.reduce<Work>(afterStep, work),
	nudge: (work, { steps }) => ({ ...work, nudged: work.nudged + steps }),
};

/** The work after one more step; steps of one's own Shelf change nothing on a line. */
function afterStep(work: Work, step: Step): Work {
	const does = DOES[step.do] as ((work: Work, step: Step) => Work) | undefined;
	return does ? does(work, step) : work;
}

const NONE: readonly string[] = [];

function uncoveredIn(steps: readonly Step[]): readonly string[] {
	const what = steps.flatMap((step) => (step.do === 'uncover' ? [step.what] : []));
	return what.length ? [...new Set(what)] : NONE;
}

const folded = new WeakMap<readonly Step[], Work>();

/** The work that the steps of a body come to; what was undone does not count. */
export function workOf(body: WorkBody): Work {
	let work = folded.get(body.steps);
	if (!work) {
		const done = historyOf(body).done.reduce(afterStep, EMPTY);
		work = { ...done, uncovered: uncoveredIn(body.steps), posed: body.posed ?? null };
		folded.set(body.steps, work);
	}
	return work;
}
