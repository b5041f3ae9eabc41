import {
	type Exercise,
	type Fact,
	type Factor,
	goalOf,
	type Quantity,
	type Role,
	type Rounding,
	type Start,
	type StepField,
	turnedFactor,
	type Want,
	type Wholes,
} from '@tidy-sum/core';
import type { Step, Told, WorkBody } from '@tidy-sum/schema';
import { historyOf } from './history';
import { arranged } from './listing';

/** A factor on the line, with the name it was placed under. */
export type Block = { readonly id: string; readonly factor: Factor };

/** A place given to a quantity of the problem's text. */
export type Placed = { readonly at: readonly [number, number]; readonly role: Role };

/** What the student has said by hand; it holds over what is read of the text. */
export type ByHand = {
	readonly start: boolean;
	readonly want: boolean;
	readonly rounding: boolean;
	readonly difference: boolean;
	/** Facts added, facts taken out of those that were read, and places given. */
	readonly facts: readonly Fact[];
	readonly dropped: readonly Fact[];
	readonly marks: readonly { readonly at: Placed['at']; readonly role: Role | 'none' }[];
};

const NOTHING_BY_HAND: ByHand = {
	start: false,
	want: false,
	rounding: false,
	difference: false,
	facts: [],
	dropped: [],
	marks: [],
};

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
	/** The unit a line is to end in, as the student has said it; of a measure in parts the smallest. */
	readonly want: string | null;
	/** What a problem of one's own asks for, of whatever kind, and how its answer is rounded; null where that is not told. */
	readonly asked: Want | null;
	readonly rounding: Rounding | null;
	/** The other end of a range, the further parts of a start, and whether it is a difference of temperatures. */
	readonly until: Quantity | null;
	readonly terms: readonly Quantity[];
	readonly difference: boolean;
	readonly exactStart: boolean;
	/** What was read of the text; null where nothing was read yet. */
	readonly told: Told | null;
	/** What the student has said over what was read. */
	readonly byHand: ByHand;
	/** Somebody's written working, laid beside; '' where there is none. */
	readonly working: string;
	/** The name of a problem of one's own, where it was given one. */
	readonly title: string;
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

