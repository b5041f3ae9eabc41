import { nanoid, type UnknownAction } from '@reduxjs/toolkit';
import type { Exercise } from '@tidy-sum/core';
import type { KeptTry, Step, StoredWork } from '@tidy-sum/schema';
import type { Head, TriesOf } from '@tidy-sum/schema/desk';
import { TRIES_LIMIT } from '@tidy-sum/schema/limits';
import { isOwn } from './exercises';
import { canRedo, canUndo, freshBody, posingOf, withStep } from './history';
import { posedInRound } from './made-rounds';
import { isList } from './merged-body';
import { foundIn, partedIn } from './parted-in';
import { changed, here, isHere, put, type WorkEntry, type WorksState, without, withSteps } from './works-state';

export type { WorkEntry, WorksState } from './works-state';

/** What a piece of work begins with: its exercise, a fresh id, and the exercise itself where it was made for a Round. */
type Begun = { readonly exercise: string; readonly fresh: string; readonly posed: Exercise | undefined };

/** An action with the moment it was done at. */
type Timed<P> = { readonly payload: P; readonly meta: { readonly when: number } };

function now() {
	return { meta: { when: Date.now() } };
}

const EMPTY: WorksState = { byId: {}, open: {}, last: null };

type Prepared = { readonly payload: unknown; readonly meta?: unknown };

/** What each action does to the state, by its type. */
const CASES = new Map<string, (state: WorksState, action: never) => WorksState>();

/** An action with its payload prepared from its arguments, and the state after it. */
function act<Args extends unknown[], P extends Prepared>(
	name: string,
	prepare: (...args: Args) => P,
	reduce: (state: WorksState, action: P) => WorksState,
) {
	const type = `works/${name}`;
	CASES.set(type, reduce);
	return (...args: Args) => ({ type, ...prepare(...args) });
}

/** An action that carries its one argument as it is. */
function carry<P>(name: string, reduce: (state: WorksState, payload: P) => WorksState) {
	return act(
		name,
		(payload: P) => ({ payload }),
		(state, action) => reduce(state, action.payload),
	);
}

/** An id for a piece of work on an exercise. A list that goes on for ever has one for itself, so that two devices begin the same one. */
function freshId(exercise: string): string {
	return isList(exercise) ? `list-${exercise}` : nanoid();
}

/** The state with a piece of work under another name. */
function renamedIn(state: WorksState, from: string, as: string): WorksState {
	const { [from]: id = '', ...open } = state.open;
	const entry = state.byId[id];
	if (!entry || entry.away) return state;
	return { ...put(state, changed(entry, { ...entry.body, exercise: as })), open: { ...open, [as]: id } };
}

/** The state after an undo or a redo, where there is something to take back or to bring back. */
function moved(
	state: WorksState,
	{ payload: exercise, meta: { when } }: Timed<string>,
	step: Extract<Step, { do: 'undo' | 'redo' }>,
): WorksState {
	const entry = here(state, exercise);
	const may = step.do === 'undo' ? canUndo : canRedo;
	return entry && may(entry.body) ? put(state, changed(entry, withStep(entry.body, step), when)) : state;
}

/**
 * What the student did, exercise by exercise. Nothing else is stored: lines, cancelling, figures and verdicts follow from it.
 * Each case makes a new state of the one before, and lists tell by identity whether a piece has changed: no draft is made of
 * thousands of pieces, and nothing is frozen.
 */
export function worksReducer(state: WorksState = EMPTY, action: UnknownAction): WorksState {
	const reduce = CASES.get(action.type);
	return reduce ? reduce(state, action as never) : state;
}

/** What the device had kept, at the start. */
export const loaded = carry<WorksState>('loaded', (_, works) => works);

/** Work of a file, already held against what is here. */
export const tookIn = carry<Pick<WorksState, 'byId' | 'open'>>('tookIn', (state, taken) => ({ ...state, ...taken }));

