import {
	type BookExercise,
	type Chain,
	type FactsFrom,
	type FourLines,
	goalOf,
	judge,
	type Outcome,
	readProblem,
	type WorkedChain,
	workChain,
} from '@tidy-sum/core';
import { useMemo } from 'react';
import { useAppSelector } from '../store/store';
import { balanceOf, type LaneColumn } from './describe';
import { type Shelf, type Support, shelfIn } from './shelf';
import {
	answerOf,
	type Block,
	chainOf,
	exerciseNamed,
	freshBody,
	isOwn,
	isSilent,
	mustPlace,
	needsLine,
	startOf,
	type Work,
	wantOf,
	workOf,
} from './work';
import type { WorksState } from './works-slice';

/** Everything the Desk shows of one exercise, derived from what was done. */
export type DeskView = {
	readonly exercise: BookExercise;
	readonly work: Work;
	readonly blocks: readonly Block[];
	readonly chain: Chain;
	readonly worked: WorkedChain;
	readonly columns: readonly LaneColumn[];
	readonly verdict: FourLines | null;
	/** Why work that was sent to the check could not be judged; '' where it could, or was not sent. */
	readonly unchecked: string;
	/** Whether it is said what the line starts from, and what is wanted. */
	readonly started: boolean;
	readonly wanted: boolean;
	readonly support: Support;
	/** Where facts are looked for here. */
	readonly facts: FactsFrom;
	readonly canUndo: boolean;
	readonly canRedo: boolean;
	/** Other lines kept for the same exercise, by id. */
	readonly beside: readonly string[];
};

/** A problem of one's own as an exercise: what its text tells, and what the student has said. */
export function ownExercise(name: string, work: Work): BookExercise {
	const { text, stated, want } = work;
	const told = readProblem(text);
	const role = (at: readonly [number, number]) =>
		work.placed.find((one) => one.at[0] === at[0] && one.at[1] === at[1])?.role ?? 'spare';
	return {
		name,
		title: 'A problem of my own',
		trains: '',
		prompt: text,
		marks: told.numbers.map(({ at }) => ({ at, role: role(at) })),
		start: work.start ?? { number: '', unit: '' },
		facts: stated,
		want: { unit: want ?? '' },
		rounding: told.rounding ?? 'figures',
	};
}

/** The exercise of this name, worked as far as it is. */
export function exerciseOf(name: string | undefined, work: Work): BookExercise {
	return name && isOwn(name) ? ownExercise(name, work) : exerciseNamed(name);
}

/** The facts the student has found in the problem: all of them where there is nothing to place. */
function problemFacts(exercise: BookExercise, work: Work) {
	if (isOwn(exercise.name) || !mustPlace(exercise) || (work.blocks.length && !work.placed.length))
		return [...exercise.facts, ...(isOwn(exercise.name) ? [] : work.stated)];
	const marks = (exercise.marks ?? []).filter(({ role }) => role === 'fact');
	const isPlaced = (at: readonly [number, number]) =>
		work.placed.some((one) => one.role === 'fact' && one.at[0] === at[0]);
	// The marks of a fact's two halves follow each other in the text.
	const found = exercise.facts.filter((_, i) => marks.slice(2 * i, 2 * i + 2).some(({ at }) => isPlaced(at)));
	return [...found, ...work.stated];
}

function lineOf(exercise: BookExercise, work: Work) {
	const chain = chainOf(exercise, work);
	const worked = workChain(chain);
	if (worked.ok) return { chain, worked: worked.value };
	// Each block reads by itself; only the whole can be too long a line.
	const short = { ...chain, factors: [] };
	const bare = workChain(short);
	if (!bare.ok) throw new Error(`the exercise ${exercise.name} cannot be worked: ${bare.fault.message}`);
	return { chain: short, worked: bare.value };
}

/** Whether an answer may come without a line: what is done in the head, or with no factor at all. */
function mayLackLine({ want, terms, line }: BookExercise): boolean {
	return 'mixed' in want || terms !== undefined || line === undefined;
}

