import { createSlice, isDraft, nanoid, original, type PayloadAction, type UnknownAction } from '@reduxjs/toolkit';
import type { Exercise } from '@tidy-sum/core';
import type { KeptTry, Step, StoredWork } from '@tidy-sum/schema';
import type { Head, TriesOf } from '@tidy-sum/schema/desk';
import { TRIES_LIMIT } from '@tidy-sum/schema/limits';
import { isOwn } from './exercises';
import { canRedo, canUndo, freshBody, posingOf, withStep } from './history';
import { posedInRound } from './made-rounds';
import { isList } from './merged-body';
import { partedIn } from './parted-in';
import { changed, here, isHere, put, type WorkEntry, type WorksState, without, withSteps } from './works-state';

export type { WorkEntry, WorksState } from './works-state';

/** What a piece of work begins with: its exercise, a fresh id, and the exercise itself where it was made for a Round. */
type Begun = { readonly exercise: string; readonly fresh: string; readonly posed: Exercise | undefined };

/** An action with the moment it was done at. */
type Timed<P> = PayloadAction<P, string, { readonly when: number }>;

function now() {
	return { meta: { when: Date.now() } };
}

const EMPTY: WorksState = { byId: {}, open: {}, last: null };

/**
 * The state itself, not the draft Immer hands to a reducer: these reducers make new states of old ones,
 * and tell by identity whether a body has changed.
 */
