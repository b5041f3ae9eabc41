import type { Store } from '@reduxjs/toolkit';
import { acknowledged, parted, type WorkEntry, type WorksState } from '../work/works-slice';
import type { DeviceStore } from './device-store';
import type { ServerStore } from './server-store';
import { type Keeping, kept, setAside } from './sync-slice';

type State = { readonly works: WorksState; readonly sync: { readonly keeping: Keeping } };

type Parts = {
	readonly store: Store<State>;
	readonly desk: string;
	readonly device: DeviceStore;
	readonly server: ServerStore;
};

/** How long after the last step the work is sent, and how long the wait grows while the server is away. */
const SEND_AFTER_MS = 600;
const AGAIN_FROM_MS = 1500;
const AGAIN_TO_MS = 20000;

/**
 * Keeps the work: each change on the device at once, and on the server soon after. While the server is
 * away it tries again, less and less often, and at once when the network comes back.
 * @returns a function that stops it.
 */
export function keep({ store, desk, device, server }: Parts): () => void {
	let seen = store.getState().works;
	let timer: ReturnType<typeof setTimeout> | undefined;
	let wait = AGAIN_FROM_MS;
	let sending = false;
	let stopped = false;
	/** Versions the server would not take; the next change of the same work is sent again. */
	const refused = new WeakSet<WorkEntry>();

	const say = (keeping: Keeping) => {
		if (store.getState().sync.keeping !== keeping) store.dispatch(kept(keeping));
	};
	const entries = () => Object.values(store.getState().works.byId);
	const ahead = () => entries().filter((entry) => entry.ahead && !refused.has(entry));
	const anyRefused = () => entries().some((entry) => refused.has(entry));
	const later = (ms: number) => {
		if (stopped) return;
		clearTimeout(timer);
		timer = setTimeout(send, ms);
	};

	/** Sends one piece of work; false when the server is away. */
	const sendOne = async (entry: WorkEntry): Promise<boolean> => {
		const sent = await server.send(desk, entry);
		if (sent.came === 'away') return false;
		if (sent.came === 'kept') store.dispatch(acknowledged({ sent: entry, version: sent.version }));
		if (sent.came === 'parted') store.dispatch(parted(sent.kept));
		if (sent.came === 'refused') refused.add(entry);
		return true;
	};

	const send = async () => {
		if (sending) return;
		const waiting = ahead();
		if (!waiting.length) return;
		sending = true;
		let reached = true;
		for (const entry of waiting) {
			reached = await sendOne(entry);
			if (!reached) break;
		}
		sending = false;
		if (reached) wait = AGAIN_FROM_MS;
		else wait = Math.min(wait * 2, AGAIN_TO_MS);
		if (ahead().length) later(reached ? SEND_AFTER_MS : wait);
		say(!reached ? 'device' : anyRefused() ? 'refused' : ahead().length ? 'sending' : 'both');
	};

	const stop = store.subscribe(() => {
		const { works } = store.getState();
		if (works === seen) return;
		const before = seen;
		seen = works;
		for (const entry of Object.values(works.byId))
			if (entry !== before.byId[entry.id]) void device.keepEntry(desk, entry).catch(() => say('refused'));
		if (works.open !== before.open || works.last !== before.last)
			void device.keepOpen(desk, works.open, works.last).catch(() => {});
		if (ahead().length) {
			if (store.getState().sync.keeping === 'both') say('sending');
			if (!sending) later(SEND_AFTER_MS);
		}
	});

	const backOnline = () => later(0);
	globalThis.addEventListener?.('online', backOnline);
	void takeFromServer({ store, desk, server }).then(() => ahead().length && later(0));
	return () => {
		stopped = true;
		stop();
		clearTimeout(timer);
		globalThis.removeEventListener?.('online', backOnline);
	};
}

/** Takes what the server has newer than this device, once, at the start. */
async function takeFromServer({ store, desk, server }: Omit<Parts, 'device'>): Promise<void> {
	const found = await server.list(desk);
	for (const work of found?.works ?? []) {
		const mine = store.getState().works.byId[work.id];
		if (!mine || work.version > mine.version) store.dispatch(parted(work));
	}
	if (found?.aside) store.dispatch(setAside(found.aside));
	if (found === null) store.dispatch(kept('device'));
}
