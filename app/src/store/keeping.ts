import { demoCopy } from '../sync/demo-copy';
import { deskOnServer } from '../sync/desk-on-server';
import { keepDesk, leaveDesk, newDesk } from '../sync/desks-here';
import type { DeskHere, DeviceStore } from '../sync/device-store';
import type { KeptHere } from '../sync/keep-here';
import { keep } from '../sync/keeper';
import { deviceSays } from '../sync/keys';
import type { Place } from '../sync/place';
import { serverStore } from '../sync/server-store';
import { deskOpened } from '../sync/sync-slice';
import { keepsUntil } from './device';
import { insist } from './insist';
import type { AppStore } from './store';

/** The copy of a demo desk that this device has, made where it has none; null where it cannot be made. */
export function copyOfDemo(demo: string, device: DeviceStore, now: number): Promise<string | null> {
	return demoCopy(demo, device, serverStore(demo, null), now);
}

/** Tells the server of desks that were erased here while it was away. */
async function endDesks(device: DeviceStore): Promise<void> {
	for (const { id, key, ends } of await device.desks()) {
		if (!ends) continue;
		const { came } = await deskOnServer(id, key).eraseDesk();
		if (came !== 'away' && came !== 'later') await leaveDesk(device, id);
	}
}

type Parts = {
	readonly store: AppStore;
	readonly device: DeviceStore;
	readonly desk: DeskHere;
	readonly place: Place;
	readonly here: KeptHere;
};

/** Keeps the desk that is open in step with the server, from now on. */
export function keepDeskInStep({ store, device, desk, place, here }: Parts): void {
	const stop = keep({
		store,
		desk: desk.id,
		device,
		here,
		server: serverStore(desk.id, desk.key, deviceSays()),
		place,
		isKept: desk.kept,
		onKept: () => {
			store.dispatch(deskOpened({ desk: desk.id, onServer: true }));
			void insist(() => keepDesk(device, { ...desk, kept: true }));
		},
		onErased: async () => {
			await leaveDesk(device, desk.id);
			const next = newDesk(desk.opened);
			await keepDesk(device, next);
			await device.setCurrentDesk(next.id);
		},
	});
	keepsUntil(stop);
	void endDesks(device).catch(() => {});
}