/** What goes to the check: the answer, and the line where there is one or should be. */
export function sentOf(exercise: BookExercise, work: Work, chain: Chain) {
	const want = goalOf(exercise.want);
	const line = { ...chain, ...(want === null ? {} : { want }) };
	const needed = needsLine(exercise) && (chain.factors.length > 0 || !mayLackLine(exercise));
	return { answer: answerOf(exercise, work), line: needed ? line : undefined };
}

/** The verdict on work that was sent to the check, or why there is none; null for work that was not sent. */
export function verdictOf(exercise: BookExercise, work: Work, chain: Chain): Outcome<FourLines> | null {
	if (!work.checked) return null;
	const { answer, line } = sentOf(exercise, work, chain);
	const made = judge(exercise, answer, line);
	// A line that cannot be judged does not keep the answer from it.
	const judged = made.ok || !line ? made : judge(exercise, answer);
	return judged.ok ? { ok: true, value: judged.value.lines } : judged;
}

/** The other pieces of work kept for an exercise. */
function idsBeside(works: WorksState, exercise: string, open: string): readonly string[] {
	return Object.values(works.byId)
		.filter(({ id, body }) => body.exercise === exercise && id !== open)
		.map(({ id }) => id);
}

function sameIds(a: readonly string[], b: readonly string[]): boolean {
	return a.join() === b.join();
}

/** One's own Shelf as it stands. */
export function useShelf(): Shelf {
	return useAppSelector((state) => shelfIn(state.works));
}

/** The Desk of the exercise with this name. */
export function useDesk(name: string | undefined): DeskView {
	const key = name && isOwn(name) ? name : exerciseNamed(name).name;
	const open = useAppSelector((state) => state.works.open[key] ?? '');
	const kept = useAppSelector((state) => state.works.byId[open]?.body);
	const beside = useAppSelector((state) => idsBeside(state.works, key, open), sameIds);
	const shelf = useShelf();
	const body = useMemo(() => kept ?? freshBody(key), [kept, key]);
	const work = workOf(body);
	// Each is made anew only when the part of the work it is made of has changed: an answer typed leaves the line
	// as it is, and a block placed leaves the Shelf as it is.
	const { text, placed, stated, blocks, start, startFigures, turned, want: said } = work;
	const own = isOwn(key);
	// biome-ignore lint/correctness/useExhaustiveDependencies: the parts of the work it is made of.
	const exercise = useMemo(
		() => exerciseOf(key, work),
		[key, own && text, own && placed, own && stated, own && start, own && said],
	);
	// biome-ignore lint/correctness/useExhaustiveDependencies: the parts of the work it is made of.
	const { chain, worked } = useMemo(
		() => lineOf(exercise, work),
		[exercise, blocks, start, startFigures, turned, said],
	);
	const want = wantOf(exercise, work);
	const columns = useMemo(() => balanceOf(worked, want ?? ''), [worked, want]);
	const judged = useMemo(() => verdictOf(exercise, work, chain), [exercise, work, chain]);
	const unplaced = blocks.length > 0 && placed.length === 0;
	// biome-ignore lint/correctness/useExhaustiveDependencies: the parts of the work it is made of.
	const facts = useMemo(
		() => ({ problem: problemFacts(exercise, work), own: shelf.own.map(({ fact }) => fact), allowed: shelf.allowed }),
		[exercise, mustPlace(exercise) && unplaced, placed, stated, shelf],
	);
	return {
		exercise,
		work,
		blocks: work.blocks,
		chain,
		worked,
		columns,
		verdict: judged?.ok ? judged.value : null,
		unchecked: judged && !judged.ok ? judged.fault.message : '',
		started: startOf(exercise, work) !== null,
		wanted: want !== null && want !== '',
		support: shelf.support,
		facts,
		canUndo: body.steps.slice(0, body.at).some((step) => !isSilent(step)),
		canRedo: body.steps.slice(body.at).some((step) => !isSilent(step)),
		beside,
	};
}
