import type { Store } from '@reduxjs/toolkit';
import { foundBeside, type WorkEntry, type WorksState } from '../work/works-reducer';
import type { DeviceStore } from './device-store';
import type { Windows } from './windows';

type Parts = {
	readonly store: Store<{ readonly works: WorksState }>;
	readonly desk: string;
	readonly device: DeviceStore;
	/** Called when something was changed that the server has not. */
	readonly onAhead?: () => void;
	/** Called when the device would not take a change. */
	readonly onRefused?: () => void;
	/** The other windows of the desk in this browser. */
	readonly windows?: Windows;
	/** Does something as soon as a touch is answered; where this is left out, it is done at once. */
	readonly soon?: (act: () => void) => void;
};

/** What keeps each change on the device. */
export type KeptHere = {
	/** Done when all that was changed so far is written; a write that failed ends it. */
	readonly written: () => Promise<unknown>;
	readonly stop: () => void;
};

/**
 * Whether something of a piece is to be written. That it was read from the device changes nothing: it is still the version that
 * was there, and nothing of it is to be sent.
 */
function isNew(entry: WorkEntry, before: WorkEntry | undefined): boolean {
	const isRead = before?.away?.here !== undefined && entry.version === before.version && !entry.ahead;
	return entry !== before && !isRead;
}

/** Whether nothing of a piece is new but that the server has it. */
function isAcknowledged(entry: WorkEntry, before: WorkEntry | undefined): boolean {
	return before !== undefined && !entry.away && entry.body === before.body && entry.touched === before.touched;
}

const atOnce = (act: () => void) => act();

/** Keeps each change on the device, from now on: those of one touch in one go, as soon as the touch is answered. */
export function keepHere({
	store,
	desk,
	device,
	onAhead = () => {},
	onRefused = () => {},
	windows,
	soon = atOnce,
}: Parts): KeptHere {
	let seen = store.getState().works;
	let written: Promise<unknown> = Promise.resolve();
	/** What is to be written next: each piece as it is now; null where it is gone. */
	const due = new Map<string, WorkEntry | null>();
	/** Of those, the ones of which only what the server has acknowledged is new: their steps lie there already. */
	const heads = new Set<string>();
	const write = () => {
		if (due.size === 0) return;
		const changed = [...due.values()].filter((entry) => entry !== null);
		const gone = [...due].flatMap(([id, entry]) => (entry === null ? [id] : []));
		const asHeads = new Set(heads);
		const writing = windows?.others()
			? device.keepAmong(desk, changed, gone, asHeads).then(({ wrote, found }) => {
					windows.wrote(wrote);
					for (const { theirs, fresh } of found) store.dispatch(foundBeside(theirs, fresh));
				})
			: device.keepEntries(desk, changed, gone, asHeads).then(() => windows?.wrote(changed.map(({ id }) => id)));
		due.clear();
		heads.clear();
		writing.catch(onRefused);
		written = Promise.all([written, writing]);
	};
	const unsubscribe = store.subscribe(() => {
		const { works: now } = store.getState();
		if (now === seen) return;
		const before = seen;
		seen = now;
		const changed = Object.values<WorkEntry>(now.byId).filter((entry) => isNew(entry, before.byId[entry.id]));
		const gone = now.byId === before.byId ? [] : Object.keys(before.byId).filter((id) => now.byId[id] === undefined);
		const isWaiting = due.size > 0;
		for (const entry of changed) {
			const isHead = isAcknowledged(entry, before.byId[entry.id]) && (!due.has(entry.id) || heads.has(entry.id));
			if (isHead) heads.add(entry.id);
			else heads.delete(entry.id);
			due.set(entry.id, entry);
		}
		for (const id of gone) due.set(id, null);
		if (due.size && !isWaiting) soon(write);
		if (changed.some(({ ahead }) => ahead)) onAhead();
		if (now.open !== before.open || now.last !== before.last || now.erasing !== before.erasing)
			void device.keepOpen(desk, { open: now.open, last: now.last, erasing: now.erasing ?? [] }).catch(() => {});
	});
	return {
		written: () => {
			write();
			return written;
		},
		stop: () => {
			unsubscribe();
			write();
			void Promise.resolve(written).then(
				() => windows?.close(),
				() => windows?.close(),
			);
		},
	};
}
