import { z } from '@tidy-sum/schema';
import { accessTo } from '../keeping/desks';
import { seqOf } from '../keeping/works';
import { streamEvents } from './event-stream';
import { type Route, route } from './route';
import * as words from './words';

/** Server-sent events of a desk: how far its changes go, and the heads of what was just kept. */
export const events: Route = route({
	method: 'get',
	path: '/desks/:desk/events',
	says: words.changesOfADeskAsServerSent,
	who: 'desk',
	reply: z.string(),
	type: 'text/event-stream',
	codes: ['no-desk', 'erased', 'too-many'],
	answer: async (asked) => {
		const {
			parts: { db, generation },
			by: { desk, hash },
		} = asked;
		const of = await generation();
		return streamEvents(asked, {
			of: desk,
			says: words.thisDesk,
			closed: async () => {
				const { is } = await accessTo(db, desk, hash);
				return is === 'open' ? null : is === 'erased' ? 'erased' : 'shut';
			},
			seq: () => seqOf(db, desk),
			changed: ({ seq, heads = [] }) => ({ seq, heads, generation: of }),
		});
	},
});
