import { bodyParser } from '@koa/bodyparser';
import Router from '@koa/router';
import { idSchema, isDemoDesk } from '@tidy-sum/schema';
import { GENERATION_HEADER } from '@tidy-sum/schema/desk';
import type { Context } from 'koa';
import type { Admitted } from './admission';
import { CLASS_PARTS, type ClassPart, type InClass } from './class-admission';
import { RequestFault } from './errors';
import { ROUTES } from './routes';
import { type RouteParts, taken, type Who } from './routes/route';
import * as words from './words';

/** The largest request body taken: a piece of work of some thousand steps. */
const BODY_LIMIT = '3mb';

/** The parser's own error for a body that is too large or is not JSON, as a reply of ours. */
function bodyFault(error: Error & { status?: number }): never {
	if (error.status === 413) throw new RequestFault(413, 'too-large', words.aRequestCanHaveUpTo(BODY_LIMIT));
	throw new RequestFault(400, 'not-json', words.theBodyOfThisRequestIsNot);
}

const readBody = bodyParser({ enableTypes: ['json'], jsonLimit: BODY_LIMIT, onError: bodyFault });

const NOBODY = { hash: '', key: '' };

const IN_NO_CLASS: InClass = { id: '', hash: '', seat: null };

function isOfClass(who: Who): who is ClassPart {
	return CLASS_PARTS.some((part) => part === who);
}

/** Who asks, let in as the row says. The key is looked at before the body is read. */
async function admitted(
	ctx: Context,
	who: Exclude<Who, ClassPart>,
	desk: string,
	{ admission }: RouteParts,
): Promise<Admitted | (() => Promise<Admitted>)> {
	switch (who) {
		case 'anyone':
			return { desk, ...NOBODY };
		case 'desk':
			return admission.admit(ctx, desk);
		case 'desk or demo':
			return isDemoDesk(desk) ? { desk, ...NOBODY } : admission.admit(ctx, desk);
		case 'desk or new':
			if (isDemoDesk(desk)) throw new RequestFault(403, 'read-only', words.theDemoDeskCannotBeChanged);
			return admission.admitOrNew(ctx, desk, true);
	}
}

/**
 * Names the generation in the reply, and holds the one a device names against it: its versions are then of another count.
 * @throws RequestFault 412 `generation` where they differ.
 */
async function ofGeneration(ctx: Context, { generation }: RouteParts): Promise<void> {
	const now = await generation();
	ctx.set(GENERATION_HEADER, now);
	const named = ctx.get(GENERATION_HEADER);
	if (named && named !== now) throw new RequestFault(412, 'generation', words.thisServerWasRestoredFromA);
}

async function bodyOf(ctx: Context): Promise<unknown> {
	if (!ctx.is('json')) throw new RequestFault(415, 'not-json', words.theBodyOfThisRequestShould);
	await readBody(ctx, async () => {});
	// PostgreSQL holds no such sign in a text, so it is refused on both databases.
	if (/\\u0000/u.test(ctx.request.rawBody ?? '')) throw new RequestFault(422, 'shape', words.theBodyHasTheWrongShapeA);
	return ctx.request.body;
}

/** The API under /api: every row of the routes, and nothing it answers is kept by a cache. */
export function api(parts: RouteParts): Router {
	const router = new Router({ prefix: '/api' });

	router.use(async (ctx, next) => {
		ctx.set('Cache-Control', 'no-store');
		await next();
	});

	for (const { method, path, who, body, query, answer } of ROUTES)
		router[method](path, async (ctx, next) => {
			const params = Object.fromEntries(
				Object.entries(ctx.params).map(([name, value]) => [name, taken(idSchema, value, words.theInTheAddress(name))]),
			);
			const ofClass = isOfClass(who);
			if (who !== 'anyone' && !ofClass) await ofGeneration(ctx, parts);
			const at = ofClass ? await parts.classAdmission.admit(ctx, params.class ?? '', who) : IN_NO_CLASS;
			const by = await admitted(ctx, ofClass ? 'anyone' : who, params.desk ?? '', parts);
			const asked = {
				query: query && taken(query, { ...ctx.query }, words.theAddress),
				body: body && taken(body, await bodyOf(ctx), words.theBody),
			};
			const given = await answer({ ctx, parts, params, at, by: typeof by === 'function' ? await by() : by, ...asked });
			if (given !== undefined) {
				// Written once: Koa would write it to know its length, and again to send it.
				ctx.type = 'json';
				ctx.body = JSON.stringify(given);
			}
			await next();
		});
	return router;
}
