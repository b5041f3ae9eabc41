import type { Store } from '@reduxjs/toolkit';
import { acknowledged, goneThere, loaded, parted, type WorkEntry, type WorksState } from '../work/works-reducer';
import { CLOCK, type Clock } from './clock';
import type { DeviceStore } from './device-store';
import { createFollower } from './follower';
import { createHearing } from './hearing';
import { type KeptHere, keepHere } from './keep-here';
import { keepListening } from './listener';
import { takenAnew } from './lost-desk';
import { NO_PLACE, type Place } from './place';
import { isToRead, readPieces, readToSend } from './read-pieces';
import type { Failed } from './server-request';
import type { ServerStore } from './server-store';
import { accessIs, comingIs, holdsAll, type Keeping, kept } from './sync-slice';

type State = {
	readonly works: WorksState;
	readonly sync: {
		readonly keeping: Keeping;
		readonly holds: boolean;
		readonly wanted: readonly string[];
		readonly coming: boolean;
	};
};

type Parts = {
	readonly store: Store<State>;
	readonly desk: string;
	readonly device: DeviceStore;
	/** What keeps each change on the device, where that has begun already. */
	readonly here?: KeptHere;
	readonly server: ServerStore;
	/** How far the changes of the desk have been followed before. */
	readonly place?: Place;
	/** Whether the server has the desk already, so that it can be asked for it. */
	readonly isKept?: boolean;
	/** Called when the server has it. */
	readonly onKept?: () => void;
	/** Takes the desk off this device, since it was erased on another. */
	readonly onErased?: () => Promise<void>;
	readonly clock?: Clock;
};

/** How long after the last step the work is sent, and how long the wait grows while the server is away. */
const SEND_AFTER_MS = 600;
const AGAIN_FROM_MS = 1500;
const AGAIN_TO_MS = 20_000;

/** How many pieces are on their way at the same time. */
const AT_ONCE = 6;

/** How long after some steps have come that nobody asked for the next are fetched: what is touched goes first. */
const FETCH_AFTER_MS = 400;

/** How long a page is given to paint. */
const PAINTED_MS = 50;

const NO_WORK: WorksState = { byId: {}, open: {}, last: null };

/**
 * Keeps the work: each change on the device at once, and on the server soon after; and takes what other devices have changed.
 * While the server is away it tries again, less and less often, and at once when the network comes back.
 * @returns a function that stops it.
 */
