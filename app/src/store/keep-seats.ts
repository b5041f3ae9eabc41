import { seatViewSchema, TRIES_AT_ONCE } from '@tidy-sum/schema/class';
import { noteClass, noteOfClass } from '../device/class-notes';
import { seatOnServer } from '../sync/class-on-server';
import { seatIsShut, seatViewCame, waitingIs } from '../sync/class-slice';
import { takingIn } from '../work/handed';
import { BROUGHT } from '../work/list-names';
import { type MySeat, myClasses } from '../work/my-classes';
import { sheetOfHanded, triesAt } from '../work/tries-to-send';
import { did } from '../work/works-reducer';
import type { AppStore } from './store';

/** How often what was handed out is asked for, and how soon an answer that waits is sent again. */
const ASK_EVERY_MS = 30_000;

/** How soon after a change what is new is sent: the check is shown first. */
const SOON_MS = 200;

/** A try as it was sent: one whose slips are named later is sent once more. */
type Sent = ReturnType<typeof triesAt>[number];
function signOf({ handed, problem, try: { when, unnamed } }: Sent): string {
	return `${handed} ${problem} ${when} ${unnamed ? 'unnamed' : ''}`;
}

/** One seat, kept in step with its class. */
function keepSeat(store: AppStore, { id, key }: MySeat) {
	const server = seatOnServer(id, key);
	/** What the class has said it keeps; after a reload all is sent once more, which changes nothing. */
	const sent = new Set<string>();
	let isShut = false;
	const desk = store.getState().sync.desk ?? '';
	// Without a network the page goes on with what it knew last.
	const before = seatViewSchema.safeParse(noteOfClass(desk, id, 'view'));
	if (before.success) store.dispatch(seatViewCame({ id, view: before.data }));

	const handed = () => store.getState().classes.views[id]?.handed ?? [];
	const unsent = () => {
		const { works } = store.getState();
		return handed().flatMap((set) => triesAt(works, set.id).filter((one) => !sent.has(signOf(one))));
	};
	const count = () => store.dispatch(waitingIs({ id, count: unsent().length }));
	const shut = () => {
		isShut = true;
		store.dispatch(seatIsShut(id));
	};

	/** Lays the sets that are new on the desk, where they are worked like any sheet. */
	const takeIn = async (): Promise<void> => {
		for (const set of handed()) {
			const name = sheetOfHanded(set.id);
			if (store.getState().works.open[name] !== undefined) continue;
			const answer = await server.set(set.id);
			if (answer.came !== 'here' || store.getState().works.open[name] !== undefined) continue;
			store.dispatch(did(name, takingIn(answer.value, name)));
			store.dispatch(did(BROUGHT, { do: 'bring', what: name }));
		}
	};
	const ask = async (): Promise<void> => {
		if (isShut) return;
		const answer = await server.view();
		if (answer.came === 'here') {
			store.dispatch(seatViewCame({ id, view: answer.value }));
			noteClass(desk, id, 'view', answer.value);
			await takeIn();
		} else if (answer.came === 'shut') shut();
	};
	const send = async (): Promise<void> => {
		count();
		while (!isShut) {
			const tries = unsent().slice(0, TRIES_AT_ONCE);
			if (!tries.length) return;
			const answer = await server.send(tries);
			if (answer.came !== 'here') {
				if (answer.came === 'shut') shut();
				return;
			}
			for (const one of tries) sent.add(signOf(one));
			count();
		}
	};
	return { ask, send };
}

/**
 * Keeps the seats of the desk in step with their classes: what is handed out is laid on the desk, and each answer that is checked
 * there is sent, once the network is there.
 */
export function keepSeats(store: AppStore): void {
	const seats = new Map<string, ReturnType<typeof keepSeat>>();
	let isRunning = false;
	let isAsked = true;
	let isChanged = true;

	const run = async (): Promise<void> => {
		if (isRunning) return;
		isRunning = true;
		while (isAsked || isChanged) {
			const mine = myClasses(store.getState().works).seats;
			const asks = isAsked || mine.some(({ id }) => !seats.has(id));
			isAsked = false;
			isChanged = false;
			for (const seat of mine) {
				const kept = seats.get(seat.id) ?? keepSeat(store, seat);
				seats.set(seat.id, kept);
				if (asks) await kept.ask();
				await kept.send();
			}
		}
		isRunning = false;
	};
	const ask = () => {
		isAsked = true;
		void run();
	};

	let before = store.getState().works;
	let timer: ReturnType<typeof setTimeout> | undefined;
	store.subscribe(() => {
		const { works } = store.getState();
		if (works === before) return;
		before = works;
		clearTimeout(timer);
		timer = setTimeout(() => {
			isChanged = true;
			void run();
		}, SOON_MS);
	});
	setInterval(() => globalThis.document?.visibilityState !== 'hidden' && ask(), ASK_EVERY_MS);
	globalThis.addEventListener?.('online', ask);
	globalThis.document?.addEventListener(
		'visibilitychange',
		() => globalThis.document.visibilityState !== 'hidden' && ask(),
	);
	ask();
}
