import {
	BOOK,
	type BookExercise,
	bookExercise,
	type Chain,
	type Fact,
	type Factor,
	goalOf,
	parseNumeral,
	parseUnit,
	type Quantity,
	type Role,
	type Start,
	turnedFactor,
	turnedStart,
	writtenFactor,
} from '@tidy-sum/core';
import type { Step, WorkBody } from '@tidy-sum/schema';
import { roundExercise } from '../rounds/made-rounds';

/** A factor on the line, with the name it was placed under. */
export type Block = { readonly id: string; readonly factor: Factor };

/** A place given to a quantity of the problem's text. */
export type Placed = { readonly at: readonly [number, number]; readonly role: Role };

/** What stands on the Desk after the steps so far; all of it follows from them. */
export type Work = {
	/** The text of a problem of one's own. */
	readonly text: string;
	readonly placed: readonly Placed[];
	readonly start: Start | null;
	readonly startFigures: number | null;
	/** Whether the start was turned over. */
	readonly turned: boolean;
	readonly stated: readonly Fact[];
	readonly want: string | null;
	readonly blocks: readonly Block[];
	readonly answer: string;
	readonly checked: boolean;
	/** Whether the worked line was asked for; it stays so, whatever is done afterwards. */
	readonly shown: boolean;
	/** How many steps of nudges were asked for. */
	readonly nudged: number;
};