/** What stands where nothing was done yet. */
export const NO_WORK: Work = {
	posed: null,
	text: '',
	placed: [],
	start: null,
	startFigures: null,
	turned: false,
	stated: [],
	want: null,
	asked: null,
	rounding: null,
	until: null,
	terms: [],
	difference: false,
	exactStart: false,
	told: null,
	byHand: NOTHING_BY_HAND,
	working: '',
	title: '',
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

const NO_EXERCISE = { prompt: '', facts: [], rounding: 'none' } as const;

/** What is wanted, and the unit a line would end in. */
function wanted(asked: Want | null): Pick<Work, 'asked' | 'want'> {
	return { asked, want: asked && (goalOf({ ...NO_EXERCISE, want: asked }) ?? '') };
}

/** The work with what was read of its text, under what was said by hand. */
function withTold(work: Work, told: Told): Work {
	const { byHand } = work;
	const hand = (at: Placed['at']) => byHand.marks.some((one) => sameSpan(one.at, at));
	const read = told.marks.flatMap(({ at, role }): readonly Placed[] => (role && !hand(at) ? [{ at, role }] : []));
	const given = byHand.marks.flatMap(({ at, role }): readonly Placed[] => (role === 'none' ? [] : [{ at, role }]));
	const isLeft = (fact: Fact) => ![...byHand.facts, ...byHand.dropped].some((one) => sameFact(one, fact));
	return {
		...work,
		told,
		placed: [...read, ...given],
		stated: [...told.facts.filter(isLeft), ...byHand.facts],
		...(byHand.start
			? {}
			: {
					start: told.start,
					until: told.until ?? null,
					terms: told.terms ?? [],
					exactStart: told.exactStart ?? false,
					startFigures: null,
				}),
		...(byHand.difference ? {} : { difference: told.difference ?? false }),
		...(byHand.want ? {} : wanted(told.want)),
		...(byHand.rounding ? {} : { rounding: told.rounding }),
	};
}

function sharedLength(a: string, b: string): number {
	let shared = 0;
	while (shared < Math.min(a.length, b.length) && a[shared] === b[shared]) shared += 1;
	return shared;
}

/**
 * What was said by hand of a text that was changed: a place given moves with its words. Of a text that has little in
 * common with the one before nothing holds, since it is another problem.
 */
function movedByHand({ byHand, text: before }: Work, after: string): ByHand {
	if (before === after || before === '') return byHand;
	const head = sharedLength(before, after);
	const back = (text: string) => [...text.slice(head)].reverse().join('');
	const tail = sharedLength(back(before), back(after));
	if (2 * (head + tail) < Math.min(before.length, after.length)) return NOTHING_BY_HAND;
	const by = after.length - before.length;
	const marks = byHand.marks.flatMap(({ at: [from, to], role }): ByHand['marks'] => {
		if (to <= head) return [{ at: [from, to], role }];
		return from >= before.length - tail ? [{ at: [from + by, to + by], role }] : [];
	});
	return { ...byHand, marks };
}

function without(facts: readonly Fact[], fact: Fact): readonly Fact[] {
	return facts.filter((one) => !sameFact(one, fact));
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

const DOES: { readonly [K in Step['do']]?: (work: Work, step: Extract<Step, { do: K }>) => Work } = {
	pose: (work, { text, told }) => {
		const next = { ...work, checked: false, text, byHand: movedByHand(work, text) };
		return told ? withTold(next, told) : { ...next, told: null, placed: [] };
	},
	mark: (work, { at, role, also }) => {
		const alone = role === 'start' && !also;
		const others = work.placed.filter((one) => !sameSpan(one.at, at) && !(alone && one.role === 'start'));
		const marks = [...work.byHand.marks.filter((one) => !sameSpan(one.at, at)), { at, role }];
		const placed = role === 'none' ? others : [...others, { at, role }];
		return { ...work, checked: false, placed, byHand: { ...work.byHand, marks } };
	},
	start: (work, { start, figures, until, terms }) => ({
		...work,
		checked: false,
		start,
		until: until ?? null,
		terms: terms ?? [],
		exactStart: false,
		startFigures: figures ?? null,
		turned: false,
		byHand: { ...work.byHand, start: true },
	}),
	unstart: (work) => ({
		...work,
		checked: false,
		start: null,
		startFigures: null,
		until: null,
		terms: [],
		exactStart: false,
		turned: false,
		byHand: { ...work.byHand, start: true },
	}),
	difference: (work, { difference }) => ({
		...work,
		checked: false,
		difference,
		byHand: { ...work.byHand, difference: true },
	}),
	turnStart: (work) => ({ ...work, checked: false, turned: !work.turned }),
	state: (work, { fact }) => ({
		...work,
		checked: false,
		stated: [...without(work.stated, fact), fact],
		byHand: {
			...work.byHand,
			facts: [...without(work.byHand.facts, fact), fact],
			dropped: without(work.byHand.dropped, fact),
		},
	}),
	unstate: (work, { fact }) => ({
		...work,
		checked: false,
		stated: without(work.stated, fact),
		byHand: {
			...work.byHand,
			facts: without(work.byHand.facts, fact),
			dropped: [...without(work.byHand.dropped, fact), fact],
		},
	}),
	want: (work, { unit, parts }) => ({
		...work,
		checked: false,
		want: unit,
		asked: parts?.length ? { mixed: parts } : { unit },
		byHand: { ...work.byHand, want: true },
	}),
	ask: (work, { want }) => ({
		...work,
		checked: false,
		...wanted(want),
		byHand: { ...work.byHand, want: true },
	}),
	round: (work, { rounding }) => ({
		...work,
		checked: false,
		rounding,
		byHand: { ...work.byHand, rounding: true },
	}),
	paste: (work, { text }) => ({ ...work, working: text }),
	entitle: (work, { title }) => ({ ...work, title }),
	place: (work, { block, factor }) => ({
		...work,
		checked: false,
		blocks: [...work.blocks, { id: block, factor }],
	}),
	write: (work, { block, side, number, unit, from }) =>
		change(work, block, (factor) => written(factor, side, { number, unit, ...(from === undefined ? {} : { from }) })),
	turn: (work, { block }) => change(work, block, turnedFactor),
	raise: (work, { block, power }) => change(work, block, (factor) => ({ ...factor, power })),
	move: (work, { block, to }) => ({
		...work,
		checked: false,
		blocks: arranged(work.blocks, ({ id }) => id === block, to),
	}),
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
		const done = historyOf(body).done.reduce(afterStep, NO_WORK);
		work = { ...done, uncovered: uncoveredIn(body.steps), posed: body.posed ?? null };
		folded.set(body.steps, work);
	}
	return work;
}
