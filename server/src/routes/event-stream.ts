import { PassThrough } from 'node:stream';
import { RequestFault } from '../errors';
import type { Told } from '../keeping/events';
import type { Asked } from './route';
import * as words from './words';

/** How often a comment is sent while nothing happens, so that a proxy keeps the connection. */
const BEAT_MS = 15_000;

/** The most devices that listen to a desk or a class at one time, and from an address, in one process. */
const LISTENERS_LIMIT = 40;
const FROM_ADDRESS_LIMIT = 400;

const listening = new Map<string, number>();

function count(of: string, by: 1 | -1): number {
	const next = (listening.get(of) ?? 0) + by;
	if (next > 0) listening.set(of, next);
	else listening.delete(of);
	return next;
}

/** Takes one more listener in; @throws RequestFault 429 `too-many` where there are as many as there may be. */
function takeIn({ ctx }: Asked<unknown, unknown>, of: string, says: string): () => void {
	const address = `from ${ctx.ip}`;
	const leave = () => {
		count(of, -1);
		count(address, -1);
	};
	const [here, fromAddress] = [count(of, 1), count(address, 1)];
	if (here <= LISTENERS_LIMIT && fromAddress <= FROM_ADDRESS_LIMIT) return leave;
	leave();
	ctx.set('Retry-After', '60');
	const what = here > LISTENERS_LIMIT ? says : words.desksFromThisAddress;
	throw new RequestFault(429, 'too-many', words.tooManyDevicesListenToTry(what));
}

/** A desk or a class to listen to, and the events sent of it. */
export type Listening = {
	/** The id of the desk or the class. */
	readonly of: string;
	/** What it is called where too many listen. */
	readonly says: string;
	/** Why the key opens it no more; null while it does. */
	readonly closed: () => Promise<'erased' | 'shut' | null>;
	/** How far its changes go. */
	readonly seq: () => Promise<number>;
	/** The data of the event for a change. */
	readonly changed: (told: Extract<Told, { readonly seq: number }>) => unknown;
};

/**
 * Sends server-sent events: `changed` at once and whenever something is kept, and `closed` when the key that asked opens it no
 * more.
 * @see https://html.spec.whatwg.org/multipage/server-sent-events.html
 */
export async function streamEvents(
	asked: Asked<unknown, unknown>,
	{ of, says, closed, seq, changed }: Listening,
): Promise<undefined> {
	const {
		ctx,
		parts: { events, streams },
	} = asked;
	const leave = takeIn(asked, of, says);
	const stream = new PassThrough();
	const send = (event: string, data: unknown) => stream.write(`event: ${event}\ndata: ${JSON.stringify(data)}\n\n`);
	// Nothing is written to a stream that has ended.
	const end = () => {
		deaf();
		stream.end();
	};
	/** Whether the key still opens it; if not, the device hears so and the stream ends. */
	const isOpen = async (): Promise<boolean> => {
		const is = await closed();
		if (is === null) return true;
		send('closed', { is });
		end();
		return false;
	};
	const sendChanged = (told: Extract<Told, { readonly seq: number }>) => send('changed', changed(told));
	const hear = (told: Told) => {
		if ('keys' in told) return isOpen().then(() => {}, end);
		// Something may have been missed, also that the key was taken away.
		if (told.seq === 0) isOpen().then((is) => is && sendChanged(told), end);
		else sendChanged(told);
		return undefined;
	};
	const deaf = events.listen(of, hear);
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
		if (await isOpen()) sendChanged({ desk: of, seq: await seq() });
	} catch (error) {
		stream.destroy();
		throw error;
	}
	return undefined;
}
