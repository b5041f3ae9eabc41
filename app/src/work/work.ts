import { type Factor, type StepField, turnedFactor, type Wholes } from '@tidy-sum/core';
import type { Step, WorkBody } from '@tidy-sum/schema';
import { movedByHand, NOTHING_BY_HAND, sameSpan, wanted, without, withTold } from './by-hand';
import { historyOf } from './history';
import { arranged } from './listing';
import type { Work } from './work-shape';

export type { Block, Placed, Work } from './work-shape';

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
	exactStart: (work, { exact }) => ({
		...work,
		checked: false,
		exactStart: exact,
		byHand: { ...work.byHand, exactStart: true },
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
