import { idSchema } from '@tidy-sum/schema';
import { listWorks } from '../works';
import { type Route, taken } from './route';

/** All work of a desk, last kept first; what cannot be read is named and left where it is. */
export const listWorksRoute: Route = {
	method: 'get',
	path: '/desks/:desk/works',
	answer: async (ctx, { db }) => {
		ctx.body = await listWorks(db, taken(idSchema, ctx.params.desk, 'The desk'));
	},
};
