import { bodyParser } from '@koa/bodyparser';
import Router from '@koa/router';
import { RequestFault } from './errors';
import { ROUTES } from './routes';
import type { RouteParts } from './routes/route';

/** The largest request body taken: a piece of work of some thousand steps. */
const BODY_LIMIT = '3mb';

/** The parser's own error for a body that is too large or is not JSON, as a reply of ours. */
function bodyFault(error: Error & { status?: number }): never {
	if (error.status === 413) throw new RequestFault(413, 'too-large', `A request can have up to ${BODY_LIMIT}.`);
	throw new RequestFault(400, 'not-json', 'The body of this request is not JSON.');
}

const readBody = bodyParser({ enableTypes: ['json'], jsonLimit: BODY_LIMIT, onError: bodyFault });

/** The API under /api: every row of the routes, and nothing it answers is kept by a cache. */
export function api(parts: RouteParts): Router {
	const router = new Router({ prefix: '/api' });

	router.use(async (ctx, next) => {
		ctx.set('Cache-Control', 'no-store');
		await next();
	});

	for (const { method, path, hasBody, answer } of ROUTES)
		router[method](path, async (ctx, next) => {
			if (hasBody) {
				if (!ctx.is('json')) throw new RequestFault(415, 'not-json', 'The body of this request should be JSON.');
				await readBody(ctx, async () => {});
			}
			await answer(ctx, parts);
			await next();
		});
	return router;
}
