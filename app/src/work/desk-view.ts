import { createSelectorCreator, lruMemoize } from '@reduxjs/toolkit';
import {
	askedBy,
	type BookExercise,
	balanceOf,
	type Chain,
	type Fact,
	type FactsFrom,
	type FourLines,
	goalOf,
	type LaneColumn,
	largerUnits,
	mustPlace,
	partsOfLine,
	type Quantity,
	type WorkedChain,
	workChain,
} from '@tidy-sum/core';
import { exerciseNamed, isOwn, OWN_PARTS, type OwnParts, ownExercise, ownPartsOf, posedExercise } from './exercises';
import { canRedo, canUndo, freshBody } from './history';
import { chainOf, type LineParts, startOf, wantOf } from './line-of-work';
import { type Support, shelfIn, shelfWith } from './my-shelf';
import { type NumbersWay, numbersOf, withCovered } from './numbers';
import { verdictOf } from './sent';
import * as words from './words';
import { type Block, type Work, workOf } from './work';
import type { WorksState } from './works-reducer';

/** Everything the Desk shows of one exercise, derived from what was done. */
export type DeskView = {
	readonly exercise: BookExercise;
	readonly work: Work;
	readonly blocks: readonly Block[];
	readonly chain: Chain;
	readonly worked: WorkedChain;
	/** The same as it is shown: what is covered is left out. */
	readonly shown: WorkedChain;
	readonly numbers: NumbersWay;
	/** The other end of a range, taken through the same steps; null where there is none. */
	readonly high: WorkedChain | null;
	readonly columns: readonly LaneColumn[];
	/** Whether nothing is left to do on the line; and what it lacks though its units are as wanted, '' where nothing. */
	readonly closed: boolean;
	readonly lacks: string;
	/** The parts of a sum that are not on the line yet. */
	readonly toAdd: readonly Quantity[];
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

type State = { readonly works: WorksState };

/** Selectors of an exercise by its name: each is worked again only when what it is made of has changed. */
const OF_SOME = { maxSize: 12 };
const select = createSelectorCreator({
	memoize: lruMemoize,
	memoizeOptions: OF_SOME,
	argsMemoize: lruMemoize,
	argsMemoizeOptions: OF_SOME,
});

const nameIn = (_: State, name: string) => name;
const openIn = ({ works }: State, name: string) => works.open[name] ?? '';
const keptIn = (state: State, name: string) => state.works.byId[openIn(state, name)]?.body;
const allIn = ({ works }: State) => works.byId;
const shelfOf = ({ works }: State) => shelfIn(works);

const bodyIn = select([keptIn, nameIn], (kept, name) => kept ?? freshBody(name));

const workIn = (state: State, name: string) => workOf(bodyIn(state, name));

/** An exercise of the book, or of a Round that lies ready: the worker makes a Round, so it may come after its name. */
const namedIn = (_: State, name: string) => (isOwn(name) ? null : (exerciseNamed(name) ?? null));

/** The same as it was kept with the work. */
const posedIn = select([nameIn, (state: State, name: string) => workIn(state, name).posed], (name, posed) =>
	posedExercise(name, posed),
);

/** Whether two folds of work pose the same problem of one's own: what was done on its line does not count. */
function posesSame(a: OwnParts, b: OwnParts): boolean {
	return OWN_PARTS.every((part) => a[part] === b[part]);
}

/** What of the work poses a problem of one's own; the same object as long as nothing of it has changed. */
const ownIn = select([workIn], ownPartsOf, {
	memoizeOptions: { ...OF_SOME, resultEqualityCheck: posesSame },
});

const exerciseIn = select([nameIn, namedIn, posedIn, ownIn], (name, named, posed, own) =>
	isOwn(name) ? ownExercise(name, own) : (named ?? posed ?? null),
);

/** The Shelf, as the class goes by it that an exercise came with. */
const classShelfIn = select([shelfOf, exerciseIn], (shelf, exercise) => shelfWith(shelf, exercise?.goesBy));

function lineOf(exercise: BookExercise, parts: LineParts) {
	const chain = chainOf(exercise, parts);
	const worked = workChain(chain);
	if (worked.ok) return { chain, worked: worked.value };
	// Each block reads by itself; only the whole can be too long a line.
	const short = { ...chain, factors: [] };
	const bare = workChain(short);
	if (!bare.ok) throw new Error(words.theExerciseCannotBeWorked(exercise.name, bare.fault.message));
	return { chain: short, worked: bare.value };
}

/** The line as it stands: an answer that is typed leaves it as it is. */
const lineIn = select(
	[
		exerciseIn,
		(state: State, name: string) => workIn(state, name).blocks,
		(state: State, name: string) => workIn(state, name).start,
		(state: State, name: string) => workIn(state, name).startFigures,
		(state: State, name: string) => workIn(state, name).turned,
		(state: State, name: string) => workIn(state, name).want,
	],
	(exercise, blocks, start, startFigures, turned, want) => {
		if (!exercise) return null;
		const parts = { blocks, start, startFigures, turned, want };
		const line = lineOf(exercise, parts);
		return { ...line, started: startOf(exercise, parts) !== null, want: wantOf(exercise, parts) };
	},
);

/** The other end of a range on the same line. */
const highIn = select([exerciseIn, lineIn], (exercise, line) => {
	if (!exercise?.until || !line || 'top' in line.chain.start) return null;
	const worked = workChain({ ...line.chain, start: exercise.until });
	return worked.ok ? worked.value : null;
});

const columnsIn = select([exerciseIn, lineIn], (exercise, line) => {
	if (!exercise || !line) return [];
	const larger = line.want === goalOf(exercise) ? largerUnits(exercise) : [];
	return balanceOf(line.worked, line.want ?? '', larger);
});

/** Whether a socket of the balance waits. */
function waits(columns: readonly LaneColumn[]): boolean {
	const empty = (cell: LaneColumn['top']) => cell !== null && cell.piece === null && !cell.kept;
	return columns.some(({ kind, top, bottom }) => kind === 'wanted' && (empty(top) || empty(bottom)));
}

/** Whether the line closes, and what it lacks beyond its units; where silence is wanted only what the balance shows counts. */
const closedIn = select([exerciseIn, lineIn, columnsIn, classShelfIn], (exercise, line, columns, { support }) => {
	const toAdd = toAddIn(exercise, line);
	if (!exercise || !line?.worked.reached) return { closed: false, lacks: '', toAdd };
	const lacks = askedBy(exercise).lacks(line.chain, line.worked) ?? '';
	if (support === 'none') return { closed: !waits(columns) && !toAdd.length, lacks: '', toAdd };
	return { closed: lacks === '', lacks, toAdd };
});

const NOTHING_TO_ADD: readonly Quantity[] = [];

function toAddIn(exercise: BookExercise | null, line: { readonly chain: Chain } | null): readonly Quantity[] {
	return exercise?.terms?.length && line ? partsOfLine(exercise, line.chain).missing : NOTHING_TO_ADD;
}

const judgedIn = select([exerciseIn, workIn, lineIn], (exercise, work, line) =>
	exercise && line ? verdictOf(exercise, work, line.chain) : null,
);

/** The facts the student has found in the problem: all of them where there is nothing to place. */
function problemFacts(
	exercise: BookExercise,
	placed: Work['placed'],
	stated: readonly Fact[],
	begun: boolean,
): readonly Fact[] {
	if (isOwn(exercise.name)) return exercise.facts;
	if (!mustPlace(exercise) || (begun && !placed.length)) return [...exercise.facts, ...stated];
	const marks = (exercise.marks ?? []).filter(({ role }) => role === 'fact');
	const isPlaced = (at: readonly [number, number]) => placed.some((one) => one.role === 'fact' && one.at[0] === at[0]);
	// The marks of a fact's two halves follow each other in the text.
	const found = exercise.facts.filter((_, i) => marks.slice(2 * i, 2 * i + 2).some(({ at }) => isPlaced(at)));
	return [...found, ...stated];
}

/** Where facts are looked for: a block placed leaves it as it is. */
const factsIn = select(
	[
		exerciseIn,
		(state: State, name: string) => workIn(state, name).placed,
		(state: State, name: string) => workIn(state, name).stated,
		(state: State, name: string) => workIn(state, name).blocks.length > 0,
		classShelfIn,
	],
	(exercise, placed, stated, begun, shelf): FactsFrom => ({
		problem: exercise ? problemFacts(exercise, placed, stated, begun) : [],
		own: shelf.own.map(({ fact }) => fact),
		allowed: shelf.allowed,
	}),
);

function sameIds(a: unknown, b: unknown): boolean {
	return String(a) === String(b);
}

/** The other pieces of work kept for an exercise. */
const besideIn = select(
	[allIn, nameIn, openIn],
	(byId, name, open): readonly string[] =>
		Object.values(byId)
			.filter(({ id, body }) => body.exercise === name && id !== open)
			.map(({ id }) => id),
	{ memoizeOptions: { ...OF_SOME, resultEqualityCheck: sameIds } },
);

/** The line as it is shown, and how its numbers are. */
const shownIn = select(
	[exerciseIn, lineIn, classShelfIn, (state: State, name: string) => workIn(state, name).uncovered],
	(exercise, line, shelf, uncovered) => {
		if (!exercise || !line) return null;
		const numbers = numbersOf(exercise, shelf);
		return { numbers, shown: withCovered(line.worked, numbers, uncovered) };
	},
);

/** The Desk of the exercise with this name; null where there is none of that name, or its Round is not made yet. */
export const deskIn = select(
	[exerciseIn, bodyIn, workIn, lineIn, highIn, shownIn, columnsIn, closedIn, judgedIn, factsIn, besideIn, classShelfIn],
	(exercise, body, work, line, high, shown, columns, closed, judged, facts, beside, shelf): DeskView | null =>
		exercise && line && shown
			? {
					exercise,
					work,
					blocks: work.blocks,
					chain: line.chain,
					worked: line.worked,
					high,
					...shown,
					columns,
					...closed,
					verdict: judged?.ok ? judged.value : null,
					unchecked: judged && !judged.ok ? judged.fault.message : '',
					started: line.started,
					wanted: line.want !== null && line.want !== '',
					support: shelf.support,
					facts,
					canUndo: canUndo(body),
					canRedo: canRedo(body),
					beside,
				}
			: null,
);
