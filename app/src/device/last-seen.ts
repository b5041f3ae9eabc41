/** Where each part of the Shelf was last, so that it opens there again. */
const KEY = 'tidy-sum-shelf';

function all(): Readonly<Record<string, string>> {
	try {
		const kept = JSON.parse(globalThis.localStorage?.getItem(KEY) ?? '{}') as unknown;
		return typeof kept === 'object' && kept !== null ? (kept as Record<string, string>) : {};
	} catch {
		return {};
	}
}

/** What a part of the Shelf last showed; null where it was never opened here. */
export function lastSeen(part: string): string | null {
	const seen = all()[part];
	return typeof seen === 'string' && seen.length <= 400 ? seen : null;
}

/** Keeps what a part of the Shelf shows; a browser that keeps nothing only forgets it. */
export function rememberSeen(part: string, text: string): void {
	try {
		globalThis.localStorage?.setItem(KEY, JSON.stringify({ ...all(), [part]: text }));
	} catch {
		// Private windows may refuse; nothing else depends on it.
	}
}

/** Forgets where every part of the Shelf was: whoever comes next begins anew. */
export function forgetSeen(): void {
	try {
		globalThis.localStorage?.removeItem(KEY);
	} catch {
		// What keeps nothing has nothing to forget.
	}
}
