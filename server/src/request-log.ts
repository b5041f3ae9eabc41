import type { Middleware } from 'koa';
import type { Logger } from 'pino';

/** One structured line for each request: what was asked, what came of it, and how long it took. */
export function requestLog(log: Logger): Middleware {
	return async (ctx, next) => {
		const from = performance.now();
		await next();
		const ms = Math.round((performance.now() - from) * 10) / 10;
		log.debug({ method: ctx.method, path: ctx.path, status: ctx.status, ms }, 'request');
	};
}
