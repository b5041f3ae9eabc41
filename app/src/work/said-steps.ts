import {
	type BookExercise,
	type Factor,
	goalOf,
	isBareStep,
	printQuantity,
	printUnitText,
	type Quantity,
	type Rounding,
	type Start,
	sayRounding,
	sayWanted,
	sidesOfStart,
} from '@tidy-sum/core';
import type { SingleStep, Step, WorkBody } from '@tidy-sum/schema';
import { historyOf } from './history';
import { NO_WORK, type Work, workOf } from './work';

/** What a step is said by: the work before it and after it, and the exercise it was done on. */
type Scene = { readonly before: Work; readonly after: Work; readonly exercise: BookExercise };

type Sentences = { readonly [K in SingleStep['do']]: (step: Extract<SingleStep, { do: K }>, scene: Scene) => string };

function quantity({ number, unit }: Quantity): string {
	return number === '' ? printUnitText(unit) : printQuantity({ number, unit });
}

function startText(start: Start): string {
	const { top, bottom } = sidesOfStart(start);
	return bottom ? `${quantity(top)} over ${quantity(bottom)}` : quantity(top);
}

/** A block in words: "5280 ft over 1 mi", or what a step that is no factor adds. */
function factorText(factor: Factor): string {
	const { top, bottom, power = 1, shift, aside, term } = factor;
	const added = [
		shift === undefined ? '' : `add ${shift || 'a number'}`,
		aside ? `set ${quantity(aside)} aside` : '',
		term ? `put ${quantity(term)} beside it` : '',
	].filter(Boolean);
	const sides = isBareStep(factor)
		? []
		: [`${quantity(top)} over ${quantity(bottom)}${power > 1 ? `, to the power ${power}` : ''}`];
	return [...sides, ...added].join(', then ');
}

/** Which block a step is about, from 1; one that is there no more has no number. */
function blockText(id: string, { before, after }: Scene): string {
	const at = [after, before].map(({ blocks }) => blocks.findIndex((block) => block.id === id)).find((i) => i >= 0);
	return at === undefined ? 'A block' : `Block ${at + 1}`;
}

function factorOf(id: string, { blocks }: Work): Factor | undefined {
	return blocks.find((block) => block.id === id)?.factor;
}

/** A part of the problem's text, in quotation marks. */
function quotedAt([from, to]: readonly [number, number], { exercise, after }: Scene): string {
	return `“${(after.text || exercise.prompt).slice(from, to)}”`;
}

const ROLES = { start: 'the start', fact: 'a fact', spare: 'not needed', none: 'nothing yet' } as const;

function roundingText(rounding: Rounding): string {
	if (rounding === 'none') return 'The answer is not to be rounded.';
	return `The answer is to be rounded ${sayRounding(rounding) ?? 'as the inputs give'}.`;
}

const SIDES = {
	top: 'above is written',
	bottom: 'below is written',
	shift: 'what is added is written',
	aside: 'what is set aside is written',
	term: 'the part put beside is written',
} as const;

