import { lookedAtSchema } from '@tidy-sum/schema/desk';
import { keyOf } from '../admission';
import { RequestFault } from '../errors';
import { hashOf } from '../keeping/desks';
import { lookAt } from '../keeping/looks';
import { type Route, route } from './route';
import * as words from './words';

/** What a link to look at shows. Its secret comes as a key does, and never stands in an address the server sees. */
export const look: Route = route({
	method: 'get',
	path: '/looks/:id',
	says: words.whatAViewOnlyLinkShowsBy,
	who: 'anyone',
	reply: lookedAtSchema,
	codes: ['no-look', 'too-many'],
	answer: async ({ ctx, parts: { db, limits, now }, params: { id = '' } }) => {
		const found = await lookAt(db, id, hashOf(keyOf(ctx) ?? ''), now());
		if (found) return { shows: found.shows, works: [...found.works] };
		await limits.count(ctx, 'stranger', ctx.ip);
		throw new RequestFault(404, 'no-look', words.thereIsNothingToSeeHereThe);
	},
});
