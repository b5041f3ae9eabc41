/** Where the names beside the seats of a class are kept: on this device, and nowhere else. */
const KEY = 'tidy-sum-seat-names-';

/** The longest name. */
export const NAME_LIMIT = 60;

/** The names a teacher wrote beside the seats of a class, by the ids of the seats. It is empty where this device keeps nothing. */
export function seatNames(id: string): Readonly<Record<string, string>> {
	try {
		const kept = JSON.parse(globalThis.localStorage?.getItem(KEY + id) ?? '{}') as unknown;
		return typeof kept === 'object' && kept !== null ? (kept as Record<string, string>) : {};
	} catch {
		return {};
	}
}

/** Keeps the names of a class; a browser that keeps nothing only forgets them. */
export function keepSeatNames(id: string, names: Readonly<Record<string, string>>): void {
	try {
		globalThis.localStorage?.setItem(KEY + id, JSON.stringify(names));
	} catch {
		// Private windows may refuse; the seats have words of their own.
	}
}

/** Forgets the names of a class. */
export function forgetSeatNames(id: string): void {
	globalThis.localStorage?.removeItem(KEY + id);
}
