/** How long after the start the whole app is put on the device: the first screen comes first. */
const AFTER_MS = 4000;

/** How often a page that stays open looks for a new version. */
const LOOK_EVERY_MS = 30 * 60_000;

/** Tells when a version waits to take over; it is asked for a function that lets it. */
type OnWaiting = (take: () => void) => void;

function watch(registration: ServiceWorkerRegistration, workers: ServiceWorkerContainer, onWaiting: OnWaiting): void {
	const tell = () => {
		const { waiting } = registration;
		// The first version of all has no page to take over from.
		if (!waiting || !workers.controller) return;
		onWaiting(() => waiting.postMessage({ type: 'SKIP_WAITING' }));
	};
	tell();
	registration.addEventListener('updatefound', () => {
		registration.installing?.addEventListener('statechange', tell);
	});
	setInterval(() => void registration.update().catch(() => {}), LOOK_EVERY_MS);
}

/** The browser's workers, in the app as it is served; none where they are not, or in development. */
function servedWorkers(): ServiceWorkerContainer | undefined {
	return process.env.NODE_ENV === 'production' ? globalThis.navigator?.serviceWorker : undefined;
}

/**
 * Has the browser keep the whole app, so that it opens without a network; where it cannot, nothing is lost but that.
 * @param onWaiting told when a new version is ready, with what lets it take over: the page is then loaded anew.
 */
export function keepOffline(
	onWaiting: OnWaiting,
	workers: ServiceWorkerContainer | undefined = servedWorkers(),
	{ afterMs = AFTER_MS, reload = () => globalThis.location.reload() } = {},
): void {
	if (!workers) return;
	let taking = false;
	workers.addEventListener('controllerchange', () => {
		if (taking) reload();
	});
	const onWaitingHere: OnWaiting = (take) =>
		onWaiting(() => {
			taking = true;
			take();
		});
	setTimeout(() => {
		workers.register('/sw.js').then(
			(registration) => watch(registration, workers, onWaitingHere),
			() => {},
		);
	}, afterMs);
}
