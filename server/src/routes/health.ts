import { healthSchema } from '@tidy-sum/schema';
import { AGAIN_SECONDS, RequestFault } from '../errors';
import { isWell } from '../keeping/database';
import { type Route, type RouteParts, route } from './route';
import * as words from './words';

type Asked = { readonly ctx: { set: (name: string, value: string) => void }; readonly parts: RouteParts };

async function ready({ ctx, parts: { db, version } }: Asked) {
	const well = await isWell(db).catch(() => false);
	if (well) return { ok: true as const, version };
	ctx.set('Retry-After', AGAIN_SECONDS);
	throw new RequestFault(503, 'away', words.theServerCannotReachIts);
}

/** A way to ask whether the database is reached, at an address. */
function asksReady(path: string, says: string): Route {
	return route({ method: 'get', path, says, who: 'anyone', reply: healthSchema, codes: ['away'], answer: ready });
}

/** Whether the server is well and reaches its database; a stranger learns no more. */
export const HEALTH: readonly Route[] = [
	asksReady('/health', words.whetherTheServerIsWellAnd),
	asksReady('/health/ready', words.whetherRequestsCanBe),
	route({
		method: 'get',
		path: '/health/live',
		says: words.whetherTheProcessResponds,
		who: 'anyone',
		reply: healthSchema,
		codes: [],
		answer: async ({ parts: { version } }) => ({ ok: true as const, version }),
	}),
];
