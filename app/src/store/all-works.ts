import type { WorkEntry, WorksState } from '../work/works-reducer';
import { withSteps } from '../work/works-state';
import { openDevice } from './device';
import type { AppStore } from './store';

/** The pieces of a desk whose steps lie on this device and are not read yet, with their steps. */
export async function unreadOf(desk: string | null, byId: WorksState['byId']): Promise<readonly WorkEntry[]> {
	const ids = Object.values<WorkEntry>(byId).flatMap(({ id, away }) => (away?.here === undefined ? [] : [id]));
	if (desk === null || !ids.length) return [];
	const { device } = await openDevice();
	return (await device.pieces(desk, ids)).map((piece) => withSteps(byId[piece.id] ?? piece, piece));
}

/** All work of the desk that is open, with the steps that lie on this device: for what goes through all of it. */
export async function allWorks(store: AppStore): Promise<WorksState> {
	const { works, sync } = store.getState();
	const read = await unreadOf(sync.desk, works.byId);
	return read.length
		? { ...works, byId: { ...works.byId, ...Object.fromEntries(read.map((entry) => [entry.id, entry])) } }
		: works;
}
