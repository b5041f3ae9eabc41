import { bodyParser } from '@koa/bodyparser';
import Router from '@koa/router';
import { idSchema, keepWorkSchema, type z } from '@tidy-sum/schema';
import type { Database } from './database';
import { RequestFault } from './errors';
import { countWorks, keepWork, listWorks } from './works';

/** The largest request body taken: a piece of work of some thousand steps. */
const BODY_LIMIT = '512kb';

function taken<S extends z.ZodType>(schema: S, value: unknown, what: string): z.output<S> {
	const read = schema.safeParse(value);
	if (read.success) return read.data;
	const [issue] = read.error.issues;
	const at = issue?.path.length ? ` (at ${issue.path.join('.')})` : '';
	throw new RequestFault(422, 'shape', `${what} is not of the right shape: ${issue?.message}${at}.`);
}

/** The parser's own error for a body that is too large or is not JSON, as a reply of ours. */
function bodyFault(error: Error & { status?: number }): never {
	if (error.status === 413) throw new RequestFault(413, 'too-large', `A request can have up to ${BODY_LIMIT}.`);
	throw new RequestFault(400, 'not-json', 'The body of this request is not JSON.');
}

/** The API under /api: health, and the work kept for each desk. */
export function api(db: Database, version: string, now: () => Date): Router {
	const router = new Router({ prefix: '/api' });

	router.use(async (ctx, next) => {
		ctx.set('Cache-Control', 'no-store');
		await next();
	});

	router.get('/health', async (ctx) => {
		ctx.body = { ok: true, version, works: await countWorks(db) };
	});

	router.get('/desks/:desk/works', async (ctx) => {
		const desk = taken(idSchema, ctx.params.desk, 'The desk');
		ctx.body = { works: await listWorks(db, desk) };
	});

	router.put(
		'/desks/:desk/works/:id',
		async (ctx, next) => {
			if (!ctx.is('json')) throw new RequestFault(415, 'not-json', 'The body of this request should be JSON.');
			await next();
		},
		bodyParser({ enableTypes: ['json'], jsonLimit: BODY_LIMIT, onError: bodyFault }),
		async (ctx) => {
			const desk = taken(idSchema, ctx.params.desk, 'The desk');
			const id = taken(idSchema, ctx.params.id, 'The id');
			const keep = taken(keepWorkSchema, ctx.request.body, 'The work');
			const kept = await keepWork(db, desk, id, keep, now().toISOString());
			if (!kept.conflict) {
				ctx.body = kept.work;
				return;
			}
			ctx.status = 409;
			ctx.body = {
				error: { code: 'conflict', message: 'This work was changed elsewhere since; nothing was overwritten.' },
				kept: kept.work,
			};
		},
	);
	return router;
}
