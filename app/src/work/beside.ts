import murmur from 'imurmurhash';
import { mergedBody } from './merged-body';
import { signOf } from './sign-of';
import { put, type WorkEntry, type WorksState } from './works-state';

/** Two seeds, so that two lines of one piece hardly ever get the same id. */
const SEEDS = [1, 2] as const;

/**
 * The id under which a line is kept beside another of the same piece. It follows from what is in it: two windows or devices
 * that both keep it beside give it the same one, and it is there once.
 */
export function besideId({ id, body }: WorkEntry): string {
	const text = signOf([id, body.exercise, body.steps]);
	return ['beside', ...SEEDS.map((seed) => murmur(text, seed).result().toString(36))].join('-');
}

/** A line as a piece of its own, which the server does not have yet. */
export function besideOf(entry: WorkEntry, id = besideId(entry)): WorkEntry {
	return { ...entry, id, version: 0, ahead: true };
}

/**
 * Which of two lines that parted keeps their id: the one with the higher version on the server, because a save has to follow
 * that version. With equal versions it is the line that the device already has.
 */
export function keepsId(mine: WorkEntry, theirs: WorkEntry): 'mine' | 'theirs' {
	return mine.version > theirs.version ? 'mine' : 'theirs';
}

/** Whether the line that does not keep the id is to be kept beside: the server may not have it in any version. */
export function isKeptBeside(line: WorkEntry, other: WorkEntry): boolean {
	return line.ahead || line.version === other.version;
}

/** The state with a line as a piece of its own, unless it is there already or was erased. */
export function putBeside(state: WorksState, line: WorkEntry): WorksState {
	const there = state.byId[line.id];
	if (state.erasing?.includes(line.id)) return state;
	if (!there) return put(state, line);
	const merged = there.away ? null : mergedBody(there.body, line.body);
	return merged && (merged.tries?.length ?? 0) > (there.body.tries?.length ?? 0)
		? put(state, { ...there, body: merged, ahead: true })
		: state;
}
