import { loadedAgain, loadTaken } from '../device/page-again';

/** How long after the start the whole app is put on the device: the first screen comes first. */
const AFTER_MS = 4000;

/** How long a version that is taken may take over; then the page is loaded all the same, since what the old one does can hold it up. */
const TAKEN_WITHIN_MS = 4000;

/** How often a page that stays open looks for a new version. */
const LOOK_EVERY_MS = 30 * 60_000;

/** The browser's workers in the app as it is served; undefined in a browser without workers, and in development. */
function servedWorkers(): ServiceWorkerContainer | undefined {
	return process.env.NODE_ENV === 'production' ? globalThis.navigator?.serviceWorker : undefined;
}

/**
 * Calls back once a worker is active. A page that is loaded while its worker still gets ready can wait for minutes: a journey
 * met it.
 */
function whenActive(worker: ServiceWorker | null, act: () => void): void {
	if (worker?.state === 'activating') worker.addEventListener('statechange', act, { once: true });
	else act();
}

/**
 * Has the browser keep the whole app, so that it opens without a network; where it cannot, nothing is lost but that.
 * @param onWaiting called when a new version is ready, with what lets it take over: the page is then loaded again, once
 * it has taken over or could not for a while.
 */
export function keepOffline(
	onWaiting: (take: () => void) => void,
	workers: ServiceWorkerContainer | undefined = servedWorkers(),
	{ afterMs = AFTER_MS, takenWithinMs = TAKEN_WITHIN_MS, reload = loadTaken } = {},
): void {
	if (!workers) return;
	// A page that was loaded before the version it took could take over is loaded again when it does.
	let isTaking = loadedAgain() === 'taken';
	const tookOver = () => {
		if (!isTaking) return;
		isTaking = false;
		reload();
	};
	workers.addEventListener('controllerchange', () => whenActive(workers.controller, tookOver));
	const register = async (): Promise<void> => {
		const { Workbox } = await import('workbox-window');
		const app = new Workbox('/sw.js');
		app.addEventListener('waiting', () => {
			// The first version of all has no page to take over from.
			if (!workers.controller) return;
			onWaiting(() => {
				isTaking = true;
				app.messageSkipWaiting();
				setTimeout(tookOver, takenWithinMs);
			});
		});
		await app.register({ immediate: true });
		setInterval(() => void app.update().catch(() => {}), LOOK_EVERY_MS);
	};
	setTimeout(() => void register().catch(() => {}), afterMs);
}
