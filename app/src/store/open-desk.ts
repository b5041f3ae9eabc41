import { idSchema, isDemoDesk } from '@tidy-sum/schema';
import { demoCopy } from '../sync/demo-copy';
import { keepDesk, leaveDesk, newDesk, withOldDesk } from '../sync/desks-here';
import { type DeskHere, type DeviceStore, deviceStore } from '../sync/device-store';
import { keep } from '../sync/keeper';
import { deviceSays } from '../sync/keys';
import { memoryStore } from '../sync/memory-store';
import { deskOnServer, serverStore } from '../sync/server-store';
import { comingIs, deskOpened, fleeting, type LinkAsks, linkAsks, setAside } from '../sync/sync-slice';
import { loaded } from '../work/works-slice';
import { type AppStore, makeStore } from './store';

/** The desk a link names (?desk=…). */
function deskInLink(): string | null {
	const read = idSchema.safeParse(new URLSearchParams(globalThis.location?.search ?? '').get('desk'));
	return read.success ? read.data : null;
}

let opened: { readonly device: DeviceStore; readonly lasting: boolean } | null = null;

/** The device's store; one in memory where the browser gives none. */
export async function openDevice(): Promise<{ readonly device: DeviceStore; readonly lasting: boolean }> {
	if (opened) return opened;
	try {
		const device = deviceStore();
		await device.currentDesk();
		opened = { device, lasting: true };
	} catch {
		opened = { device: memoryStore(), lasting: false };
	}
	return opened;
}

/** What is to be opened, and what the link is to be asked about. */
type ToOpen = { readonly desk: DeskHere; readonly asks: LinkAsks | null };

/**
 * The desk to open: the one last open here, else a new one. A link to another of this device's desks opens that; one to a demo
 * opens this device's copy of it, and to any other desk it is asked about first, where something would be left for it.
 */
async function deskToOpen(device: DeviceStore, now: number): Promise<ToOpen> {
	const desks = (await withOldDesk(device, now)).filter(({ ends }) => !ends);
	const current = await device.currentDesk();
	// Before demo desks were copied, one could be this device's desk.
	const demo = current !== undefined && isDemoDesk(current) ? current : null;
	const own = desks.find(({ id }) => id === current) ?? newDesk(now);
	const named = deskInLink() ?? demo;
	if (named === null || named === own.id) return { desk: own, asks: null };
	const there = desks.find(({ id }) => id === named);
	if (there) return { desk: there, asks: null };
	if (!isDemoDesk(named)) return { desk: own, asks: { desk: named, is: 'other' } };
	const isNew = (await device.copyOf(named)) === undefined;
	if (isNew && (await device.count(own.id)) > 0) return { desk: own, asks: { desk: named, is: 'demo' } };
	const copy = await demoCopy(named, device, serverStore(named, null), now);
	const found = (await device.desks()).find(({ id }) => id === copy);
	return { desk: found ?? own, asks: null };
}

/** Tells the server of desks that were erased here while it was away. */
async function endDesks(device: DeviceStore): Promise<void> {
	for (const { id, key, ends } of await device.desks()) {
		if (!ends) continue;
		const { came } = await deskOnServer(id, key).eraseDesk();
		if (came !== 'away' && came !== 'later') await leaveDesk(device, id);
	}
}

let stop = () => {};

/** Stops keeping what is done: the desk that is open is being left, and nothing more of it is to be written here. */
export function stopKeeping(): void {
	stop();
}

/** Opens this device's desk with everything that was kept on it, and begins to keep what is done. */
export async function openDesk(now: number = Date.now()): Promise<AppStore> {
	const store = makeStore();
	const { device, lasting } = await openDevice();
	if (!lasting) store.dispatch(fleeting());
	const { desk, asks } = await deskToOpen(device, now);
	const here = { ...desk, opened: now };
	await keepDesk(device, here);
	if (desk.id !== (await device.currentDesk())) await device.setCurrentDesk(desk.id);
	const { works, aside, place } = await device.load(desk.id);
	store.dispatch(loaded(works));
	store.dispatch(deskOpened({ desk: desk.id, onServer: desk.kept }));
	if (desk.kept && place === 0 && Object.keys(works.byId).length === 0) store.dispatch(comingIs(true));
	if (asks) store.dispatch(linkAsks(asks));
	if (aside) store.dispatch(setAside(aside));
	stop = keep({
		store,
		desk: desk.id,
		device,
		server: serverStore(desk.id, desk.key, deviceSays()),
		place,
		isKept: desk.kept,
		onKept: () => {
			store.dispatch(deskOpened({ desk: desk.id, onServer: true }));
			void keepDesk(device, { ...here, kept: true }).catch(() => {});
		},
		onErased: async () => {
			await leaveDesk(device, desk.id);
			const next = newDesk(now);
			await keepDesk(device, next);
			await device.setCurrentDesk(next.id);
		},
	});
	void endDesks(device).catch(() => {});
	return store;
}
