import type { ApiCode } from '@tidy-sum/schema';
import type { Context, Middleware } from 'koa';
import type { Logger } from 'pino';
import * as words from './words';

/** A request the server cannot take, with the status and the code of its reply. */
export class RequestFault extends Error {
	constructor(
		readonly status: number,
		readonly code: ApiCode,
		message: string,
	) {
		super(message);
	}
}

function reply(ctx: Context, status: number, code: ApiCode, message: string): void {
	ctx.status = status;
	ctx.body = { error: { code, message } };
}

type Thrown = { status?: unknown; expose?: unknown; code?: unknown };

/** What SQLite, PostgreSQL and the file system call a full disk. */
const DISK_FULL: readonly unknown[] = ['SQLITE_FULL', '53100', 'ENOSPC'];

/** How soon to come again where the database does not answer, in seconds. */
export const AGAIN_SECONDS = '5';

/**
 * Whether an error says that the database cannot be reached, hangs, is locked, shuts down or is damaged. Its codes: those
 * of a connection, SQLSTATE classes 08, 53, 57, 58 and XX of PostgreSQL, and those of SQLite.
 */
export function isDatabaseAway(error: unknown): boolean {
	const { name, code, message = '' } = error as { name?: unknown; code?: unknown; message?: string };
	if (name === 'KnexTimeoutError' || /Connection terminated|timeout exceeded|connection is closed/iu.test(message))
		return true;
	if (typeof code !== 'string') return false;
	if (/^(?:ECONNREFUSED|ECONNRESET|ETIMEDOUT|EPIPE|ENOTFOUND|EHOSTUNREACH)$/u.test(code)) return true;
	return (
		/^(?:08|53|57|58|XX)\w{3}$/u.test(code) ||
		/^SQLITE_(?:BUSY|LOCKED|IOERR|CANTOPEN|CORRUPT|NOTADB|READONLY|PROTOCOL)/u.test(code)
	);
}

/** An error as it is logged: what the database says of it may hold what was sent, so only its kind and where it was. */
function told(error: unknown): Record<string, unknown> {
	const { name, code, stack = '' } = error as Error & { code?: unknown };
	return { name, code, at: stack.split('\n').filter((line) => line.trimStart().startsWith('at ')) };
}

/** Turns what is thrown further in into a reply with a code; only what is unforeseen is a 500, and is logged. */
export function errors(log: Logger): Middleware {
	return async (ctx, next) => {
		try {
			await next();
			if (ctx.status === 404 && ctx.body === undefined) reply(ctx, 404, 'not-found', words.thereIsNoPageAtThisAddress);
		} catch (error) {
			if (error instanceof RequestFault) return reply(ctx, error.status, error.code, error.message);
			const { status, expose, code } = error as Thrown;
			if (DISK_FULL.includes(code)) {
				log.error({ code }, 'the disk is full');
				return reply(ctx, 507, 'full', words.theServersDiskIsFullYour);
			}
			if (typeof status === 'number' && status >= 400 && status < 500)
				return reply(ctx, status, 'bad-request', expose ? (error as Error).message : words.theServerCannotAcceptThis);
			if (isDatabaseAway(error)) {
				log.error({ err: told(error) }, 'the database does not answer');
				ctx.set('Retry-After', AGAIN_SECONDS);
				return reply(ctx, 503, 'away', words.theServerCannotReachIts);
			}
			log.error({ err: told(error), path: ctx.path }, 'request failed');
			reply(ctx, 500, 'server-fault', words.somethingWentWrongOnThe);
		}
	};
}
