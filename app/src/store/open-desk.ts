import { ID, isDemoDesk } from '@tidy-sum/schema/desk-names';
import { askToPersist } from '../device/ask-to-persist';
import { pageRound } from '../device/with-page';
import { afterPaint, afterPaintOrLeft } from '../quick/after-paint';
import { keepDesk, newDesk, withOldDesk } from '../sync/desks-here';
import type { DeskHere, DeviceStore, Loaded } from '../sync/device-store';
import { keepHere } from '../sync/keep-here';
import { NO_PLACE } from '../sync/place';
import { readsWanted } from '../sync/read-pieces';
import { showsBeside } from '../sync/shows-beside';
import {
	accessIs,
	comingIs,
	deskOpened,
	holdsAll,
	kept,
	type LinkAsks,
	lastingIs,
	linkAsks,
	setAside,
} from '../sync/sync-slice';
import { windowsOf } from '../sync/windows';
import { CLASSES } from '../work/list-names';
import { readFirst } from '../work/read-first';
import { loaded, readHere, type WorkEntry } from '../work/works-reducer';
import { keepsUntil, openDevice, stopKeeping } from './device';
import { insist } from './insist';
import type { AppStore } from './store';

/** What keeps the desk in step with the server: it comes when there is something to ask or to tell. */
const keeping = () => import('./keeping');

/** The desk a link names (?desk=…). */
function deskInLink(): string | null {
	const named = new URLSearchParams(globalThis.location?.search ?? '').get('desk');
	return named !== null && ID.test(named) ? named : null;
}

/** What is to be opened, and what the link is to be asked about. */
type ToOpen = { readonly desk: DeskHere; readonly asks: LinkAsks | null; readonly isNew?: boolean };

/**
 * The desk to open: the one last open here, else a new one. A link to another of this device's desks opens that; one to a demo
 * opens this device's copy of it, and to any other desk it is asked about first, where something would be left for it.
 */
async function deskToOpen(device: DeviceStore, now: number): Promise<ToOpen> {
	const desks = (await withOldDesk(device, now)).filter(({ ends }) => !ends);
	const current = await device.currentDesk();
	// Before demo desks were copied, one could be this device's desk.
	const demo = current !== undefined && isDemoDesk(current) ? current : null;
	const mine = desks.find(({ id }) => id === current);
	const own = mine ?? newDesk(now);
	const named = deskInLink() ?? demo;
	if (named === null || named === own.id) return { desk: own, asks: null, isNew: mine === undefined };
	const there = desks.find(({ id }) => id === named);
	if (there) return { desk: there, asks: null };
	if (!isDemoDesk(named)) return { desk: own, asks: { desk: named, is: 'other' } };
	const hasCopy = (await device.copyOf(named)) !== undefined;
	if (!hasCopy && (await device.count(own.id)) > 0) return { desk: own, asks: { desk: named, is: 'demo' } };
	const { copyOfDemo } = await keeping();
	const copy = await copyOfDemo(named, device, now);
	const found = (await device.desks()).find(({ id }) => id === copy);
	return { desk: found ?? own, asks: null };
}

/** How long a page that has nothing for the server yet leaves it alone: what is touched first comes first. */
const QUIET_MS = 1000;

/** And one whose desk the server has, where something may have changed. */
const SOON_MS = 400;

/** After how long what keeps in step is asked for again, where the network did not give it. */
const AGAIN_MS = 3000;

/** Lays the Round that came with the page where the Desk finds it, so that it is not made once more. */
async function layRoundOfPage(): Promise<void> {
	const round = pageRound(globalThis.location?.pathname ?? '');
	if (round !== undefined) (await import('./page-round')).layRound(round);
}

/** Calls when something is to be kept, or else after a while. */
function whenSomethingIsDone(store: AppStore, act: () => void, afterMs: number): void {
	const before = store.getState().works.byId;
	const go = () => {
		stop();
		clearTimeout(timer);
		act();
	};
	const stop = store.subscribe(() => store.getState().works.byId !== before && go());
	const timer = setTimeout(go, afterMs);
}

