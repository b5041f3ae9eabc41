import { nanoid } from '@reduxjs/toolkit';
import { idSchema, isDemoDesk } from '@tidy-sum/schema';
import { demoCopy } from '../sync/demo-copy';
import { type DeviceStore, deviceStore } from '../sync/device-store';
import { keep } from '../sync/keeper';
import { memoryStore } from '../sync/memory-store';
import { serverStore } from '../sync/server-store';
import { fleeting, setAside } from '../sync/sync-slice';
import { loaded } from '../work/works-slice';
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

/** The desk to open: the one a link names, else the one last open here, else a new one; of the demo one's own copy. */
async function deskToOpen(device: DeviceStore, current: string | undefined): Promise<string> {
	const named = deskInLink() ?? current;
	if (named === undefined) return nanoid();
	if (!isDemoDesk(named)) return named;
	const own = current !== undefined && isDemoDesk(current) ? undefined : current;
	return (await demoCopy(named, device, serverStore)) ?? own ?? nanoid();
}

/** Opens this device's desk with everything that was kept on it, and begins to keep what is done. */
export async function openDesk(): Promise<AppStore> {
	const store = makeStore();
	const { device, current, lasting } = await openDevice();
	if (!lasting) store.dispatch(fleeting());
	const desk = await deskToOpen(device, current);
	if (desk !== current) await device.setCurrentDesk(desk);
	const { works, aside } = await device.load(desk);
	store.dispatch(loaded(works));
	if (aside) store.dispatch(setAside(aside));
	keep({ store, desk, device, server: serverStore });
	return store;
}
