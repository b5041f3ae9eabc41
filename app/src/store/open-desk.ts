import { nanoid } from '@reduxjs/toolkit';
import { idSchema } from '@tidy-sum/schema';
import { loaded } from '../desk/works-slice';
import { deviceStore } from '../sync/device-store';
import { keep } from '../sync/keeper';
import { memoryStore } from '../sync/memory-store';
import { serverStore } from '../sync/server-store';
import { fleeting } from '../sync/sync-slice';
import { type AppStore, makeStore } from './store';

/** The desk a link names (?desk=…): the way to one's work from another device. */
function deskInLink(): string | null {
	const read = idSchema.safeParse(new URLSearchParams(globalThis.location?.search ?? '').get('desk'));
	return read.success ? read.data : null;
}

/** The device's store with the desk last open on it; one in memory where the browser gives none. */
async function openDevice() {
	try {
		const device = deviceStore();
		return { device, current: await device.currentDesk(), lasting: true };
	} catch {
		return { device: memoryStore(), current: undefined, lasting: false };
	}
}

/** Opens this device's desk with everything that was kept on it, and begins to keep what is done. */
export async function openDesk(): Promise<AppStore> {
	const store = makeStore();
	const { device, current, lasting } = await openDevice();
	if (!lasting) store.dispatch(fleeting());
	const desk = deskInLink() ?? current ?? nanoid();
	if (desk !== current) await device.setCurrentDesk(desk);
	store.dispatch(loaded(await device.load(desk)));
	keep({ store, desk, device, server: serverStore });
	return store;
}
