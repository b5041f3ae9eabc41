import { randomUUID } from 'node:crypto';
import type { Context, Middleware } from 'koa';
import type { Logger } from 'pino';

/** What an operator wants to know of without being asked: one word each. */
export type SecurityEvent =
	| 'key-refused'
	| 'too-many'
	| 'code-made'
	| 'code-used'
	| 'key-added'
	| 'key-shut-out'
	| 'desk-erased'
	| 'desk-cleared'
	| 'seat-taken'
	| 'class-erased'
	| 'class-cleared'
	| 'migration'
	| 'disk-limit'
	| 'backup'
	| 'backup-failed';

/** Notes an event. What goes with it is ids and counts: never a key, a code, a secret, or a text somebody typed. */
export type NoteEvent = (ctx: Context, event: SecurityEvent, more?: Readonly<Record<string, string | number>>) => void;

/** How often keys that are refused are logged: with how many there were since. */
const COUNTED_MS = 60_000;

/** Gives each request an id, which its events and its reply carry. */
export const requestId: Middleware = async (ctx, next) => {
	ctx.state.request = randomUUID();
	ctx.set('X-Request-Id', ctx.state.request);
	await next();
};

/** Writes events of security to the log, at `info`, a line of JSON each. Refused keys are counted, and said once a minute. */
export function securityLog(log: Logger, now: () => Date = () => new Date()): NoteEvent {
	let refused = 0;
	let saidAt = Number.NEGATIVE_INFINITY;
	return (ctx, event, more = {}) => {
		const line = { security: event, request: ctx.state.request, ...more };
		if (event !== 'key-refused') return log.info(line, event);
		refused += 1;
		if (now().getTime() - saidAt < COUNTED_MS) return undefined;
		log.info({ ...line, count: refused }, event);
		refused = 0;
		saidAt = now().getTime();
		return undefined;
	};
}
