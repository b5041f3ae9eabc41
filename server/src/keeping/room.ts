import type { Database } from './database';

/** How long what was counted is taken to hold still. */
const KNOWN_MS = 30_000;

/**
 * Whether the server takes new desks: it does until all work together reaches the limit.
 * @param limit in bytes; null for no limit.
 */
export function createRoom(db: Database, limit: number | null, now: () => Date): () => Promise<boolean> {
	let known = { hasRoom: true, until: 0 };
	return async () => {
		if (limit === null) return true;
		const ms = now().getTime();
		if (known.until > ms) return known.hasRoom;
		const found = await db('desk').sum({ bytes: 'bytes' }).first();
		known = { hasRoom: Number(found?.bytes ?? 0) < limit, until: ms + KNOWN_MS };
		return known.hasRoom;
	};
}