export const opened = carry<string>('opened', (state, exercise) => ({ ...state, last: exercise }));

/** A step on an exercise, be it the first. */
export const did = act(
	'did',
	(exercise: string, step: Step) => ({
		payload: { exercise, step, fresh: freshId(exercise), posed: posedInRound(exercise) },
		...now(),
	}),
	(state, { payload, meta: { when } }: Timed<Begun & { readonly step: Step }>) => {
		const { exercise, step, fresh, posed } = payload;
		// A piece whose steps are not here yet stays as it is: what is done meanwhile goes into one beside it.
		const entry = here(state, exercise) ?? { id: fresh, body: freshBody(exercise, posed), version: 0, ahead: true };
		const next = put(state, changed(entry, withStep(entry.body, step), when));
		return { ...next, open: { ...next.open, [exercise]: entry.id } };
	},
);

/** Lays a piece of work with all its steps, as it was done elsewhere. */
export const laid = act(
	'laid',
	(exercise: string, steps: readonly Step[]) => ({
		payload: { exercise, steps: [...steps], fresh: nanoid() },
		...now(),
	}),
	(state, { payload: { exercise, steps, fresh }, meta: { when } }) => {
		const entry: WorkEntry = { id: fresh, body: { exercise, steps }, version: 0, ahead: true, touched: when };
		return { ...put(state, entry), open: { ...state.open, [exercise]: fresh } };
	},
);

/** What came of sending the exercise to the check; it stays, whatever is undone. */
export const tried = carry<{ readonly exercise: string; readonly made: KeptTry }>(
	'tried',
	(state, { exercise, made }) => {
		const entry = here(state, exercise);
		if (!entry) return state;
		const tries = [...(entry.body.tries ?? []), made].slice(-TRIES_LIMIT);
		return put(state, changed(entry, { ...entry.body, tries }, made.when));
	},
);

/** The slips of a try that is kept were found. */
export const slipsNamed = carry<{
	readonly id: string;
	readonly when: number;
	readonly slips: readonly string[];
}>('slipsNamed', (state, { id, when, slips }) => {
	const entry = state.byId[id];
	if (!entry || entry.away) return state;
	const tries = (entry.body.tries ?? []).map((one) => {
		if (one.when !== when || !one.unnamed) return one;
		const { unnamed: _, ...named } = one;
		return { ...named, slips: [...slips] };
	});
	return put(state, changed(entry, { ...entry.body, tries }));
});

export const undid = act(
	'undid',
	(exercise: string) => ({ payload: exercise, ...now() }),
	(state, action) => moved(state, action, { do: 'undo' }),
);

export const redid = act(
	'redid',
	(exercise: string) => ({ payload: exercise, ...now() }),
	(state, action) => moved(state, action, { do: 'redo' }),
);

/** Begins the exercise again; the line so far is kept beside it. */
export const begunAnew = act(
	'begunAnew',
	(exercise: string) => ({ payload: { exercise, fresh: nanoid(), posed: posedInRound(exercise) } }),
	(state, { payload: { exercise, fresh, posed } }: { readonly payload: Begun }) => {
		// The steps of an own problem pose it: they begin the new line too.
		const before = here(state, exercise)?.body;
		const steps = before && isOwn(exercise) ? [...posingOf(before)] : [];
		const body = { ...freshBody(exercise, posed), steps };
		const entry: WorkEntry = { id: fresh, body, version: 0, ahead: true };
		return { ...put(state, entry), open: { ...state.open, [exercise]: fresh } };
	},
);

/** Gives a piece of work another name: a draft becomes a problem of its own. */
export const renamed = carry<{ readonly from: string; readonly as: string }>('renamed', (state, { from, as }) =>
	renamedIn(state, from, as),
);

/** Puts another kept line for the exercise on the Desk. */
export const swapped = carry<{ readonly exercise: string; readonly id: string }>(
	'swapped',
	(state, { exercise, id }) => ({
		...state,
		open: { ...state.open, [exercise]: id },
	}),
);

