import type { Store } from '@reduxjs/toolkit';
import { acknowledged, missed, type WorkEntry, type WorksState } from '../work/works-reducer';
import { isHere } from '../work/works-state';
import type { DeviceStore } from './device-store';
import { readPieces } from './read-pieces';
import type { ServerStore } from './server-store';

type Parts = {
	readonly store: Pick<Store<{ readonly works: WorksState }>, 'getState' | 'dispatch'>;
	readonly device: DeviceStore;
	readonly desk: string;
	readonly server: ServerStore;
};

/**
 * Offers the server a desk that it does not open to this device: it may have lost the desk with a backup. If it takes the first
 * piece, all others here are marked to be sent again.
 * @returns `shut` where the desk is another's, or this device was removed; `later` where the server cannot be asked.
 */
export async function takenAnew({ store, device, desk, server }: Parts): Promise<'taken' | 'shut' | 'later'> {
	const entries = () => Object.values<WorkEntry>(store.getState().works.byId);
	const [first] = entries().filter(isHere);
	if (first?.away) await readPieces({ store, device, desk }, [first.id]);
	const [any] = entries().filter(({ away }) => !away);
	if (!any) return 'shut';
	const answer = await server.send({ ...any, version: 0 }, null);
	if (answer.came !== 'kept') return answer.came === 'shut' ? 'shut' : 'later';
	store.dispatch(acknowledged({ sent: any, version: answer.version }));
	// What it has not is new to it, whoever sends it first.
	const others = entries().filter(({ id, version }) => version > 0 && id !== any.id);
	store.dispatch(missed(others.map(({ id }) => ({ id, version: 0 }))));
	return 'taken';
}
