import { type Chain, type FourLines, VERDICT_LINES, writtenQuantity } from '@tidy-sum/core';
import { check, slipNamed } from '@tidy-sum/core/practice';
import { readWorking, sayFailing } from '@tidy-sum/core/problem';
import { type ClassExercise, type ExerciseSet, exercisesOf } from '../set/exercise-set';
import type { AnswerRow } from './answers';
import { type Points, type Scored, scored } from './points';

/** A slip of an answer, with its name for people. */
export type MarkedSlip = { readonly code: string; readonly title: string; readonly why: string };

/** What came of an answer: its four lines, the slips behind them, and the one sentence to look at first. */
export type Marked = {
	readonly lines: FourLines;
	readonly slips: readonly MarkedSlip[];
	readonly look: string;
	readonly points: Scored | null;
};

/** A row with what came of it; where it cannot be read, why, and nothing else. */
export type MarkedRow = {
	readonly row: AnswerRow;
	/** The exercise of the set it belongs to. */
	readonly exercise: ClassExercise | null;
	readonly marked: Marked | null;
	/** Why it is not read, as the end of a sentence without its full stop; '' where it is. */
	readonly why: string;
};

/** What marks the answers to a set, one after another. */
export type Marker = { readonly exercises: readonly ClassExercise[]; readonly mark: (row: AnswerRow) => MarkedRow };

/** How many different answers are remembered: a class gives the same ones again and again. */
const REMEMBERED = 20_000;

type Sent = { readonly answer: string; readonly chain: Chain | undefined; readonly failing: string };

/** What is sent to the check: the answer, and the line of a working; where no answer is given, the working's own. */
function sentOf({ answer, working }: AnswerRow): Sent | string {
	if (working === '') return { answer, chain: undefined, failing: '' };
	const read = readWorking(working);
	const { start, factors, first } = read;
	const own = read.answer ? writtenQuantity(read.answer) : '';
	if (answer === '' && own === '') return 'its working gives no answer, and no answer is written';
	return {
		answer: answer || own,
		chain: start && factors.length ? { start, factors } : undefined,
		failing: first?.what === 'claim' ? sayFailing(read) : '',
	};
}

/** The sentence to look at first: the likeliest slip, else the first line that is not right. */
function lookAt(lines: FourLines, slips: readonly MarkedSlip[], failing: string): string {
	if (lines.right) return failing;
	const wrong = VERDICT_LINES.map((line) => lines[line]).find(
		({ verdict }) => verdict !== 'right' && verdict !== 'not-asked',
	);
	return slips[0]?.why ?? wrong?.why ?? '';
}

/** Exercises by what a row may call them: their name, their place from 1, their title. */
function namesOf(exercises: readonly ClassExercise[]): ReadonlyMap<string, ClassExercise> {
	const named = new Map<string, ClassExercise>();
	const add = (name: string | undefined, exercise: ClassExercise) => {
		const key = name?.trim().toLowerCase();
		if (key && !named.has(key)) named.set(key, exercise);
	};
	for (const exercise of exercises) add(exercise.name, exercise);
	for (const exercise of exercises) add(exercise.title, exercise);
	for (const [i, exercise] of exercises.entries()) add(`${i + 1}`, exercise);
	return named;
}

/** A number of an exercise as people write it: "7.", "No. 7", "Exercise 7". */
const NUMBERED = /^(?:no\.?|nr\.?|exercise|problem|question|q|#)?\s*(\d{1,6})\s*[.)]?$/iu;

/**
 * What marks the answers to a set. The same answer is judged once, and remembered.
 * @param points what each line gives, where points are asked.
 */
export function markerOf(set: ExerciseSet, points: Points | null = null): Marker {
	const exercises = exercisesOf(set);
	const named = namesOf(exercises);
	const known = new Map<string, Pick<MarkedRow, 'marked' | 'why'>>();
	const find = (called: string) => {
		const key = called.trim().toLowerCase();
		return named.get(key) ?? named.get(NUMBERED.exec(key)?.[1]?.replace(/^0+(?=\d)/u, '') ?? '') ?? null;
	};
	const judge = (exercise: ClassExercise, row: AnswerRow): Pick<MarkedRow, 'marked' | 'why'> => {
		const sent = sentOf(row);
		if (typeof sent === 'string') return { marked: null, why: sent };
		const made = check(exercise, sent.answer, sent.chain);
		if (!made.ok) return { marked: null, why: made.fault.message.replace(/\.$/u, '') };
		const slips = made.value.slips.map(({ code, why }) => ({ code, title: slipNamed(code)?.title ?? code, why }));
		const lines = made.value;
		const look = lookAt(lines, slips, sent.failing);
		return { marked: { lines, slips, look, points: points && scored(lines, points) }, why: '' };
	};
	return {
		exercises,
		mark: (row) => {
			const exercise = find(row.exercise);
			if (!exercise) {
				const why =
					row.exercise === ''
						? 'it does not say which exercise it belongs to'
						: `there is no exercise called “${row.exercise.slice(0, 60)}” in the set`;
				return { row, exercise: null, marked: null, why };
			}
			if (row.answer === '' && row.working === '')
				return { row, exercise, marked: null, why: 'there is no answer in it' };
			const key = JSON.stringify([exercise.name, row.answer, row.working]);
			const before = known.get(key);
			if (before) return { row, exercise, ...before };
			const made = judge(exercise, row);
			if (known.size >= REMEMBERED) known.clear();
			known.set(key, made);
			return { row, exercise, ...made };
		},
	};
}
