import { readEvents, type ServerEvent } from './read-events';
import { withKey } from './server-request';

/** A connection on which nothing came for so long is dead: the server sends something every 15 seconds. */
const QUIET_MS = 45_000;

/**
 * Hears the events of an address of the server until they end or are stopped.
 * @returns whether anything could be heard at all.
 */
export async function listenTo(
	path: string,
	key: string,
	hear: (event: ServerEvent) => void,
	stop: AbortSignal,
): Promise<boolean> {
	const ended = new AbortController();
	const end = () => ended.abort();
	stop.addEventListener('abort', end);
	let quiet = setTimeout(end, QUIET_MS);
	try {
		const response = await fetch(`/api${path}`, { headers: withKey(key), signal: ended.signal });
		if (!response.ok || !response.body) return false;
		await readEvents(response.body, hear, () => {
			clearTimeout(quiet);
			quiet = setTimeout(end, QUIET_MS);
		});
		return true;
	} catch {
		return false;
	} finally {
		clearTimeout(quiet);
		stop.removeEventListener('abort', end);
	}
}
