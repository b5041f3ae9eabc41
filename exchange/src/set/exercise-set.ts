import {
	BOOK,
	type BookExercise,
	type Exercise,
	goalOf,
	inClass,
	judge,
	type Outcome,
	sayWanted,
	shownCode,
} from '@tidy-sum/core';
import { startingText } from '@tidy-sum/core/help';
import { answerKey, readRoundCode, roundExercises } from '@tidy-sum/core/practice';
import { PROBLEM_LIMIT, readProblem } from '@tidy-sum/core/problem';
import type { Told } from '@tidy-sum/schema';
import type { Handed } from '@tidy-sum/schema/handed';
import { type ExerciseSet, SET_EDITION, type SetExercise } from '@tidy-sum/schema/set';

export type { ExerciseSet, SetExercise } from '@tidy-sum/schema/set';

/** What came of one row or one item of a file: whether it is taken, and what there is to say of it; '' where nothing. */
export type RowTold = {
	/** Where it stands in the file, as people count: "row 3", "items/a.xml". */
	readonly where: string;
	readonly name: string;
	readonly taken: boolean;
	readonly says: string;
	/** The answer it gives itself, where it gives one. */
	readonly answer?: string;
};

/** A set as it was read, and what came of each row. */
export type ReadSet = { readonly set: ExerciseSet; readonly rows: readonly RowTold[] };

/** An exercise as a class works it, with its name in the set. */
export type ClassExercise = SetExercise & Exercise;

/** A set of exercises under a title. */
export function setOf(
	title: string,
	exercises: readonly SetExercise[],
	{ goesBy, code }: Pick<ExerciseSet, 'goesBy' | 'code'> = {},
): ExerciseSet {
	return {
		tidySum: SET_EDITION,
		title,
		...(code ? { code } : {}),
		...(goesBy ? { goesBy } : {}),
		exercises: [...exercises],
	};
}

/**
 * A Round as a set, by its code.
 * @returns it, or what `readRoundCode` and `roundExercises` end with.
 */
export function setOfRound(typed: string): Outcome<ExerciseSet> {
	const plan = readRoundCode(typed);
	if (!plan.ok) return plan;
	const made = roundExercises(plan.value);
	if (!made.ok) return made;
	const code = shownCode(typed);
	const exercises = made.value.map(({ skill, ...exercise }, i) => ({
		name: placeName(i),
		skill,
		...mutable(exercise),
	}));
	return { ok: true, value: setOf(`Round ${code}`, exercises, { code }) };
}

/** The exercises of the book as a set. */
export function setOfBook(): ExerciseSet {
	return setOf('The book of Fennel Ridge', bookInSet(BOOK));
}

/** The exercises of a set as its class works them: with the class's facts, tables and ways. */
export function exercisesOf({ exercises, goesBy }: ExerciseSet): readonly ClassExercise[] {
	return exercises.map((exercise) => inClass(exercise, goesBy));
}

/** A name for an exercise by its place, from 0: "e01". */
export function placeName(place: number): string {
	return `e${`${place + 1}`.padStart(2, '0')}`;
}

/** Exercises of the book as a set holds them. */
export function bookInSet(exercises: readonly BookExercise[]): readonly SetExercise[] {
	return exercises.map(({ name, title, trains: _, ...exercise }) => ({ name, title, ...mutable(exercise) }));
}

/** The same exercise for the schema, which knows no lists that are only read. */
export function mutable(exercise: Exercise): Omit<SetExercise, 'name'> {
	return exercise as Omit<SetExercise, 'name'>;
}

/** The text of an exercise; of one that has none, what it starts from and what is wanted: "26.0 mi/h → ft/s". */
export function textOfExercise(exercise: Exercise): string {
	const { prompt, start, until, terms } = exercise;
	if (prompt.trim() !== '') return prompt;
	const wanted = sayWanted(exercise, goalOf(exercise));
	if (!start) return wanted;
	return `${startingText({ start, ...(until ? { until } : {}), terms: terms ?? [] })} → ${wanted}`;
}

/** What is said of an exercise beside its text, as far as it is said. */
export type SaidOf = { readonly [K in keyof Exercise]?: Exercise[K] | undefined };

/** What was made of a text and what is said beside it: an exercise, or why there is none. */
export type FromText = { readonly exercise: Exercise | null; readonly says: string };

/** What is said, without what is left open. */
export function saidOnly(said: SaidOf): Partial<Exercise> {
	return Object.fromEntries(Object.entries(said).filter(([, value]) => value !== undefined));
}

/** Whether an exercise is worked on a line, and nothing says what the line starts from. */
export function lacksStart(exercise: Exercise): boolean {
	return !exercise.start && !exercise.terms?.length && goalOf(exercise) !== null;
}

/**
 * An exercise by its text, with what is said of it beside: what is said holds, and the reader of problems fills in the
 * rest.
 */
