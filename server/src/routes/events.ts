import { PassThrough } from 'node:stream';
import { z } from '@tidy-sum/schema';
import type { Context } from 'koa';
import { RequestFault } from '../errors';
import { accessTo } from '../keeping/desks';
import type { Told } from '../keeping/events';
import { seqOf } from '../keeping/works';
import { type Route, route } from './route';
import * as words from './words';

/** How often something is sent where nothing happens, so that what lies between keeps the connection. */
const BEAT_MS = 15_000;

/** The most devices that listen to a desk at one time, and from an address, in one process. */
const LISTENERS_LIMIT = 40;
const FROM_ADDRESS_LIMIT = 400;

const listening = new Map<string, number>();

function count(of: string, by: 1 | -1): number {
	const next = (listening.get(of) ?? 0) + by;
	if (next > 0) listening.set(of, next);
	else listening.delete(of);
	return next;
}

/** Takes one more listener in; @throws RequestFault 429 `too-many` where a desk or an address has as many as it may. */
function takeIn(ctx: Context, desk: string): () => void {
	const address = `from ${ctx.ip}`;
	const leave = () => {
		count(desk, -1);
		count(address, -1);
	};
	const [ofDesk, ofAddress] = [count(desk, 1), count(address, 1)];
	if (ofDesk <= LISTENERS_LIMIT && ofAddress <= FROM_ADDRESS_LIMIT) return leave;
	leave();
	ctx.set('Retry-After', '60');
	const what = ofDesk > LISTENERS_LIMIT ? words.thisDesk : words.desksFromThisAddress;
	throw new RequestFault(429, 'too-many', words.tooManyDevicesListenToTry(what));
}

/**
 * Server-sent events of a desk: `changed` with how far its changes go, at once and whenever something is kept, then with the heads of what was kept; `closed` when
 * the key that asked opens it no more.
 * @see https://html.spec.whatwg.org/multipage/server-sent-events.html
 */
export const events: Route = route({
	method: 'get',
	path: '/desks/:desk/events',
	says: words.changesOfADeskAsServerSent,
	who: 'desk',
	reply: z.string(),
	type: 'text/event-stream',
	codes: ['no-desk', 'erased', 'too-many'],
	answer: async ({ ctx, parts: { db, events, streams, generation }, by: { desk, hash } }) => {
		const of = await generation();
		const leave = takeIn(ctx, desk);
		const stream = new PassThrough();
		const send = (event: string, data: unknown) => stream.write(`event: ${event}\ndata: ${JSON.stringify(data)}\n\n`);
		// Nothing is written to a stream that has ended.
		const end = () => {
			deaf();
			stream.end();
		};
		/** Whether the key still opens the desk; if not, the device hears so and the stream ends. */
		const isOpen = async (): Promise<boolean> => {
			const access = await accessTo(db, desk, hash);
			if (access.is === 'open') return true;
			send('closed', { is: access.is === 'erased' ? 'erased' : 'shut' });
			end();
			return false;
		};
		const changed = ({ seq, heads = [] }: Extract<Told, { readonly seq: number }>) =>
			send('changed', { seq, heads, generation: of });
		const hear = (told: Told) => {
			if ('keys' in told) return isOpen().then(() => {}, end);
			// Something may have been missed, also that the key was taken away.
			if (told.seq === 0) isOpen().then((is) => is && changed(told), end);
			else changed(told);
			return undefined;
		};
		const deaf = events.listen(desk, hear);
		const beat = setInterval(() => stream.write(':\n\n'), BEAT_MS);
		const open = { end };
		streams.add(open);
		stream.once('close', () => {
			deaf();
			clearInterval(beat);
			streams.delete(open);
			leave();
		});
		// A client that goes away closes the reply; Koa then destroys the stream.
		ctx.res.once('close', () => stream.destroy());
		ctx.type = 'text/event-stream';
		ctx.set('Cache-Control', 'no-store, no-transform');
		ctx.set('X-Accel-Buffering', 'no');
		ctx.body = stream;
		// Listened to first and asked afterwards, so that nothing falls between the two.
		try {
			// The key may have been taken away since it was looked at, before this was listened to.
			if (await isOpen()) changed({ desk, seq: await seqOf(db, desk) });
		} catch (error) {
			stream.destroy();
			throw error;
		}
		return undefined;
	},
});
