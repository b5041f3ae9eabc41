/** What this device notes of the classes of a desk: the names a teacher wrote beside seats, and what a seat last saw. */
type What = 'names' | 'view';

const BEGINNING = 'tidy-sum-class';

function keyOf(desk: string, id: string, what: What): string {
	return `${BEGINNING}:${desk}:${id}:${what}`;
}

/** A note of a class; undefined where there is no note that can be read. */
export function noteOfClass(desk: string, id: string, what: What): unknown {
	try {
		return JSON.parse(globalThis.localStorage?.getItem(keyOf(desk, id, what)) ?? '') as unknown;
	} catch {
		return undefined;
	}
}

/** Keeps a note of a class; a browser that keeps nothing only forgets it. */
export function noteClass(desk: string, id: string, what: What, note: unknown): void {
	try {
		globalThis.localStorage?.setItem(keyOf(desk, id, what), JSON.stringify(note));
	} catch {
		// Private windows may refuse. The seats have words of their own, and the view is asked for again.
	}
}

/** Forgets the notes of a desk, or of one of its classes, when that is left: names must not stay behind on a shared device. */
export function forgetClasses(desk: string, id = ''): void {
	try {
		const beginning = id ? `${BEGINNING}:${desk}:${id}:` : `${BEGINNING}:${desk}:`;
		for (const key of Object.keys(globalThis.localStorage ?? {}))
			if (key.startsWith(beginning)) globalThis.localStorage.removeItem(key);
	} catch {
		// A browser that keeps nothing has nothing to forget.
	}
}
