import { configureStore } from '@reduxjs/toolkit';
import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import type { UseStore } from 'idb-keyval';
import { deviceStore } from '../../app/src/sync/device-store';
import { keepHere } from '../../app/src/sync/keep-here';
import { keep } from '../../app/src/sync/keeper';
import { readPieces } from '../../app/src/sync/read-pieces';
import { type ServerStore, serverStore } from '../../app/src/sync/server-store';
import { showsBeside } from '../../app/src/sync/shows-beside';
import { syncSlice } from '../../app/src/sync/sync-slice';
import { windowsOf } from '../../app/src/sync/windows';
import { loaded, type WorkEntry, type WorksState, worksReducer } from '../../app/src/work/works-reducer';
import { quickClock } from './quick-clock';

function makeStore() {
	return configureStore({ reducer: { works: worksReducer, sync: syncSlice.reducer }, devTools: false });
}

/** The rows of a new device, as its browser gives them to one page after another, or to several at once. */
export function newRows(): UseStore {
	const factory = new IDBFactory();
	const opening = new Promise<IDBDatabase>((resolve, reject) => {
		const request = factory.open('tidy-sum');
		request.onupgradeneeded = () => void request.result.createObjectStore('kept');
		request.onsuccess = () => resolve(request.result);
		request.onerror = () => reject(request.error);
	});
	return async (mode, ask) => ask((await opening).transaction('kept', mode).objectStore('kept'));
}

/** Sends requests without a host to a server; once for all that runs here. */
export function askAt(url: string): void {
	const plain = globalThis.fetch;
	globalThis.fetch = (path, init) => plain(`${path}`.startsWith('/') ? `${url}${path}` : path, init);
}

/** What is wrong with the network of a device. */
type Net = { online: boolean; loses: boolean; twice: boolean; asking: number; isStopped: boolean };

/** A server over a network that can fail. */
function over(net: Net, server: ServerStore): ServerStore {
	const AWAY = { came: 'away' } as const;
	const asked = async <T>(ask: () => Promise<T>): Promise<T | typeof AWAY> => {
		if (!net.online || net.isStopped) return AWAY;
		net.asking += 1;
		try {
			return await ask();
		} finally {
			net.asking -= 1;
		}
	};
	return {
		generation: () => server.generation(),
		sum: () => asked(() => server.sum()),
		changes: (after) => asked(() => server.changes(after)),
		bodies: (ids) => asked(() => server.bodies(ids)),
		tries: (from) => asked(() => server.tries(from)),
		erase: (id) => asked(() => server.erase(id)),
		send: (entry, of) =>
			asked(async () => {
				const { loses, twice } = net;
				net.loses = false;
				net.twice = false;
				if (twice) await server.send(entry, of);
				const sent = await server.send(entry, of);
				return loses ? AWAY : sent;
			}),
		listen: (hear, stop) => (net.online && !net.isStopped ? server.listen(hear, stop) : Promise.resolve(false)),
	};
}

/** A device with a store, a keeper and a network of its own; or a window of one, whose rows it shares with another. */
export class Device {
	readonly clock = quickClock();
	readonly net: Net = { online: true, loses: false, twice: false, asking: 0, isStopped: false };
	private store = makeStore();
	private stop = () => {};

	constructor(
		private readonly desk: string,
		private readonly key: string,
		/** Its browser's database, which a kill leaves as it is. */
		private readonly rows: UseStore,
		/** Whether another window of the desk is open in that browser, which it hears. */
		private readonly isWindow: boolean,
	) {}

	get works(): WorksState {
		return this.store.getState().works;
	}

	dispatch(action: Parameters<ReturnType<typeof makeStore>['dispatch']>[0]): void {
		this.store.dispatch(action);
	}

	async begin(): Promise<void> {
		this.stop();
		this.store = makeStore();
		const device = deviceStore(this.rows);
		const parts = { store: this.store, device, desk: this.desk };
		const { works, place } = await device.load(this.desk);
		this.store.dispatch(loaded(works));
		// A page reads the pieces it shows: here all of them.
		await readPieces(parts, Object.keys(works.byId));
		const beside = this.isWindow
			? { windows: windowsOf(this.desk, { onWrote: showsBeside(parts), onLeft: () => {} }) }
			: {};
		this.stop = keep({
			...parts,
			here: keepHere({ ...parts, ...beside, later: this.clock.wait }),
			server: over(this.net, serverStore(this.desk, this.key)),
			place,
			clock: this.clock,
		});
	}

	/** Whether nothing is left to be sent or told. */
	get isDone(): boolean {
		const { byId, erasing } = this.works;
		return this.net.asking === 0 && !erasing?.length && Object.values<WorkEntry>(byId).every(({ ahead }) => !ahead);
	}

	end(): void {
		this.stop();
	}
}