const EMPTY: Work = {
	text: '',
	placed: [],
	start: null,
	startFigures: null,
	turned: false,
	stated: [],
	want: null,
	blocks: [],
	answer: '',
	checked: false,
	shown: false,
	nudged: 0,
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
function written(factor: Factor, side: 'top' | 'bottom' | 'shift', quantity: Quantity): Factor {
	if (side === 'shift') return { ...factor, shift: quantity.number };
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
	mark: (work, { at, role }) => {
		const others = work.placed.filter((one) => !sameSpan(one.at, at) && !(role === 'start' && one.role === 'start'));
		return { ...work, checked: false, placed: role === 'none' ? others : [...others, { at, role }] };
	},
	start: (work, { start, figures }) => ({
		...work,
		checked: false,
		start: start as Start,
		startFigures: figures ?? null,
		turned: false,
	}),
	turnStart: (work) => ({ ...work, checked: false, turned: !work.turned }),
	state: (work, { fact }) => ({
		...work,
		checked: false,
		stated: [...work.stated.filter((one) => !sameFact(one, fact as Fact)), fact as Fact],
	}),
	unstate: (work, { fact }) => ({
		...work,
		checked: false,
		stated: work.stated.filter((one) => !sameFact(one, fact as Fact)),
	}),
	want: (work, { unit }) => ({ ...work, checked: false, want: unit }),
	place: (work, { block, factor }) => ({
		...work,
		checked: false,
		blocks: [...work.blocks, { id: block, factor: factor as Factor }],
	}),
	write: (work, { block, side, number, unit }) =>
		change(work, block, (factor) => written(factor, side, { number, unit })),
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
export function afterStep(work: Work, step: Step): Work {
	const does = DOES[step.do] as ((work: Work, step: Step) => Work) | undefined;
	return does ? does(work, step) : work;
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

/** What a step types into, for those that are typed: going on typing there is one step. */
function typesInto(step: Step | undefined): string | null {
	switch (step?.do) {
		case 'answer':
		case 'pose':
		case 'want':
		case 'start':
			return step.do;
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

/** The body with one more step: what was undone before is dropped, and typing on is one step. */
export function withStep(body: WorkBody, step: Step): WorkBody {
	const done = body.steps.slice(0, body.at);
	const steps = typesOn(done.at(-1), step) ? [...done.slice(0, -1), step] : [...done, step];
	return { ...body, steps, at: steps.length };
}

/** Whether a step changes nothing one can see, so that undo passes over it. */
export function isSilent(step: Step | undefined): boolean {
	return step?.do === 'nudge';
}

/** Whether one history goes on from another: its steps come first, but for what was typed on. */
export function continues(later: WorkBody, earlier: WorkBody): boolean {
	return earlier.steps.every((step, i) => {
		const mine = later.steps[i];
		const typedOn = i === earlier.steps.length - 1 && typesOn(step, mine);
		return typedOn || JSON.stringify(mine) === JSON.stringify(step);
	});
}

const legible = new WeakMap<Factor, Factor>();

function legibleQuantity(quantity: Quantity, below: boolean): Quantity {
	const unit = parseUnit(quantity.unit, { counted: true }).ok ? quantity.unit : '';
	const number = parseNumeral(quantity.number);
	const fine = number.ok && !(below && number.value.value.sign === 0);
	const text = fine || quantity.number.trim() === '' ? quantity.number : '';
	return unit === quantity.unit && text === quantity.number ? quantity : { number: text, unit };
}

/** A factor with what cannot be read left out, so that the rest of the line still works; it stays in what is kept. */
export function legibleFactor(factor: Factor): Factor {
	const known = legible.get(factor);
	if (known) return known;
	const top = legibleQuantity(factor.top, false);
	const bottom = legibleQuantity(factor.bottom, true);
	const shift = factor.shift === undefined || parseNumeral(factor.shift).ok ? factor.shift : '';
	const same = top === factor.top && bottom === factor.bottom && shift === factor.shift;
	const made = same ? factor : { ...factor, top, bottom, ...(shift === undefined ? {} : { shift }) };
	legible.set(factor, made);
	return made;
}

/** Whether an exercise is worked on a line: not where figures are counted, or a block of someone's line is named. */
export function needsLine({ want }: Pick<BookExercise, 'want'>): boolean {
	return !('figures' in want || 'slip' in want);
}

/** Whether the student must first give the quantities of the problem their places: there is more than one. */
export function mustPlace({ marks = [] }: BookExercise): boolean {
	return marks.length > 1;
}

/** Problems of one's own have names that begin so. */
const OWN = 'own-';

export function isOwn(name: string): boolean {
	return name.startsWith(OWN);
}

export function ownName(id: string): string {
	return `${OWN}${id.toLowerCase().replace(/[^a-z0-9-]/g, '')}`;
}

/** What the line starts from; null until the student has said. Work begun before places were asked for goes on. */
export function startOf(exercise: BookExercise, work: Work): Start | null {
	const given = isOwn(exercise.name) || (mustPlace(exercise) && !work.blocks.length) ? null : exercise.start;
	const start = work.start ?? given;
	return start && work.turned ? turnedStart(start) : start;
}

/** The unit the line is to end at; null until the student has said. */
export function wantOf(exercise: BookExercise, work: Work): string | null {
	if (work.want !== null) return work.want;
	return isOwn(exercise.name) || (mustPlace(exercise) && !work.blocks.length) ? null : goalOf(exercise.want);
}

const NOTHING: Quantity = { number: '', unit: '' };

/** The chain the core works: what the line starts from and the blocks placed. */
export function chainOf(exercise: BookExercise, work: Work): Chain {
	const start = startOf(exercise, work);
	const want = wantOf(exercise, work);
	const exact = exercise.exactStart !== undefined && work.start === null ? { exactStart: exercise.exactStart } : {};
	return {
		start: start ?? NOTHING,
		...exact,
		...(work.startFigures === null ? {} : { startFigures: work.startFigures }),
		factors: work.blocks.map(({ factor }) => legibleFactor(factor)),
		...(want !== null && parseUnit(want, { counted: true }).ok ? { want } : {}),
	};
}

/** The exercise of this name, of the book or of a Round that lies ready; the first of the book when there is none. */
export function exerciseNamed(name: string | undefined): BookExercise {
	return (name ? (bookExercise(name) ?? roundExercise(name)) : undefined) ?? (BOOK[0] as BookExercise);
}

/** What is sent to the check: what was written, or the one block where only a factor is asked for. */
export function answerOf(exercise: BookExercise, { answer, blocks }: Work): string {
	const factor = blocks[0]?.factor;
	return 'factor' in exercise.want && factor ? writtenFactor(factor) : answer;
}
