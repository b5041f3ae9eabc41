import type { WorkBody } from '@tidy-sum/schema';

/** What is known of a piece whose steps lie somewhere else: how many steps and tries it has there. */
export type Away = {
	readonly steps: number;
	readonly tries: number;
	/** Where they lie on this device and are only not read yet: how far the piece was when it was written. On the server else. */
	readonly here?: string;
	/** They were asked for here, and cannot be read. */
	readonly isUnread?: true;
};

/** A piece of work on this device. `version` is the last one the server has acknowledged. */
export type WorkEntry = {
	readonly id: string;
	readonly body: WorkBody;
	readonly version: number;
	/** Whether there is something here that the server has not acknowledged. */
	readonly ahead: boolean;
	/** When something was last done on it, in milliseconds since 1970; left out where that is not known. */
	readonly touched?: number | undefined;
	/** Of a piece whose steps are not read yet. Its body has no steps, and no tries until they come by themselves. */
	readonly away?: Away | undefined;
};

export type WorksState = {
	readonly byId: Readonly<Record<string, WorkEntry>>;
	/** The piece of work on the Desk for each exercise. */
	readonly open: Readonly<Record<string, string>>;
	/** The exercise last worked. */
	readonly last: string | null;
	/** Pieces erased here of which the server has not been told yet. */
	readonly erasing?: readonly string[];
};

/** The state with a piece of work in it, in place of the one with its id. */
export function put(state: WorksState, entry: WorkEntry): WorksState {
	return { ...state, byId: { ...state.byId, [entry.id]: entry } };
}

/** A piece of work with something done on it that the server has not acknowledged. */
export function changed(entry: WorkEntry, body: WorkBody, touched = entry.touched): WorkEntry {
	return { ...entry, body, ahead: true, ...(touched === undefined ? {} : { touched }) };
}

/** The piece on the Desk for an exercise, where it lies here with its steps. */
export function here(state: WorksState, exercise: string): WorkEntry | undefined {
	const entry = state.byId[state.open[exercise] ?? ''];
	return entry?.away ? undefined : entry;
}

/** Whether the steps of a piece are on this device, read or not: what lies on the server alone is not. */
export function isHere(entry: WorkEntry | undefined): boolean {
	return entry !== undefined && (entry.away === undefined || entry.away.here !== undefined);
}

/**
 * A piece with its steps as they are on the device. Where the row and the index tell of the same moment, the index is right: what
 * the server acknowledged is written there alone. Else a second page of the desk has gone on with the row since.
 */
export function withSteps(mine: WorkEntry, { body, version, ahead, touched }: WorkEntry): WorkEntry {
	const isSame =
		version <= mine.version &&
		mine.touched === touched &&
		mine.away?.steps === body.steps.length &&
		mine.away.tries === (body.tries?.length ?? 0);
	return { ...mine, ...(mine.ahead || isSame ? {} : { version, ahead }), body, away: undefined };
}

/** The state without a piece of work; another on the same exercise, the one touched last, takes its place on the Desk. */
export function without(state: WorksState, id: string): WorksState {
	const { [id]: gone, ...byId } = state.byId;
	if (!gone) return state;
	const { exercise } = gone.body;
	if (state.open[exercise] !== id) return { ...state, byId };
	const [next] = Object.values(byId)
		.filter(({ body }) => body.exercise === exercise)
		.sort((a, b) => (b.touched ?? 0) - (a.touched ?? 0));
	const { [exercise]: _, ...open } = state.open;
	return { ...state, byId, open: next ? { ...open, [exercise]: next.id } : open };
}

/** The ids of all lines on an exercise: the one on the Desk, and those kept beside it. */
export function linesOn({ byId }: Pick<WorksState, 'byId'>, exercise: string): readonly string[] {
	return Object.values(byId).flatMap(({ id, body }) => (body.exercise === exercise ? [id] : []));
}