/** Keeps the seats of the desk in step with their classes, from when there is one. */
function keepsClasses(store: AppStore): void {
	const look = () => {
		if (store.getState().works.open[CLASSES] === undefined) return;
		stop();
		// Where the script cannot come now it comes with the next page.
		import('./keep-seats').then(
			({ keepSeats }) => keepSeats(store),
			() => {},
		);
	};
	const stop = store.subscribe(look);
	look();
}

/** Notes on the device which desk is open. */
async function noteOpened(device: DeviceStore, desk: DeskHere, isNew: boolean): Promise<void> {
	// Its index lies ready then, so that the first step is written at once.
	if (isNew) await device.load(desk.id);
	await keepDesk(device, desk);
	if (desk.id !== (await device.currentDesk())) await device.setCurrentDesk(desk.id);
}

/** What the device has of a desk; what of it is needed at once, and what of that could be read. */
type Read = Loaded & { readonly first: readonly string[]; readonly read: readonly WorkEntry[] };

/** What a desk has that was only just begun. */
const NOTHING: Read = { works: { byId: {}, open: {}, last: null }, aside: 0, place: NO_PLACE, first: [], read: [] };

/** What the device has of a desk, with the steps of what is needed at once. */
async function readDesk(device: DeviceStore, desk: string): Promise<Read> {
	const kept = await device.load(desk);
	const first = readFirst(kept.works, globalThis.location?.pathname ?? '');
	return { ...kept, first, read: first.length ? await device.pieces(desk, first) : [] };
}

/** Fills the store with everything that was kept of this device's desk, and begins to keep what is done. */
export async function openDesk(store: AppStore, now: number = Date.now()): Promise<void> {
	await layRoundOfPage();
	const { device, lasting } = await openDevice();
	if (!lasting) store.dispatch(lastingIs(false));
	const { desk, asks, isNew } = await deskToOpen(device, now);
	const here = { ...desk, opened: now };
	// Where the desk itself cannot be noted it ends with the page, whatever else is kept of it.
	void insist(
		() => noteOpened(device, here, isNew === true),
		(taken) => {
			if (store.getState().sync.lasting !== (lasting && taken)) store.dispatch(lastingIs(lasting && taken));
		},
	);
	const { works, aside, place, first, read } = isNew ? NOTHING : await readDesk(device, desk.id);
	store.dispatch(loaded(works));
	if (first.length) {
		const found = new Set(read.map(({ id }) => id));
		store.dispatch(readHere({ read: [...read], unread: first.filter((id) => !found.has(id)) }));
	}
	readsWanted({ store, device, desk: desk.id });
	store.dispatch(deskOpened({ desk: desk.id, onServer: desk.kept }));
	if (desk.kept && place.seq === 0 && Object.keys(works.byId).length === 0) store.dispatch(comingIs(true));
	if (asks) store.dispatch(linkAsks(asks));
	const unread = aside + first.length - read.length;
	if (unread) store.dispatch(setAside(unread));
	const windows = windowsOf(desk.id, {
		onWrote: showsBeside({ store, device, desk: desk.id }),
		onLeft: () => {
			stopKeeping(false);
			store.dispatch(accessIs('left'));
		},
	});
	const keptHere = keepHere({
		store,
		desk: desk.id,
		device,
		windows,
		onAhead: () => {
			if (lasting) askToPersist();
			if (store.getState().sync.keeping === 'both') store.dispatch(kept('sending'));
		},
		onHolds: (all) => store.dispatch(holdsAll(all)),
		soon: afterPaintOrLeft,
	});
	keepsUntil(keptHere.stop, windows.left);
	const begin = () =>
		void keeping().then(
			({ keepDeskInStep }) => keepDeskInStep({ store, device, desk: here, place, here: keptHere }),
			() => {
				store.dispatch(kept('device'));
				setTimeout(begin, AGAIN_MS);
			},
		);
	keepsClasses(store);
	// What is still to come is waited for; else the first touch comes first.
	if (store.getState().sync.coming) afterPaint(begin);
	else whenSomethingIsDone(store, begin, desk.kept ? SOON_MS : QUIET_MS);
}
