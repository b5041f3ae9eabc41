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
import * as words from './words';
import { NO_WORK, type Work, workOf } from './work';

/** What a step is said by: the work before it and after it, and the exercise it was done on. */
type Scene = { readonly before: Work; readonly after: Work; readonly exercise: BookExercise };

type Sentences = { readonly [K in SingleStep['do']]: (step: Extract<SingleStep, { do: K }>, scene: Scene) => string };

function quantity({ number, unit }: Quantity): string {
	return number === '' ? printUnitText(unit) : printQuantity({ number, unit });
}

function startText(start: Start): string {
	const { top, bottom } = sidesOfStart(start);
	return bottom ? words.over(quantity(top), quantity(bottom)) : quantity(top);
}

/** A block in words: "5280 ft over 1 mi", or what a step that is no factor adds. */
function factorText(factor: Factor): string {
	const { top, bottom, power = 1, shift, aside, term } = factor;
	const added = [
		shift === undefined ? '' : words.add(shift),
		aside ? words.setAside(quantity(aside)) : '',
		term ? words.putBesideIt(quantity(term)) : '',
	].filter(Boolean);
	const sides = isBareStep(factor) ? [] : [words.overOfTop(quantity(top), quantity(bottom), power)];
	return [...sides, ...added].join(', then ');
}

/** Which block a step is about, from 1; one that is there no more has no number. */
function blockText(id: string, { before, after }: Scene): string {
	const at = [after, before].map(({ blocks }) => blocks.findIndex((block) => block.id === id)).find((i) => i >= 0);
	return at === undefined ? words.aFactor : words.factor(at + 1);
}

function factorOf(id: string, { blocks }: Work): Factor | undefined {
	return blocks.find((block) => block.id === id)?.factor;
}

/** A part of the problem's text, in quotation marks. */
function quotedAt([from, to]: readonly [number, number], { exercise, after }: Scene): string {
	return `“${(after.text || exercise.prompt).slice(from, to)}”`;
}

const ROLES = { start: words.theStart, fact: words.aFact, spare: words.notNeeded, none: words.nothingYet } as const;

function roundingText(rounding: Rounding): string {
	if (rounding === 'none') return words.theAnswerIsNotRounded;
	return words.theAnswerIsRounded(sayRounding(rounding));
}

const SIDES = {
	top: words.theTopWasWritten,
	bottom: words.theBottomWasWritten,
	shift: words.thePartToAddWasWritten,
	aside: words.thePartSetAsideWasWritten,
	term: words.thePartBesideTheLineWas,
} as const;

/** Each kind of step in a sentence; the compiler misses one that is not there. */
const SENTENCES: Sentences = {
	pose: ({ given }) => (given ? words.theProblemWasOpened : words.theProblemWasWrittenDown),
	mark: ({ at, role }, scene) => words.isNow(quotedAt(at, scene), ROLES[role]),
	start: ({ start }) => words.theLineStartsFrom(startText(start)),
	difference: ({ difference }) => (difference ? words.theTemperatureIsA : words.theTemperatureIsAReading),
	exactStart: ({ exact }) => words.theNumberOfTheStartIs(exact),
	unstart: () => words.theStartWasRemoved,
	turnStart: () => words.theStartWasTurnedOver,
	state: ({ fact }) => words.aFactWasAdded(quantity(fact.left), quantity(fact.right)),
	unstate: ({ fact }) => words.aFactWasRemoved(quantity(fact.left), quantity(fact.right)),
	want: ({ unit, parts = [] }) =>
		words.theAnswerShouldBeIn(parts.length, parts.map(printUnitText).join(' and '), printUnitText(unit)),
	ask: ({ want }, { exercise }) =>
		want
			? words.wantedIs(sayWanted({ ...exercise, want }, goalOf({ ...exercise, want })))
			: words.theUnitAskedForWasRemoved,
	round: ({ rounding }) => roundingText(rounding),
	paste: ({ text }) => (text ? words.aWrittenWorkingWasPlaced : words.theWrittenWorkingWas),
	place: ({ block, factor }, scene) => words.wasPlaced(blockText(block, scene), factorText(factor)),
	write: ({ block, side, number, unit }, scene) =>
		`${blockText(block, scene)}: ${SIDES[side]}, ${quantity({ number, unit }) || words.nothingYet}.`,
	turn: ({ block }, scene) => {
		const now = factorOf(block, scene.after);
		return words.wasTurnedOver(blockText(block, scene), now ? `: ${factorText(now)}` : '');
	},
	raise: ({ block, power }, scene) =>
		power > 1
			? words.wasRaisedToThePower(blockText(block, scene), power)
			: words.isNoLongerRaised(blockText(block, scene)),
	move: ({ block, to }, scene) => words.wasMovedToPlace(blockText(block, scene), to + 1),
	exact: ({ block, exact }, scene) => words.isOfBlock(blockText(block, scene), exact),
	zeros: ({ block, figures }, scene) =>
		`${block === null ? words.theStartTitle : blockText(block, scene)}: ${words.figuresThatCount(figures)}.`,
	remove: ({ block }, scene) => {
		const gone = factorOf(block, scene.before);
		return words.aFactorWasRemoved(gone ? `: ${factorText(gone)}` : '');
	},
	answer: ({ text }) => (text ? words.theAnswerWasWritten(text) : words.theAnswerWasRemoved),
	check: () => words.theAnswerWasChecked,
	show: () => words.theWorkedLineWasShown,
	nudge: () => words.aHintWasShown,
	uncover: () => words.aCoveredNumberWasShown,
	lay: ({ problems }) => words.problemsWerePutOnTheSheet(problems.length),
	entitle: ({ title }) => words.itWasNamed(title),
	bring: () => words.itWasAdded,
	arrange: () => words.theOrderWasChanged,
	leave: () => words.oneWasRemovedFromTheList,
	keep: ({ fact }) => words.anOwnFactWasSaved(quantity(fact.left), quantity(fact.right)),
	drop: () => words.anOwnFactWasRemoved,
	allow: ({ table, allowed }) => words.theTableInUse(table, allowed),
	support: ({ level }) => words.theSupportIs(level),
	query: ({ queried }) => words.theAnswerWasSavedAsOneYou(queried.answer),
	unquery: () => words.anAnswerIsNoLongerSavedAs,
	teach: ({ title }) => words.theClassIsTaught(title),
	sit: ({ title, says }) => words.aSeatWasTaken(title, says),
	quit: () => words.aClassWasLeft,
	numbers: ({ way }) => words.theNumbersAre(way.replace('-', ' ')),
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
	if (!step) return place === 0 ? words.thereAreNoStepsYet : '';
	const [earlier, later] = [bodyAfter(body, place - 1), bodyAfter(body, place)];
	const scene: Scene = { before: place > 1 ? workOf(earlier) : NO_WORK, after: workOf(later), exercise };
	if (step.do === 'undo') {
		const undone = lastOf(historyOf(earlier).done.slice(historyOf(later).done.length));
		return undone ? words.undone(saySingle(undone, { ...scene, after: scene.before })) : words.thereIsNothingLeftToUndo;
	}
	if (step.do === 'redo') {
		const redone = lastOf(historyOf(later).done.slice(historyOf(earlier).done.length));
		return redone ? words.redone(saySingle(redone, scene)) : words.thereIsNothingLeftToRedo;
	}
	const steps = step.do === 'together' ? step.steps : [step];
	return steps.map((one) => saySingle(one, scene)).join(' ');
}
