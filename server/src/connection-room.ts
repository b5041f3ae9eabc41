import { readFileSync } from 'node:fs';
import type { Server } from 'node:http';
import type { Logger } from 'pino';

/** Handles that are left for files, the database and the log. */
const LEFT_FOR_OTHERS = 200;

/** From this share of the room on, connections on which nothing is asked are closed, to make room for new ones. */
const NEARLY_FULL = 0.9;

/** How often a full server is logged. */
const SAID_EVERY_MS = 60_000;

/**
 * How many connections a process may have open, by its limit of open files.
 * @param limits the text of /proc/self/limits, as Linux writes it.
 * @returns the number, at least 50; null where there is no such limit.
 */
export function connectionsOf(limits: string): number | null {
	const found = /^Max open files\s+(\d+)/mu.exec(limits);
	return found ? Math.max(50, Number(found[1]) - LEFT_FOR_OTHERS) : null;
}

/** The same for this process; null where the system does not tell. */
export function connectionsHere(): number | null {
	try {
		return connectionsOf(readFileSync('/proc/self/limits', 'utf8'));
	} catch {
		return null;
	}
}

/** Holds a server to so many connections: idle ones go as it fills up, and one that finds no room is refused and logged. */
export function keepRoom(server: Server, most: number, log: Logger): void {
	let open = 0;
	let saidAt = Number.NEGATIVE_INFINITY;
	server.maxConnections = most;
	server.on('connection', (socket) => {
		open += 1;
		socket.once('close', () => {
			open -= 1;
		});
		if (open >= most * NEARLY_FULL) server.closeIdleConnections();
	});
	server.on('drop', () => {
		server.closeIdleConnections();
		if (Date.now() - saidAt < SAID_EVERY_MS) return;
		saidAt = Date.now();
		log.warn({ open, most }, 'too many connections');
	});
}
