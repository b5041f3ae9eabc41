import type { Store } from '@reduxjs/toolkit';
import type { WorkEntry, WorksState } from '../work/works-reducer';
import { CLOCK } from './clock';
import type { DeviceStore, Opened } from './device-store';
import { isAsRead, takeFound } from './shows-beside';
import type { Windows } from './windows';

type Parts = {
	readonly store: Store<{ readonly works: WorksState }>;
	readonly desk: string;
	readonly device: DeviceStore;
	/** Called when something was changed that the server has not. */
	readonly onAhead?: () => void;
	/** Called when the device would not take a change, and when it has taken all of them again. */
	readonly onHolds?: (all: boolean) => void;
	/** Does something after so many milliseconds; gives what calls it off. */
	readonly later?: (ms: number, act: () => void) => () => void;
	/** The other windows of the desk in this browser. */
	readonly windows?: Windows;
	/** Does something as soon as a touch is answered; where this is left out, it is done at once. */
	readonly soon?: (act: () => void) => void;
};

/** What keeps each change on the device. */
export type KeptHere = {
	/** Done when all that was changed so far is written; it fails while the device refuses some of it. */
	readonly written: () => Promise<unknown>;
	/** @param keeps whether what is still due is written; else it is dropped, since the desk is not kept here any more. */
	readonly stop: (keeps?: boolean) => void;
};

/**
 * Whether something of a piece is to be written. That it was read from the device changes nothing: it is still the version that
 * was there, and nothing of it is to be sent.
 */
function isNew(entry: WorkEntry, before: WorkEntry | undefined): boolean {
	const isRead = before?.away?.here !== undefined && entry.version === before.version && !entry.ahead;
	return entry !== before && !isRead && !isAsRead(entry);
}

/** Whether nothing of a piece is new but that the server has it. */
function isAcknowledged(entry: WorkEntry, before: WorkEntry | undefined): boolean {
	return before !== undefined && !entry.away && entry.body === before.body && entry.touched === before.touched;
}

/** What of the works is kept beside the pieces. */
function openedOf({ open, last, erasing = [] }: WorksState): Opened {
	return { open, last, erasing };
}

/** How long after a refusal the device is asked again. */
const AGAIN_MS = 5000;

const atOnce = (act: () => void) => act();

/** Keeps each change on the device, from now on: those of one touch in one go, as soon as the touch is answered. */
export function keepHere({
	store,
	desk,
	device,
	onAhead = () => {},
	onHolds = () => {},
	later = CLOCK.wait,
	windows,
	soon = atOnce,
}: Parts): KeptHere {
	let seen = store.getState().works;
	let written: Promise<unknown> = Promise.resolve();
	/** What is to be written next: each piece as it is now; null where it is gone. */
	const due = new Map<string, WorkEntry | null>();
	/** Of those, the ones of which only what the server has acknowledged is new: their steps lie there already. */
	const heads = new Set<string>();
	let isWaiting = false;
	let holds = true;
	let callOff = () => {};
	/** Puts back what the device refused, where it was not changed since, and tries again in a while. */
	const refused = (batch: ReadonlyMap<string, WorkEntry | null>) => {
		for (const [id, entry] of batch) if (!due.has(id)) due.set(id, entry);
		holds = false;
		onHolds(false);
		callOff();
		callOff = later(AGAIN_MS, write);
	};
	const write = () => {
		isWaiting = false;
		if (due.size === 0) return;
		const changed = [...due.values()].filter((entry) => entry !== null);
		const gone = [...due].flatMap(([id, entry]) => (entry === null ? [id] : []));
		const asHeads = new Set(heads);
		const { erasing = [] } = store.getState().works;
		const erased = gone.filter((id) => erasing.includes(id));
		const writing = windows?.others()
			? device.keepAmong(desk, changed, gone, asHeads).then(({ wrote, found }) => {
					windows.wrote({ ids: wrote, gone, erased });
					for (const one of found) takeFound(store, one);
				})
			: device
					.keepEntries(desk, changed, gone, asHeads)
					.then(() => windows?.wrote({ ids: changed.map(({ id }) => id), gone, erased }));
		const batch = new Map(due);
		due.clear();
		heads.clear();
		writing.then(
			() => {
				if (holds || due.size) return;
				holds = true;
				onHolds(true);
			},
			() => refused(batch),
		);
		// What was refused goes with the next: once that is written all is.
		written = holds ? Promise.all([written, writing]) : writing;
	};
	const unsubscribe = store.subscribe(() => {
		const { works: now } = store.getState();
		if (now === seen) return;
		const before = seen;
		seen = now;
		const changed = Object.values<WorkEntry>(now.byId).filter((entry) => isNew(entry, before.byId[entry.id]));
		const gone = now.byId === before.byId ? [] : Object.keys(before.byId).filter((id) => now.byId[id] === undefined);
		for (const entry of changed) {
			const isHead = isAcknowledged(entry, before.byId[entry.id]) && (!due.has(entry.id) || heads.has(entry.id));
			if (isHead) heads.add(entry.id);
			else heads.delete(entry.id);
			due.set(entry.id, entry);
		}
		for (const id of gone) due.set(id, null);
		if (due.size && !isWaiting) {
			isWaiting = true;
			soon(write);
		}
		if (changed.some(({ ahead }) => ahead)) onAhead();
		if (now.open !== before.open || now.last !== before.last || now.erasing !== before.erasing)
			void device.keepOpen(desk, openedOf(now), windows?.others() ? openedOf(before) : undefined).catch(() => {});
	});
	return {
		written: () => {
			write();
			return written;
		},
		stop: (keeps = true) => {
			unsubscribe();
			callOff();
			if (!keeps) due.clear();
			write();
			void Promise.resolve(written).then(
				() => windows?.close(),
				() => windows?.close(),
			);
		},
	};
}
