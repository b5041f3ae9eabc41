import { TextDecoder, TextEncoder } from 'node:util';
import { deskOnServer, joinWithCode, lookAt } from '../src/sync/desk-on-server';
import { serverStore } from '../src/sync/server-store';

const GOOD = {
	id: 'work-0001',
	version: 1,
	body: { exercise: 'new-snow', steps: [{ do: 'check' }] },
	kept: '2026-01-01T00:00:00Z',
};

// jsdom has neither these nor timers for signals; nothing here waits.
Object.assign(globalThis, { TextDecoder, TextEncoder });
AbortSignal.timeout = () => new AbortController().signal;

const server = serverStore('desk-0001', 'a-key-of-mine', 'Phone');

/** Lets the server answer once; what was asked of it. */
function answers(status: number, body: unknown, headers: Record<string, string> = {}): jest.Mock {
	const asked = jest.fn(
		async () =>
			({
				status,
				ok: status < 400,
				json: async () => body,
				headers: { get: (name: string) => headers[name] ?? null },
			}) as unknown as Response,
	);
	globalThis.fetch = asked;
	return asked;
}

const fault = (code: string) => ({ error: { code, message: 'So it is.' } });

describe('the work of a desk, as it comes from the server', () => {
	it('is read piece by piece: one that cannot be read hides no others, and is told', async () => {
		const odd = { ...GOOD, id: 'work-0002', body: { exercise: 'new-snow', steps: [{ do: 'fly' }] } };
		answers(200, { works: [GOOD, odd], aside: ['work-0009'] });
		expect(await server.bodies(['work-0001'])).toEqual({
			came: 'here',
			value: { works: [GOOD], aside: ['work-0009', 'work-0002'] },
		});
	});

	it('is asked for with the key in a header, and never in an address', async () => {
		const asked = answers(200, { works: [], seq: 4, more: false });
		expect(await server.changes(3)).toEqual({ came: 'here', value: { works: [], seq: 4, more: false } });
		const [path, init] = asked.mock.calls[0];
		expect(path).toBe('/api/desks/desk-0001/works?after=3');
		expect(init.headers.authorization).toBe('Bearer a-key-of-mine');
	});

	it.each([
		[500, {}, {}, { came: 'away' }],
		[507, fault('full'), {}, { came: 'away' }],
		[404, fault('no-desk'), {}, { came: 'shut' }],
		[410, fault('erased'), {}, { came: 'erased' }],
		[429, fault('too-many'), { 'retry-after': '12' }, { came: 'later', ms: 12_000 }],
		[422, fault('shape'), {}, { came: 'refused', why: 'So it is.' }],
	])('answered by %i says what keeps it', async (status, body, headers, came) => {
		answers(status, body, headers);
		expect(await server.changes(0)).toEqual(came);
	});
});

describe('a version that is sent', () => {
	const entry = { id: 'work-0001', body: { exercise: 'new-snow', steps: [] }, version: 0, ahead: true };

	it.each([
		[200, { ...GOOD, seq: 7 }, { came: 'kept', version: 1, seq: 7 }],
		[409, { ...fault('conflict'), kept: GOOD }, { came: 'parted', kept: GOOD }],
		[409, fault('unreadable'), { came: 'refused', why: 'So it is.' }],
		[403, fault('read-only'), { came: 'refused', why: 'So it is.' }],
		[404, fault('no-desk'), { came: 'shut' }],
		[410, fault('erased'), { came: 'erased' }],
		[410, fault('piece-erased'), { came: 'gone' }],
		[412, fault('generation'), { came: 'restored' }],
		[503, {}, { came: 'away' }],
	])('answered by %i', async (status, body, came) => {
		answers(status, body);
		expect(await server.send(entry, 'first')).toEqual(came);
	});
});

describe('events of a desk', () => {
	/** A reply that comes in these pieces. */
	function streams(...pieces: string[]): void {
		const coming = pieces.map((text) => new TextEncoder().encode(text));
		globalThis.fetch = jest.fn(async () => ({
			ok: true,
			body: { getReader: () => ({ read: async () => ({ done: !coming.length, value: coming.shift() }) }) },
		})) as never;
	}

	it('are heard as they come, wherever a piece ends', async () => {
		streams(
			':\n\nevent: chan',
			'ged\ndata: {"se',
			'q":3}\n\nevent: changed\r\ndata: {"seq":4}\r\n\r\n',
			'event: closed\ndata: {}\n\n',
		);
		const heard: unknown[] = [];
		expect(await server.listen((one) => heard.push(one), new AbortController().signal)).toBe(true);
		expect(heard).toEqual([{ seq: 3, heads: [] }, { seq: 4, heads: [] }, { closed: true }]);
	});

	it('end where nothing comes for long, as on a connection that is dead', async () => {
		jest.useFakeTimers();
		globalThis.fetch = jest.fn(
			(_, { signal }) => new Promise((_, fail) => signal.addEventListener('abort', () => fail(new Error('ended')))),
		) as never;
		const listened = server.listen(() => {}, new AbortController().signal);
		await jest.advanceTimersByTimeAsync(46_000);
		expect(await listened).toBe(false);
		jest.useRealTimers();
	});

	it('are none where the server cannot be reached or does not let one listen', async () => {
		answers(404, fault('no-desk'));
		expect(await server.listen(() => {}, new AbortController().signal)).toBe(false);
		globalThis.fetch = jest.fn(async () => {
			throw new TypeError('away');
		}) as never;
		expect(await server.listen(() => {}, new AbortController().signal)).toBe(false);
	});
});

describe('desks and devices', () => {
	it('are asked for by the desk’s key; a key that joins is sent as its hash', async () => {
		const asked = answers(200, { done: true });
		expect(await deskOnServer('desk-0001', 'a-key').addKey('b'.repeat(64), 'sheet', 'Recovery sheet')).toEqual({
			came: 'here',
			value: null,
		});
		expect(JSON.parse(asked.mock.calls[0][1].body)).toEqual({
			hash: 'b'.repeat(64),
			kind: 'sheet',
			says: 'Recovery sheet',
		});
		answers(404, fault('no-code'));
		expect(await joinWithCode('ABCDEFGH', 'b'.repeat(64), '')).toEqual({ came: 'refused', why: 'So it is.' });
	});

	it('give what a link to look at shows, each piece read by itself', async () => {
		const asked = answers(200, { shows: { is: 'work', id: 'work-0001' }, works: [GOOD, 5] });
		expect(await lookAt('look-0001', 'a-secret')).toEqual({
			came: 'here',
			value: { shows: { is: 'work', id: 'work-0001' }, works: [GOOD] },
		});
		expect(asked.mock.calls[0][0]).toBe('/api/looks/look-0001');
	});
});
