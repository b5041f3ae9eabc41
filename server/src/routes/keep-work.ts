import { idSchema, isDemoDesk, keepWorkSchema } from '@tidy-sum/schema';
import { RequestFault } from '../errors';
import { keepWork } from '../works';
import { type Route, taken } from './route';

/** Keeps a version of a piece of work, where it follows the one that is kept. */
export const keepWorkRoute: Route = {
	method: 'put',
	path: '/desks/:desk/works/:id',
	hasBody: true,
	answer: async (ctx, { db, now }) => {
		const desk = taken(idSchema, ctx.params.desk, 'The desk');
		const id = taken(idSchema, ctx.params.id, 'The id');
		if (isDemoDesk(desk))
			throw new RequestFault(
				403,
				'read-only',
				'The demo desk stays as it is. Open its link to get a copy of your own.',
			);
		const keep = taken(keepWorkSchema, ctx.request.body, 'The work');
		const kept = await keepWork(db, desk, id, keep, now().toISOString());
		if (kept.came === 'unreadable')
			throw new RequestFault(
				409,
				'unreadable',
				'Another version is kept that cannot be read; nothing was overwritten.',
			);
		if (kept.came === 'kept') {
			ctx.body = kept.work;
			return;
		}
		ctx.status = 409;
		ctx.body = {
			error: { code: 'conflict', message: 'This work was changed elsewhere since; nothing was overwritten.' },
			kept: kept.work,
		};
	},
};
