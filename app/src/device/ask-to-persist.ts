let isAsked = false;

/**
 * Asks the browser, once, not to clear away what the app keeps when space runs short. It may say no, and nothing else changes.
 * @see https://storage.spec.whatwg.org/#dom-storagemanager-persist
 */
export function askToPersist(): void {
	if (isAsked) return;
	isAsked = true;
	const storage = globalThis.navigator?.storage;
	void storage
		?.persisted?.()
		.then((is) => is || storage.persist())
		.catch(() => {});
}
