/** How long after the start the whole app is put on the device: the first screen comes first. */
const AFTER_MS = 4000;

/** Has the browser keep the whole app, so that it opens without a network; where it cannot, nothing is lost but that. */
export function keepOffline(): void {
	const workers = process.env.NODE_ENV === 'production' ? globalThis.navigator?.serviceWorker : undefined;
	if (!workers) return;
	setTimeout(() => void workers.register('/sw.js').catch(() => {}), AFTER_MS);
}
