import { healthSchema } from '@tidy-sum/schema';
import { type Route, route } from './route';

/** Whether the server is well and reaches its database; a stranger learns no more. */
export const health: Route = route({
	method: 'get',
	path: '/health',
	says: 'Whether the server is well and reaches its database, and its version.',
	who: 'anyone',
	reply: healthSchema,
	codes: [],
	answer: async ({ parts: { db, version } }) => {
		await db.raw('select 1');
		return { ok: true as const, version };
	},
});