export function fromText(prompt: string, said: SaidOf): FromText {
	const told = readProblem(prompt.slice(0, PROBLEM_LIMIT));
	const given = saidOnly(said);
	const want = given.want ?? told.want;
	// A text that does not ask by itself tells its start where it holds one quantity.
	const [only, ...others] = told.numbers;
	const lone = only && !others.length ? { number: only.number, unit: only.unit } : null;
	const start = given.start ?? told.start ?? lone;
	if (!want) return { exercise: null, says: 'it does not say what to find' };
	const marks = told.numbers.flatMap(({ at, role }) => (role ? [{ at, role }] : []));
	const read = given.start
		? {}
		: {
				...(told.until ? { until: told.until } : {}),
				...(told.terms.length ? { terms: told.terms } : {}),
				...(told.times ? { times: told.times } : {}),
				...(told.parts === false ? { parts: false } : {}),
				...(told.decimal ? { decimal: told.decimal } : {}),
				...(told.difference ? { difference: true } : {}),
				...(told.exactStart ? { exactStart: true } : {}),
			};
	const exercise: Exercise = {
		prompt,
		...(start ? { start } : {}),
		...read,
		facts: told.facts,
		...(marks.length ? { marks } : {}),
		rounding: told.rounding ?? 'figures',
		...given,
		want,
	};
	return lacksStart(exercise)
		? { exercise: null, says: 'it does not say what it starts from' }
		: { exercise, says: '' };
}

/** Problems that were handed on as a set: what was told of each holds. */
export function setOfHanded({ title, problems }: Handed): ReadSet {
	const rows: RowTold[] = [];
	const exercises: SetExercise[] = [];
	for (const [i, { label, text, told }] of problems.entries()) {
		const name = label ?? placeName(i);
		const { start, want, rounding, marks, says: _, ...rest } = told ?? {};
		const made = fromText(text, {
			...rest,
			start: start ?? undefined,
			want: want ?? undefined,
			rounding: rounding ?? undefined,
			marks: marks?.flatMap(({ at, role }) => (role ? [{ at, role }] : [])),
		});
		if (made.exercise) exercises.push({ name, ...mutable(made.exercise) });
		rows.push({ where: `problem ${i + 1}`, name, taken: made.exercise !== null, says: made.says });
	}
	return { set: setOf(title, exercises), rows };
}

/**
 * A set as problems that can be handed on by link: what is told of each goes with its text. What only a key needs and what
 * the class goes by go along.
 */
export function handedOfSet(set: ExerciseSet): Handed {
	return {
		tidySum: 1,
		title: set.title.slice(0, 120),
		problems: exercisesOf(set).map((exercise) => ({
			label: labelOf(exercise),
			text: exercise.prompt,
			told: toldOfExercise(exercise),
		})),
	};
}

/** The most letters of what a problem of a sheet is listed by. */
const LABEL = 20;

/** What an exercise is listed by: its title where that is short, else its name. */
function labelOf({ name, title }: SetExercise): string {
	return title && title.length <= LABEL ? title : name.slice(0, LABEL);
}

/** What is told of a problem by an exercise that says it all. */
export function toldOfExercise(exercise: Exercise): Told {
	const { start, until, terms, times, parts, decimal, difference, exactStart, facts } = exercise;
	const { marks = [], want, rounding, line, goesBy } = exercise;
	return {
		marks: marks.map(({ at, role }) => ({ at: [...at], role })),
		start: start ?? null,
		...(until ? { until } : {}),
		...(terms?.length ? { terms: [...terms] } : {}),
		...(times?.length ? { times: [...times] } : {}),
		...(parts === undefined ? {} : { parts }),
		...(decimal ? { decimal } : {}),
		...(difference ? { difference } : {}),
		...(exactStart ? { exactStart } : {}),
		facts: [...facts],
		want,
		rounding,
		...(line ? { line: [...line] } : {}),
		...(goesBy ? { goesBy } : {}),
		says: { want: null, rounding: null },
	};
}

/** What is said of an exercise that is taken, once its key is worked; null where it has none. */
function saidOfKey(exercise: Exercise, answer: string | undefined): { readonly taken: boolean; readonly says: string } {
	const key = answerKey(exercise);
	if (!key.ok) return { taken: false, says: `it cannot be worked: ${key.fault.message}` };
	if (answer === undefined) return { taken: true, says: '' };
	const judged = judge(exercise, answer);
	if (judged.ok && judged.value.lines.right) return { taken: true, says: '' };
	return { taken: true, says: `its own answer, ${answer}, differs from ours, ${key.value.text}` };
}

/**
 * A set looked over: the key of each exercise is worked. One without a key is left out; one whose own answer is another
 * is told.
 */
export function lookedOver({ set, rows }: ReadSet): ReadSet {
	const worked = exercisesOf(set);
	const kept: SetExercise[] = [];
	let at = -1;
	const told = rows.map((row): RowTold => {
		if (!row.taken) return row;
		at += 1;
		const [exercise, lying] = [worked[at], set.exercises[at]];
		if (!exercise || !lying) return row;
		const { taken, says } = saidOfKey(exercise, row.answer);
		if (taken) kept.push(lying);
		return { ...row, taken, says: [row.says, says].filter(Boolean).join('; ') };
	});
	return rows.length ? { set: { ...set, exercises: kept }, rows: told } : { set, rows };
}

/** A set with at least one exercise in it, or a fault that says why there is none. */
export function orNone(read: ReadSet): Outcome<ReadSet> {
	if (read.set.exercises.length) return { ok: true, value: read };
	const [first] = read.rows;
	return {
		ok: false,
		fault: {
			code: 'empty',
			message: first
				? `No exercise of this file could be read. In ${first.where}: ${first.says.replace(/\.$/u, '')}.`
				: 'There is no exercise in this file.',
		},
	};
}