/** The server has kept the body that was sent. */
export const acknowledged = carry<{ readonly sent: WorkEntry; readonly version: number }>(
	'acknowledged',
	(state, { sent, version }) => {
		const entry = state.byId[sent.id];
		return entry ? put(state, { ...entry, version, ahead: entry.body !== sent.body }) : state;
	},
);

/**
 * The server holds another version. Where the work here and there can be merged, that is kept; else theirs is taken, and what was
 * ahead of it here is kept beside it.
 */
export const parted = act(
	'parted',
	(kept: StoredWork) => ({ payload: kept }),
	(state, { payload }) => partedIn(state, payload),
);

/** Another window of the desk has gone on with a piece; `fresh` is the id under which what was done here was kept beside it. */
export const foundBeside = act(
	'foundBeside',
	(theirs: WorkEntry, fresh?: string) => ({ payload: { theirs, fresh } }),
	(state, { payload: { theirs, fresh } }) => foundIn(state, theirs, fresh),
);

/** Pieces the server keeps whose steps are not asked for yet: how far each is, and no more. */
export const listed = carry<readonly Head[]>('listed', (state, heads) => {
	const byId = { ...state.byId };
	const open = { ...state.open };
	for (const { id, exercise, version, steps, tries, kept } of heads) {
		const mine = byId[id];
		if (state.erasing?.includes(id) || (mine && (isHere(mine) || mine.version >= version))) continue;
		const touched = Date.parse(kept);
		byId[id] = { id, body: { exercise, steps: [] }, version, ahead: false, touched, away: { steps, tries } };
		open[exercise] ??= id;
	}
	return { ...state, byId, open };
});

/** Steps came that were on the server alone. */
export const came = carry<readonly StoredWork[]>('came', (before, works) =>
	works.reduce((state, work) => {
		const mine = state.byId[work.id];
		return mine && !isHere(mine) ? partedIn(state, work) : state;
	}, before),
);

/** Steps were read from this device; the others that were asked for cannot be read. */
export const readHere = carry<{ readonly read: readonly WorkEntry[]; readonly unread: readonly string[] }>(
	'readHere',
	(state, { read, unread }) => {
		const byId = { ...state.byId };
		for (const piece of read) {
			const mine = byId[piece.id];
			if (mine?.away?.here !== undefined) byId[piece.id] = withSteps(mine, piece);
		}
		for (const id of unread) {
			const mine = byId[id];
			if (mine?.away) byId[id] = { ...mine, away: { ...mine.away, isUnread: true } };
		}
		return { ...state, byId };
	},
);

/** Tries came by themselves, of pieces whose steps are on the server alone. */
export const triesCame = carry<readonly TriesOf[]>('triesCame', (state, came) => {
	const byId = { ...state.byId };
	for (const { id, tries } of came) {
		const mine = byId[id];
		if (mine && !isHere(mine)) byId[id] = { ...mine, body: { ...mine.body, tries } };
	}
	return { ...state, byId };
});

/** Pieces the server has lost, or has in an older version, as after a backup: they are sent again. */
export const missed = carry<readonly { readonly id: string; readonly version: number }[]>('missed', (state, lost) => {
	const byId = { ...state.byId };
	for (const { id, version } of lost) {
		const mine = byId[id];
		if (mine && isHere(mine)) byId[id] = { ...mine, version, ahead: true };
	}
	return { ...state, byId };
});

/** Pieces of work are erased here, for good; the server is still to hear of it. */
export const erased = carry<readonly string[]>('erased', (state, ids) => ({
	...ids.reduce(without, state),
	erasing: [...(state.erasing ?? []), ...ids],
}));

/** Pieces are erased on the server as well, whoever erased them. */
export const goneThere = carry<readonly string[]>('goneThere', (state, ids) => ({
	...ids.reduce(without, state),
	erasing: (state.erasing ?? []).filter((id) => !ids.includes(id)),
}));
