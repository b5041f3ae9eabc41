import type { StoredWork } from '@tidy-sum/schema';
import { dequal } from 'dequal';
import { besideOf, isKeptBeside, keepsId, putBeside } from './beside';
import { isList, mergedBody, withOtherList } from './merged-body';
import { changed, here, put, type WorkEntry, type WorksState } from './works-state';

/** What is open where, without a piece of work that has another name by now. */
function openWithout(open: WorksState['open'], id: string, name: string): WorksState['open'] {
	return Object.fromEntries(Object.entries(open).filter(([one, of]) => of !== id || one === name));
}

/** The state in which a list on this device has what another of its name has beside it. */
function withList(state: WorksState, { id, body }: StoredWork): WorksState {
	const mine = isList(body.exercise) ? here(state, body.exercise) : undefined;
	if (!mine || mine.id === id) return state;
	const merged = withOtherList(mine.body, body);
	return merged === mine.body ? state : put(state, changed(mine, merged));
}

/** The state after the server told of a version it keeps. */
export function partedIn(state: WorksState, kept: StoredWork): WorksState {
	const mine = state.byId[kept.id];
	const { exercise } = kept.body;
	if (state.erasing?.includes(kept.id)) return state;
	// An answer that was overtaken by a later one.
	if (mine && !mine.away && !mine.ahead && mine.version > kept.version) return state;
	// Theirs comes first, so that what is sent goes on from it.
	const merged = mine?.ahead ? mergedBody(kept.body, mine.body) : null;
	if (mine && merged) {
		const ahead = !dequal(merged, kept.body);
		const followed = put(state, { ...mine, body: merged, version: kept.version, ahead });
		return mine.body.exercise === merged.exercise
			? followed
			: { ...followed, open: { ...openWithout(followed.open, kept.id, merged.exercise), [merged.exercise]: kept.id } };
	}
	const touched = Date.parse(kept.kept);
	const theirs: WorkEntry = { id: kept.id, body: kept.body, version: kept.version, ahead: false, touched };
	const next = withList(put(state, theirs), kept);
	const open = openWithout(next.open, kept.id, exercise);
	if (!mine?.ahead) return { ...next, open: { ...open, [exercise]: open[exercise] ?? kept.id } };
	const line = besideOf(mine);
	const beside = putBeside(next, line);
	return { ...beside, open: { ...open, [exercise]: open[exercise] ?? kept.id, [mine.body.exercise]: line.id } };
}

/**
 * The state after another window of the desk was found to have gone on with a piece, as it is kept on the device. Where
 * both make one piece it is that; else one keeps its id, and the other is kept beside it.
 * @param fresh the id under which what was done here was kept beside it already, where it was.
 */
export function foundIn(state: WorksState, theirs: WorkEntry, fresh?: string): WorksState {
	const mine = state.byId[theirs.id];
	if (state.erasing?.includes(theirs.id)) return state;
	const { exercise } = theirs.body;
	const opened = { ...state.open, [exercise]: state.open[exercise] ?? theirs.id };
	if (!mine || mine.away) return { ...put(state, theirs), open: opened };
	const merged = mergedBody(theirs.body, mine.body);
	const version = Math.max(theirs.version, mine.version);
	if (merged) {
		const [isMine, isTheirs] = [dequal(merged, mine.body), dequal(merged, theirs.body)];
		// What the server has acknowledged to the other window is acknowledged.
		if (isMine) return isTheirs && theirs.version > mine.version ? put(state, theirs) : state;
		return put(state, {
			...mine,
			body: merged,
			version,
			ahead: isTheirs ? theirs.ahead : true,
			touched: theirs.touched,
		});
	}
	if (keepsId(mine, theirs) === 'mine') return isKeptBeside(theirs, mine) ? putBeside(state, besideOf(theirs)) : state;
	const found = put(state, theirs);
	if (fresh === undefined && !isKeptBeside(mine, theirs)) return found;
	const line = besideOf(mine, fresh);
	const isOpen = state.open[mine.body.exercise] === mine.id;
	return { ...putBeside(found, line), open: isOpen ? { ...state.open, [mine.body.exercise]: line.id } : state.open };
}