export function keep({
	store,
	desk,
	device,
	here,
	server,
	place = NO_PLACE,
	isKept = true,
	onKept = () => {},
	onErased = () => device.forget(desk),
	clock = CLOCK,
}: Parts): (keeps?: boolean) => void {
	let seen = store.getState().works;
	let isThere = isKept;
	let callOff = () => {};
	let wait = AGAIN_FROM_MS;
	let busy = false;
	let sendFrom = 0;
	let askedAnew = isKept;
	const hearing = createHearing();
	/** The server does not open the desk: it is asked no more, until the page is opened anew. */
	let isShut = false;
	const stop = new AbortController();
	const stopped = () => stop.signal.aborted;
	/** Versions the server would not take; the next change of the same work is sent again. */
	const refused = new WeakSet<WorkEntry>();
	const follower = createFollower({
		store,
		server,
		place,
		onPlace: (next) => {
			// What came to one that was stopped is not kept, and so it has followed nothing.
			if (!stopped())
				void keptHere
					.written()
					.then(() => device.keepPlace(desk, next))
					.catch(() => {});
		},
		read: (ids) => readPieces({ store, device, desk }, ids),
		now: () => clock.now(),
		pause: () => new Promise<void>((go) => clock.wait(PAINTED_MS, go)),
		onTold: () => {
			if (!stopped() && store.getState().sync.coming) store.dispatch(comingIs(false));
		},
	});

	const keptHere =
		here ?? keepHere({ store, desk, device, later: clock.wait, onHolds: (all) => store.dispatch(holdsAll(all)) });
	const works = () => store.getState().works;
	const say = (keeping: Keeping) => {
		if (!stopped() && store.getState().sync.keeping !== keeping) store.dispatch(kept(keeping));
	};
	const entries = () => Object.values<WorkEntry>(works().byId);
	const ahead = () => entries().filter((entry) => entry.ahead && !entry.away && !refused.has(entry));
	const later = (ms: number) => {
		if (stopped()) return;
		callOff();
		callOff = clock.wait(ms, () => void turn());
	};

	const nowThere = () => {
		if (isThere) return;
		isThere = true;
		onKept();
		listen();
	};

	/** Sends pieces of work, a few at the same time; what keeps the server from taking one, where that is for all. */
	const send = async (): Promise<Failed | null> => {
		const sent = ahead().slice(0, AT_ONCE);
		const answers = await Promise.all(
			sent.map(async (entry) => ({ entry, answer: await server.send(entry, follower.place().generation) })),
		);
		if (stopped()) return null;
		let failed: Failed | null = null;
		const seqs: number[] = [];
		for (const { entry, answer } of answers) {
			if (answer.came === 'kept') {
				store.dispatch(acknowledged({ sent: entry, version: answer.version }));
				if (answer.seq !== undefined) seqs.push(answer.seq);
				nowThere();
			} else if (answer.came === 'parted') store.dispatch(parted(answer.kept));
			else if (answer.came === 'gone') store.dispatch(goneThere([entry.id]));
			else if (answer.came === 'refused') refused.add(entry);
			// What is here and there is compared first.
			else if (answer.came === 'restored') askedAnew = true;
			else failed = answer;
		}
		follower.own(seqs);
		return failed;
	};

	const read = () => readToSend({ store, device, desk });

	const erase = async (): Promise<Failed | null> => {
		const [id = ''] = works().erasing ?? [];
		const answer = await server.erase(id);
		if (answer.came !== 'here' && answer.came !== 'refused') return answer;
		if (!stopped()) store.dispatch(goneThere([id]));
		return null;
	};

	const follow = async (): Promise<Failed | null> => {
		// What is heard meanwhile may be of later changes; where the server does not answer, it is to be asked again.
		const isToAsk = askedAnew;
		askedAnew = true;
		const heads = hearing.take(follower.place());
		const failed = await follower.follow(isToAsk ? [] : heads);
		if (!failed) askedAnew = false;
		return failed;
	};

	/** What is to be done next; null where nothing is, or not yet. */
	const next = (): (() => Promise<Failed | null>) | null => {
		if (isShut) return null;
		if (isThere && works().erasing?.length) return erase;
		if (isThere && follower.isOther()) return follow;
		if (entries().some(isToRead)) return read;
		if (ahead().length && clock.now() >= sendFrom) return send;
		if (!isThere) return null;
		if (askedAnew || hearing.isMore(follower.place())) return follow;
		if (follower.lacks('wanted')) return follower.fetch;
		return follower.isDue() ? follower.compare : null;
	};

	/**
	 * The desk does not open. Where the server has lost it, as it may after a backup, it takes it anew; else this device was
	 * shut out, or another one got the desk first: all work stays here, and it is said so.
	 */
	const shut = async (): Promise<void> => {
		const came = await takenAnew({ store, device, desk, server });
		if (stopped()) return;
		if (came !== 'shut') {
			askedAnew ||= came === 'taken';
			later(came === 'taken' ? 0 : wait);
			return;
		}
		isShut = true;
		store.dispatch(accessIs('shut'));
		say('device');
	};

	const erasedElsewhere = async (): Promise<void> => {
		stopAll();
		await onErased().catch(() => {});
		store.dispatch(loaded(NO_WORK));
		store.dispatch(accessIs('erased'));
	};

	const givesUp = (failed: Failed): void => {
		if (failed.came === 'shut') {
			void shut();
			return;
		}
		if (failed.came === 'erased') {
			void erasedElsewhere();
			return;
		}
		if (failed.came === 'later') {
			say('sending');
			later(failed.ms);
			return;
		}
		say(failed.came === 'away' ? 'device' : 'refused');
		wait = Math.min(wait * 2, AGAIN_TO_MS);
		later(wait);
	};

	const rest = () => {
		if (isShut) return;
		wait = AGAIN_FROM_MS;
		const waiting = ahead().length > 0;
		say(entries().some((entry) => refused.has(entry)) ? 'refused' : waiting ? 'sending' : 'both');
		if (waiting) later(Math.max(0, sendFrom - clock.now()));
		else if (isThere && follower.lacks('any')) {
			callOff();
			callOff = clock.wait(FETCH_AFTER_MS, () => void turn(follower.fetch));
		}
	};

	/** Does what there is to be done, one thing after another, until nothing is left or the server fails. */
	const turn = async (first: (() => Promise<Failed | null>) | null = null): Promise<void> => {
		if (busy || stopped()) return;
		busy = true;
		let failed: Failed | null = null;
		try {
			for (let job = first ?? next(); job && !failed && !stopped(); job = next()) failed = await job();
		} catch {
			// Whatever went wrong here, the work is on the device: it is tried again.
			failed = { came: 'away' };
		}
		busy = false;
		if (stopped()) return;
		if (failed) givesUp(failed);
		else rest();
	};

	const unsubscribe = store.subscribe(() => {
		const { works: now, sync } = store.getState();
		if (sync.wanted.length && !busy && isThere && follower.lacks('wanted')) later(0);
		if (now === seen) return;
		const before = seen;
		seen = now;
		const changed = Object.values<WorkEntry>(now.byId).filter((entry) => entry !== before.byId[entry.id]);
		if (now.erasing?.length && now.erasing !== before.erasing) later(0);
		if (changed.some(({ ahead: isAhead }) => isAhead)) {
			// What the device does not keep is sent straight away.
			const afterMs = sync.holds ? SEND_AFTER_MS : 0;
			sendFrom = clock.now() + afterMs;
			if (store.getState().sync.keeping === 'both') say('sending');
			if (!busy) later(afterMs);
		}
	});

	const askNow = () => {
		askedAnew = isThere;
		wait = AGAIN_FROM_MS;
		if (!busy) later(0);
	};
	const listen = () =>
		keepListening({
			server,
			clock,
			stop: stop.signal,
			onHeard: (what) => {
				if ('closed' in what) askedAnew = true;
				else hearing.hear(what, follower.place());
				if (next() && !busy) later(0);
			},
			onMissed: () => {
				askedAnew = true;
				if (!busy) later(0);
			},
			onSeen: askNow,
		});
	const stopAll = (keeps = true) => {
		stop.abort();
		unsubscribe();
		keptHere.stop(keeps);
		callOff();
		globalThis.removeEventListener?.('online', askNow);
	};

	globalThis.addEventListener?.('online', askNow);
	if (isThere) listen();
	if (next()) later(0);
	return stopAll;
}
