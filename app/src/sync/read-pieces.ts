import type { Store } from '@reduxjs/toolkit';
import { readHere, type WorkEntry, type WorksState } from '../work/works-reducer';
import type { DeviceStore } from './device-store';
import { setAside } from './sync-slice';

type Parts = {
	readonly store: Pick<Store<{ readonly works: WorksState }>, 'getState' | 'dispatch'>;
	readonly device: DeviceStore;
	readonly desk: string;
};

/** Reads the steps of pieces that lie on the device. One that cannot be read is set aside where it is, and said. */
export async function readPieces({ store, device, desk }: Parts, ids: readonly string[]): Promise<void> {
	const left = ids.filter((id) => store.getState().works.byId[id]?.away?.here !== undefined);
	if (!left.length) return;
	const read = await device.pieces(desk, left);
	const found = new Set(read.map(({ id }) => id));
	const unread = left.filter((id) => !found.has(id));
	store.dispatch(readHere({ read: [...read], unread }));
	if (unread.length) store.dispatch(setAside(unread.length));
}

/** How many pieces are read at a time. */
const AT_ONCE = 100;

/** Whether a piece is to be sent and its steps are not read yet. */
export function isToRead({ ahead, away }: WorkEntry): boolean {
	return ahead && away?.here !== undefined && !away.isUnread;
}

/** Reads the steps of some pieces that are to be sent. */
export async function readToSend(parts: Parts): Promise<null> {
	const waiting = Object.values<WorkEntry>(parts.store.getState().works.byId).filter(isToRead);
	const ids = waiting.slice(0, AT_ONCE).map(({ id }) => id);
	await readPieces(parts, ids);
	return null;
}

type State = { readonly works: WorksState; readonly sync: { readonly wanted: readonly string[] } };

/** Reads the steps of all pieces that are asked for, from now on. */
export function readsWanted({ store, device, desk }: Omit<Parts, 'store'> & { readonly store: Store<State> }): void {
	let seen: readonly string[] = [];
	store.subscribe(() => {
		const { wanted } = store.getState().sync;
		if (wanted === seen) return;
		const before = new Set(seen);
		seen = wanted;
		const asked = wanted.filter((id) => !before.has(id));
		readPieces({ store, device, desk }, asked).catch(() => {});
	});
}