/** Each kind of step in a sentence; the compiler misses one that is not there. */
const SENTENCES: Sentences = {
	pose: ({ given }) => (given ? 'The problem is opened.' : 'The problem is written down.'),
	mark: ({ at, role }, scene) => `${quotedAt(at, scene)} is taken for ${ROLES[role]}.`,
	start: ({ start }) => `The line starts from ${startText(start)}.`,
	difference: ({ difference }) =>
		difference ? 'The temperature is a difference, which has no zero.' : 'The temperature is a reading.',
	exactStart: ({ exact }) => `The number of the start is taken as ${exact ? 'exact' : 'measured'}.`,
	unstart: () => 'The start is taken back.',
	turnStart: () => 'The start is turned over.',
	state: ({ fact }) => `A fact is noted: ${quantity(fact.left)} = ${quantity(fact.right)}.`,
	unstate: ({ fact }) => `A fact is taken out: ${quantity(fact.left)} = ${quantity(fact.right)}.`,
	want: ({ unit, parts = [] }) =>
		`Wanted is ${parts.length ? parts.map(printUnitText).join(' and ') : printUnitText(unit)}.`,
	ask: ({ want }, { exercise }) =>
		want
			? `Wanted is ${sayWanted({ ...exercise, want }, goalOf({ ...exercise, want }))}.`
			: 'What is wanted is taken back.',
	round: ({ rounding }) => roundingText(rounding),
	paste: ({ text }) => (text ? 'A written working is laid beside it.' : 'The written working is taken away.'),
	place: ({ block, factor }, scene) => `${blockText(block, scene)} is laid: ${factorText(factor)}.`,
	write: ({ block, side, number, unit }, scene) =>
		`${blockText(block, scene)}: ${SIDES[side]}, ${quantity({ number, unit }) || 'nothing yet'}.`,
	turn: ({ block }, scene) => {
		const now = factorOf(block, scene.after);
		return `${blockText(block, scene)} is turned over${now ? `: ${factorText(now)}` : ''}.`;
	},
	raise: ({ block, power }, scene) =>
		power > 1
			? `${blockText(block, scene)} is raised to the power ${power}.`
			: `${blockText(block, scene)} is raised no more.`,
	move: ({ block, to }, scene) => `${blockText(block, scene)} is moved to place ${to + 1}.`,
	exact: ({ block, exact }, scene) =>
		`${blockText(block, scene)} is taken for ${exact === null ? 'what its sides say' : exact ? 'exact' : 'measured'}.`,
	zeros: ({ block, figures }, scene) =>
		`${block === null ? 'The start' : blockText(block, scene)}: ${figures} ${figures === 1 ? 'figure counts' : 'figures count'}.`,
	remove: ({ block }, scene) => {
		const gone = factorOf(block, scene.before);
		return `A block is taken off${gone ? `: ${factorText(gone)}` : ''}.`;
	},
	answer: ({ text }) => (text ? `The answer is written: ${text}.` : 'The answer is taken back.'),
	check: () => 'It is sent to the check.',
	show: () => 'The worked line is looked at.',
	nudge: () => 'A nudge is asked for.',
	uncover: () => 'A number that was covered is looked at.',
	lay: ({ problems }) => `${problems.length} problems are laid on the sheet.`,
	entitle: ({ title }) => `It is called “${title}”.`,
	bring: () => 'It is brought in.',
	arrange: () => 'The order is changed.',
	leave: () => 'One is taken off the list.',
	keep: ({ fact }) => `A fact of one’s own is kept: ${quantity(fact.left)} = ${quantity(fact.right)}.`,
	drop: () => 'A fact of one’s own is taken out.',
	allow: ({ table, allowed }) => `The table “${table}” ${allowed ? 'is' : 'is not'} in use.`,
	support: ({ level }) => `The support is ${level}.`,
	query: ({ queried }) => `The answer ${queried.answer} is kept as one you think is right.`,
	unquery: () => 'An answer is no longer kept as one you think is right.',
	numbers: ({ way }) => `The numbers are ${way.replace('-', ' ')}.`,
};

function saySingle(step: SingleStep, scene: Scene): string {
	return (SENTENCES[step.do] as (step: SingleStep, scene: Scene) => string)(step, scene);
}

/** The piece of work as it was after so many of its steps. */
export function bodyAfter(body: WorkBody, count: number): WorkBody {
	return { ...body, steps: body.steps.slice(0, count) };
}

/** What was taken back by an undo, or done again by a redo: the last step one can see. */
function lastOf(steps: readonly Step[]): SingleStep | null {
	const last = [...steps].reverse().find(({ do: does }) => does !== 'nudge' && does !== 'uncover');
	if (!last || last.do === 'undo' || last.do === 'redo') return null;
	return last.do === 'together' ? (last.steps[0] ?? null) : last;
}

/**
 * A step of a piece of work in a sentence, by its place from 1, with what was tried and undone as well.
 * @example sayStep(body, exercise, 3) // "Block 2 is laid: 1 h over 3600 s."
 */
export function sayStep(body: WorkBody, exercise: BookExercise, place: number): string {
	const step = body.steps[place - 1];
	if (!step) return place === 0 ? 'Nothing is done yet.' : '';
	const [earlier, later] = [bodyAfter(body, place - 1), bodyAfter(body, place)];
	const scene: Scene = { before: place > 1 ? workOf(earlier) : NO_WORK, after: workOf(later), exercise };
	if (step.do === 'undo') {
		const undone = lastOf(historyOf(earlier).done.slice(historyOf(later).done.length));
		return undone
			? `Taken back: ${saySingle(undone, { ...scene, after: scene.before })}`
			: 'Nothing is left to take back.';
	}
	if (step.do === 'redo') {
		const redone = lastOf(historyOf(later).done.slice(historyOf(earlier).done.length));
		return redone ? `Done again: ${saySingle(redone, scene)}` : 'Nothing is left to do again.';
	}
	const steps = step.do === 'together' ? step.steps : [step];
	return steps.map((one) => saySingle(one, scene)).join(' ');
}
