import { serverStore } from '../src/sync/server-store';

const GOOD = {
	id: 'work-0001',
	version: 1,
	body: { exercise: 'new-snow', steps: [{ do: 'check' }] },
	kept: '2026-01-01T00:00:00Z',
};

// jsdom has no timers for signals; nothing here waits.
AbortSignal.timeout = () => new AbortController().signal;

/** Lets the server answer once. */
function answers(status: number, body: unknown): void {
	globalThis.fetch = jest.fn(async () => ({ status, ok: status < 400, json: async () => body }) as Response);
}

describe('the work of a desk, as it comes from the server', () => {
	it('is read piece by piece: one that cannot be read hides no others, and is told', async () => {
		const odd = { ...GOOD, id: 'work-0002', body: { exercise: 'new-snow', steps: [{ do: 'fly' }] } };
		answers(200, { works: [GOOD, odd, 'nothing at all'], aside: ['work-0009'] });
		expect(await serverStore.list('desk-0001')).toEqual({ works: [GOOD], aside: 3 });
	});

	it('is none only where the server is away', async () => {
		answers(200, { works: [] });
		expect(await serverStore.list('desk-0001')).toEqual({ works: [], aside: 0 });
		answers(500, {});
		expect(await serverStore.list('desk-0001')).toBeNull();
	});
});

describe('a version that is sent', () => {
	const entry = { id: 'work-0001', body: { exercise: 'new-snow', steps: [] }, version: 0, ahead: true };

	it.each([
		[200, GOOD, { came: 'kept', version: 1 }],
		[409, { error: { code: 'conflict', message: '.' }, kept: GOOD }, { came: 'parted', kept: GOOD }],
		[409, { error: { code: 'unreadable', message: '.' } }, { came: 'refused' }],
		[403, { error: { code: 'read-only', message: '.' } }, { came: 'refused' }],
		[503, {}, { came: 'away' }],
	])('answered by %i', async (status, body, came) => {
		answers(status, body);
		expect(await serverStore.send('desk-0001', entry)).toEqual(came);
	});
});
