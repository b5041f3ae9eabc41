import { PassThrough } from 'node:stream';
import { z } from '@tidy-sum/schema';
import { RequestFault } from '../errors';
import { accessTo } from '../keeping/desks';
import type { Told } from '../keeping/events';
import { seqOf } from '../keeping/works';
import { type Route, route } from './route';

/** How often something is sent where nothing happens, so that what lies between keeps the connection. */
const BEAT_MS = 15_000;

/** The most devices that listen to a desk at one time, in one process. */
const LISTENERS_LIMIT = 40;

const listening = new Map<string, number>();

function count(desk: string, by: 1 | -1): number {
	const next = (listening.get(desk) ?? 0) + by;
	if (next > 0) listening.set(desk, next);
	else listening.delete(desk);
	return next;
}

/**
 * Server-sent events of a desk: `changed` with how far its changes go, at once and whenever something is kept, then with the heads of what was kept; `closed` when
 * the key that asked opens it no more.
 * @see https://html.spec.whatwg.org/multipage/server-sent-events.html
 */
export const events: Route = route({
	method: 'get',
	path: '/desks/:desk/events',
	says: 'What happens to a desk, as server-sent events: `changed` with how far its changes go and the heads of what was just kept, `closed` when the key opens it no more.',
	who: 'desk',
	reply: z.string(),
	type: 'text/event-stream',
	codes: ['no-desk', 'erased', 'too-many'],
	answer: async ({ ctx, parts: { db, events, streams }, by: { desk, hash } }) => {
		if (count(desk, 1) > LISTENERS_LIMIT) {
			count(desk, -1);
			ctx.set('Retry-After', '60');
			throw new RequestFault(429, 'too-many', 'Too many devices listen to this desk. Come again in 60 seconds.');
		}
		const stream = new PassThrough();
		const send = (event: string, data: unknown) => stream.write(`event: ${event}\ndata: ${JSON.stringify(data)}\n\n`);
		const end = () => stream.end();
		const hear = (told: Told) => {
			if ('seq' in told) return send('changed', { seq: told.seq, heads: told.heads ?? [] });
			accessTo(db, desk, hash).then((access) => {
				if (access.is === 'open') return;
				send('closed', { is: access.is === 'erased' ? 'erased' : 'shut' });
				end();
			}, end);
		};
		const deaf = events.listen(desk, hear);
		const beat = setInterval(() => stream.write(':\n\n'), BEAT_MS);
		streams.add(stream);
		stream.once('close', () => {
			deaf();
			clearInterval(beat);
			streams.delete(stream);
			count(desk, -1);
		});
		// A client that goes away closes the reply; Koa then destroys the stream.
		ctx.res.once('close', () => stream.destroy());
		ctx.type = 'text/event-stream';
		ctx.set('Cache-Control', 'no-store, no-transform');
		ctx.set('X-Accel-Buffering', 'no');
		ctx.body = stream;
		// Listened to first and asked afterwards, so that nothing falls between the two.
		try {
			send('changed', { seq: await seqOf(db, desk), heads: [] });
		} catch (error) {
			stream.destroy();
			throw error;
		}
		return undefined;
	},
});