function plain(draft: unknown): WorksState {
	return (isDraft(draft) ? original(draft) : draft) as WorksState;
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
 * What the student did, exercise by exercise. Nothing else is stored: lines, cancelling, figures and
 * verdicts follow from it.
 */
export const worksSlice = createSlice({
	name: 'works',
	initialState: EMPTY,
	reducers: {
		/** What the device had kept, at the start. */
		loaded: (_, { payload }: PayloadAction<WorksState>) => payload,
		/** Work of a file, already held against what is here. */
		tookIn: (draft, { payload }: PayloadAction<Pick<WorksState, 'byId' | 'open'>>) => ({ ...plain(draft), ...payload }),
		opened: (draft, { payload: exercise }: PayloadAction<string>) => ({ ...plain(draft), last: exercise }),
		did: {
			prepare: (exercise: string, step: Step) => ({
				payload: { exercise, step, fresh: freshId(exercise), posed: posedInRound(exercise) },
				...now(),
			}),
			reducer: (draft, { payload, meta: { when } }: Timed<Begun & { readonly step: Step }>) => {
				const state = plain(draft);
				const { exercise, step, fresh, posed } = payload;
				// A piece whose steps are not here yet stays as it is: what is done meanwhile lies beside it.
				const entry = here(state, exercise) ?? { id: fresh, body: freshBody(exercise, posed), version: 0, ahead: true };
				const next = put(state, changed(entry, withStep(entry.body, step), when));
				return { ...next, open: { ...next.open, [exercise]: entry.id } };
			},
		},
		/** Lays a piece of work with all its steps, as it was done elsewhere. */
		laid: {
			prepare: (exercise: string, steps: readonly Step[]) => ({
				payload: { exercise, steps: [...steps], fresh: nanoid() },
				...now(),
			}),
			reducer: (
				draft,
				{
					payload: { exercise, steps, fresh },
					meta: { when },
				}: Timed<{ exercise: string; steps: Step[]; fresh: string }>,
			) => {
				const state = plain(draft);
				const entry: WorkEntry = { id: fresh, body: { exercise, steps }, version: 0, ahead: true, touched: when };
				return { ...put(state, entry), open: { ...state.open, [exercise]: fresh } };
			},
		},
		/** What came of sending the exercise to the check; it stays, whatever is undone. */
		tried: (draft, { payload }: PayloadAction<{ exercise: string; made: KeptTry }>) => {
			const state = plain(draft);
			const entry = here(state, payload.exercise);
			if (!entry) return state;
			const tries = [...(entry.body.tries ?? []), payload.made].slice(-TRIES_LIMIT);
			return put(state, changed(entry, { ...entry.body, tries }, payload.made.when));
		},
		undid: {
			prepare: (exercise: string) => ({ payload: exercise, ...now() }),
			reducer: (draft, action: Timed<string>) => moved(plain(draft), action, { do: 'undo' }),
		},
		redid: {
			prepare: (exercise: string) => ({ payload: exercise, ...now() }),
			reducer: (draft, action: Timed<string>) => moved(plain(draft), action, { do: 'redo' }),
		},
		/** Begins the exercise anew; the line so far is kept beside it. */
		begunAnew: {
			prepare: (exercise: string) => ({ payload: { exercise, fresh: nanoid(), posed: posedInRound(exercise) } }),
			reducer: (draft, { payload: { exercise, fresh, posed } }: PayloadAction<Begun>) => {
				const state = plain(draft);
				// A problem of one's own is posed by its steps: they begin the new line too.
				const before = here(state, exercise)?.body;
				const steps = before && isOwn(exercise) ? [...posingOf(before)] : [];
				const body = { ...freshBody(exercise, posed), steps };
				const entry: WorkEntry = { id: fresh, body, version: 0, ahead: true };
				return { ...put(state, entry), open: { ...state.open, [exercise]: fresh } };
			},
		},
		/** Gives a piece of work another name: a draft becomes a problem of its own. */
		renamed: (draft, { payload: { from, as } }: PayloadAction<{ from: string; as: string }>) =>
			renamedIn(plain(draft), from, as),
		/** Puts another kept line for the exercise on the Desk. */
		swapped: (draft, { payload }: PayloadAction<{ exercise: string; id: string }>) => {
			const state = plain(draft);
			return { ...state, open: { ...state.open, [payload.exercise]: payload.id } };
		},
		/** The server has kept the body that was sent. */
		acknowledged: (draft, { payload }: PayloadAction<{ sent: WorkEntry; version: number }>) => {
			const state = plain(draft);
			const entry = state.byId[payload.sent.id];
			if (!entry) return state;
			const ahead = entry.body !== payload.sent.body;
			return put(state, { ...entry, version: payload.version, ahead });
		},
		/**
		 * The server holds another version. Where the work here and there come to one, it is that; else theirs is taken, and
		 * what was ahead of it here is kept beside it.
		 */
		parted: {
			prepare: (kept: StoredWork) => ({ payload: { kept, fresh: nanoid() } }),
			reducer: (draft, { payload: { kept, fresh } }: PayloadAction<{ kept: StoredWork; fresh: string }>) =>
				partedIn(plain(draft), kept, fresh),
		},
		/** Pieces the server keeps whose steps are not asked for yet: where each stands, and no more. */
		listed: (draft, { payload: heads }: PayloadAction<readonly Head[]>) => {
			const state = plain(draft);
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
		},
		/** Steps came that were on the server alone. */
		came: (draft, { payload: works }: PayloadAction<readonly StoredWork[]>) =>
			works.reduce((state, work) => {
				const mine = state.byId[work.id];
				return mine && !isHere(mine) ? partedIn(state, work, '') : state;
			}, plain(draft)),
		/** Steps were read that lie on this device; the others that were asked for cannot be read. */
		readHere: (
			draft,
			{ payload: { read, unread } }: PayloadAction<{ read: readonly WorkEntry[]; unread: readonly string[] }>,
		) => {
			const state = plain(draft);
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
		/** Tries came by themselves, of pieces whose steps are on the server alone. */
		triesCame: (draft, { payload }: PayloadAction<readonly TriesOf[]>) => {
			const state = plain(draft);
			const byId = { ...state.byId };
			for (const { id, tries } of payload) {
				const mine = byId[id];
				if (mine && !isHere(mine)) byId[id] = { ...mine, body: { ...mine.body, tries } };
			}
			return { ...state, byId };
		},
		/** Pieces the server has lost, or has in an older version, as after a backup: they are sent anew. */
		missed: (draft, { payload }: PayloadAction<readonly { readonly id: string; readonly version: number }[]>) => {
			const state = plain(draft);
			const byId = { ...state.byId };
			for (const { id, version } of payload) {
				const mine = byId[id];
				if (mine && isHere(mine)) byId[id] = { ...mine, version, ahead: true };
			}
			return { ...state, byId };
		},
		/** Pieces of work are erased here, for good; the server is told so. */
		erased: (draft, { payload: ids }: PayloadAction<readonly string[]>) => {
			const state = plain(draft);
			return { ...ids.reduce(without, state), erasing: [...(state.erasing ?? []), ...ids] };
		},
		/** Pieces are erased on the server as well, whoever erased them. */
		goneThere: (draft, { payload: ids }: PayloadAction<readonly string[]>) => {
			const state = ids.reduce(without, plain(draft));
			const erasing = (state.erasing ?? []).filter((id) => !ids.includes(id));
			return { ...state, erasing };
		},
	},
});

/** What each action does, by its type. */
const CASES = new Map<string, (state: WorksState, action: UnknownAction) => WorksState>(
	Object.entries(worksSlice.caseReducers).map(([name, reduce]) => [`${worksSlice.name}/${name}`, reduce as never]),
);

/**
 * The state after an action. These reducers make new states of old ones by themselves: no draft is made of thousands of pieces,
 * and none of them is gone through to be frozen.
 */
export function worksReducer(state: WorksState = EMPTY, action: UnknownAction): WorksState {
	const reduce = CASES.get(action.type);
	return reduce ? reduce(state, action) : state;
}

export const {
	loaded,
	tookIn,
	opened,
	did,
	laid,
	tried,
	undid,
	redid,
	begunAnew,
	renamed,
	swapped,
	acknowledged,
	parted,
	listed,
	came,
	readHere,
	triesCame,
	missed,
	erased,
	goneThere,
} = worksSlice.actions;
