import { countWorks } from '../works';
import type { Route } from './route';

/** Whether the server is well, its version, and how many pieces of work it keeps. */
export const health: Route = {
	method: 'get',
	path: '/health',
	answer: async (ctx, { db, version }) => {
		ctx.body = { ok: true, version, works: await countWorks(db) };
	},
};
