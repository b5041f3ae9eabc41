import type { Clock } from './clock';

type Parts<Heard> = {
	readonly server: { readonly listen: (hear: (heard: Heard) => void, stop: AbortSignal) => Promise<boolean> };
	readonly clock: Clock;
	readonly stop: AbortSignal;
	readonly onHeard: (heard: Heard) => void;
	/** Nothing could be heard: what changed meanwhile is to be asked for. */
	readonly onMissed: () => void;
	/** The page is seen again, after it heard nothing for a while. */
	readonly onSeen: () => void;
};

/** How soon the desk is listened to anew where that ended, and how often it is asked where nothing can be heard. */
const LISTEN_AGAIN_MS = 500;
const ASK_EVERY_MS = 5000;

function isSeen(): boolean {
	return globalThis.document?.visibilityState !== 'hidden';
}

/**
 * Listens to a desk or a class until it is stopped, again and again. A browser opens few connections to one server, so a page nobody
 * sees, in another tab or kept for going back, holds none; once it is seen again it asks at once.
 */
export function keepListening<Heard>({ server, clock, stop, onHeard, onMissed, onSeen }: Parts<Heard>): void {
	let ear = new AbortController();
	let wake = () => {};

	const untilSeen = () =>
		new Promise<void>((go) => {
			wake = go;
		});
	const listen = async (): Promise<void> => {
		while (!stop.aborted) {
			if (!isSeen()) {
				await untilSeen();
				continue;
			}
			ear = new AbortController();
			const wasHeard = await server.listen(onHeard, ear.signal);
			if (stop.aborted) return;
			if (!isSeen()) continue;
			if (!wasHeard) onMissed();
			await new Promise<void>((go) => clock.wait(wasHeard ? LISTEN_AGAIN_MS : ASK_EVERY_MS, go));
		}
	};
	const seenOrNot = () => {
		if (!isSeen()) {
			ear.abort();
			return;
		}
		wake();
		onSeen();
	};

	globalThis.document?.addEventListener('visibilitychange', seenOrNot);
	stop.addEventListener('abort', () => {
		ear.abort();
		wake();
		globalThis.document?.removeEventListener('visibilitychange', seenOrNot);
	});
	void listen();
}
