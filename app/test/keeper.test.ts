import { TextEncoder } from 'node:util';
import type { StoredWork } from '@tidy-sum/schema';
import { headSum } from '@tidy-sum/schema/head-sum';
import { makeStore } from '../src/store/store';
import type { DeviceStore } from '../src/sync/device-store';
import { keep } from '../src/sync/keeper';
import { hashOf } from '../src/sync/key-hash';
import { memoryStore } from '../src/sync/memory-store';
import { sayKeeping } from '../src/sync/said-keeping';
import type { Heard, Sent, ServerStore } from '../src/sync/server-store';
import { wanted } from '../src/sync/sync-slice';
import { did, erased, loaded, parted, type WorkEntry } from '../src/work/works-reducer';

// jsdom lacks it.
Object.assign(globalThis, { TextEncoder });

const PLACE = {
	do: 'place',
	block: 'b1',
	factor: { top: { number: '12', unit: 'in' }, bottom: { number: '1', unit: 'ft' } },
} as const;

const HEAD = { seq: 1, exercise: 'mast-log', kept: '2026-01-01T00:00:00.000Z', steps: 1, tries: 0, gone: false };

/** A server that never answers a listener, and keeps what it is sent; what it answers can be set. */
function serverOf(works: readonly StoredWork[] | null, sent: WorkEntry[]) {
	let answer: (entry: WorkEntry) => Sent = (entry) => ({ came: 'kept', version: entry.version + 1 });
	const server: ServerStore = {
		sum: async () => ({ came: 'refused', why: '' }),
		generation: () => null,
		changes: async (after) =>
			works
				? {
						came: 'here',
						value: {
							works: after ? [] : works.map(({ id, version }) => ({ ...HEAD, id, version })),
							seq: works.length,
							more: false,
						},
					}
				: { came: 'away' },
		bodies: async (ids) => ({
			came: 'here',
			value: { works: (works ?? []).filter(({ id }) => ids.includes(id)), aside: [] },
		}),
		tries: async () => ({ came: 'here', value: { tries: [], next: null } }),
		send: async (entry) => {
			sent.push(entry);
			return answer(entry);
		},
		erase: async () => ({ came: 'here', value: null }),
		listen: async (_, stop) => new Promise((resolve) => stop.addEventListener('abort', () => resolve(true))),
	};
	return {
		server,
		answers: (next: typeof answer) => {
			answer = next;
		},
	};
}

/** A server that knows of three changes, none of them of a piece that is here. */
function goneBack() {
	const sent: WorkEntry[] = [];
	const { server } = serverOf([], sent);
	const changes: ServerStore['changes'] = async (after) => ({
		came: 'here',
		value: { works: [], seq: Math.min(after || 3, 3), more: false },
	});
	return { store: makeStore(), sent, server: { ...server, changes } };
}

/** A desk with a device and a server of its own. */
function desk(works: readonly StoredWork[] | null = []) {
	const store = makeStore();
	const onDevice: WorkEntry[] = [];
	const sent: WorkEntry[] = [];
	const device: DeviceStore = {
		...memoryStore(),
		keepEntries: async (_, entries) => {
			onDevice.push(...entries);
		},
	};
	const { server, answers } = serverOf(works, sent);
	const stop = keep({ store, desk: 'desk-0001', device, server });
	return { store, onDevice, sent, stop, answers, keeping: () => store.getState().sync.keeping };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

async function pass(ms: number): Promise<void> {
	await jest.advanceTimersByTimeAsync(ms);
}

describe('keeping', () => {
	it('is on the device at once and on the server soon after', async () => {
		const { store, onDevice, sent, keeping } = desk();
		store.dispatch(did('new-snow', PLACE));
		expect(onDevice).toHaveLength(1);
		expect(sent).toHaveLength(0);
		expect(keeping()).toBe('sending');
		await pass(700);
		expect(sent).toHaveLength(1);
		expect(keeping()).toBe('both');
		await pass(60_000);
		expect(sent).toHaveLength(1);
	});

	it('sends several quick steps as one version', async () => {
		const { store, sent } = desk();
		for (let i = 0; i < 5; i++) store.dispatch(did('new-snow', { do: 'answer', text: `${i}` }));
		await pass(700);
		expect(sent.map(({ body }) => body.steps)).toEqual([[{ do: 'answer', text: '4' }]]);
	});

	it('tries again while the server is away, less and less often, and at once when the network is back', async () => {
		const { store, sent, answers, keeping } = desk();
		answers(() => ({ came: 'away' }));
		store.dispatch(did('new-snow', PLACE));
		await pass(700);
		expect(keeping()).toBe('device');
		await pass(60_000);
		expect(sent.length).toBeGreaterThan(3);
		expect(sent.length).toBeLessThan(10);
		answers((entry) => ({ came: 'kept', version: entry.version + 1 }));
		globalThis.dispatchEvent(new Event('online'));
		await pass(1);
		expect(keeping()).toBe('both');
	});

	it('says when the server refuses, and sends the next change again', async () => {
		const { store, sent, answers, keeping } = desk();
		answers(() => ({ came: 'refused', why: 'It is not of the right shape.' }));
		store.dispatch(did('new-snow', PLACE));
		await pass(60_000);
		expect([sent.length, keeping()]).toEqual([1, 'refused']);
		answers((entry) => ({ came: 'kept', version: entry.version + 1 }));
		store.dispatch(did('new-snow', { do: 'check' }));
		await pass(700);
		expect(sent).toHaveLength(2);
		expect(keeping()).toBe('both');
	});

	it('keeps both when the server holds another version, and sends the one from here under its own id', async () => {
		const { store, sent, answers } = desk();
		answers((entry) =>
			entry.version === 0 && sent.length === 1
				? {
						came: 'parted',
						kept: {
							id: entry.id,
							version: 4,
							body: { exercise: 'new-snow', steps: [{ do: 'check' }] },
							kept: '2026-01-01T00:00:00Z',
						},
					}
				: { came: 'kept', version: entry.version + 1 },
		);
		store.dispatch(did('new-snow', PLACE));
		await pass(3000);
		const entries = Object.values(store.getState().works.byId);
		expect(entries.map(({ version, ahead }) => [version, ahead]).sort()).toEqual([
			[1, false],
			[4, false],
		]);
		expect(new Set(sent.map(({ id }) => id)).size).toBe(2);
	});

	it('takes at the start what the server has newer, and says when it cannot be asked', async () => {
		const work: StoredWork = {
			id: 'work-0001',
			version: 2,
			body: { exercise: 'mast-log', steps: [{ do: 'check' }] },
			kept: '2026-01-01T00:00:00Z',
		};
		const { store } = desk([work]);
		await pass(1);
		expect(store.getState().works.byId['work-0001']).toMatchObject({ version: 2, ahead: false });
		const away = desk(null);
		await pass(1);
		expect(away.keeping()).toBe('device');
	});

	it('waits as long as the server says, and then goes on', async () => {
		const { store, sent, answers, keeping } = desk();
		answers(() => ({ came: 'later', ms: 30_000 }));
		store.dispatch(did('new-snow', PLACE));
		await pass(700);
		expect([sent.length, keeping()]).toEqual([1, 'sending']);
		answers((entry) => ({ came: 'kept', version: entry.version + 1 }));
		await pass(29_000);
		expect(sent).toHaveLength(1);
		await pass(2000);
		expect([sent.length, keeping()]).toEqual([2, 'both']);
	});

	it('says when the desk does not open to this device any more, keeps its work, and sends no more', async () => {
		const { store, sent, answers } = desk();
		await pass(1);
		answers(() => ({ came: 'shut' }));
		store.dispatch(did('new-snow', PLACE));
		await pass(2000);
		expect(store.getState().sync.access).toBe('shut');
		const asked = sent.length;
		store.dispatch(did('new-snow', { do: 'check' }));
		await pass(60_000);
		expect(sent).toHaveLength(asked);
		expect(sayKeeping(store.getState().sync)).toContain('Saved only on this device');
		expect(Object.values(store.getState().works.byId)).toHaveLength(1);
	});

	it('keeps nothing here of a desk that was erased elsewhere', async () => {
		const { store, answers } = desk();
		await pass(1);
		answers(() => ({ came: 'erased' }));
		store.dispatch(did('new-snow', PLACE));
		await pass(2000);
		expect(store.getState().sync.access).toBe('erased');
		expect(store.getState().works.byId).toEqual({});
	});

	it('takes many pieces without their steps, fetches those first that are looked at, and then the others', async () => {
		const many: StoredWork[] = Array.from({ length: 200 }, (_, i) => ({
			id: `work-${1000 + i}`,
			version: 1,
			body: { exercise: 'mast-log', steps: [{ do: 'answer', text: `${i}` }] },
			kept: '2026-01-01T00:00:00Z',
		}));
		const { store } = desk(many);
		const away = () => Object.values(store.getState().works.byId).filter((entry) => entry.away).length;
		await pass(1);
		expect([Object.keys(store.getState().works.byId).length, away()]).toEqual([200, 200]);
		store.dispatch(wanted('work-1077'));
		await pass(1);
		expect(store.getState().works.byId['work-1077']?.body.steps).toEqual([{ do: 'answer', text: '77' }]);
		expect(away()).toBe(199);
		await pass(10_000);
		expect(away()).toBe(0);
	});

	it('tells the server of what is erased here, and lets nothing bring it back', async () => {
		const work: StoredWork = {
			id: 'work-0001',
			version: 2,
			body: { exercise: 'mast-log', steps: [{ do: 'check' }] },
			kept: '2026-01-01T00:00:00Z',
		};
		const { store } = desk([work]);
		await pass(1);
		store.dispatch(erased(['work-0001']));
		expect(store.getState().works.erasing).toEqual(['work-0001']);
		store.dispatch(parted({ ...work, version: 3 }));
		expect(store.getState().works.byId).toEqual({});
		await pass(1);
		expect(store.getState().works.erasing).toEqual([]);
	});

	it('asks again for what it heard of, where the server did not answer then', async () => {
		const sent: WorkEntry[] = [];
		const { server } = serverOf([], sent);
		let hears: (heard: Heard) => void = () => {};
		let isAway = false;
		const asked: number[] = [];
		const store = makeStore();
		keep({
			store,
			desk: 'desk-0001',
			device: memoryStore(),
			server: {
				...server,
				changes: async (after) => {
					asked.push(after);
					return isAway ? { came: 'away' } : { came: 'here', value: { works: [], seq: asked.length, more: false } };
				},
				listen: (hear, stop) => {
					hears = hear;
					return new Promise((resolve) => stop.addEventListener('abort', () => resolve(true)));
				},
			},
		});
		await pass(10);
		isAway = true;
		hears({ seq: 9, heads: [] });
		await pass(10);
		isAway = false;
		const before = asked.length;
		await pass(10_000);
		expect(asked.length).toBe(before + 1);
	});

	it('sends anew what a server has lost that went back to a backup', async () => {
		const { store, server, sent } = goneBack();
		const kept: WorkEntry = {
			id: 'work-0001',
			body: { exercise: 'mast-log', steps: [{ do: 'check' }] },
			version: 5,
			ahead: false,
		};
		store.dispatch(loaded({ byId: { 'work-0001': kept }, open: { 'mast-log': 'work-0001' }, last: null }));
		// This device has followed the desk to its 40th change; the server knows of three.
		keep({
			store,
			desk: 'desk-0001',
			device: memoryStore(),
			server,
			place: { seq: 40, generation: null, compared: 0 },
		});
		await pass(2000);
		expect(sent).toMatchObject([{ id: 'work-0001', version: 0 }]);
		expect(store.getState().works.byId['work-0001']).toMatchObject({ version: 1, ahead: false });
	});

	it('compares all that is here with the server once a day, and takes what it lacks', async () => {
		const lacking: StoredWork = {
			id: 'work-0007',
			version: 1,
			kept: '2026-01-01T00:00:00.000Z',
			body: { exercise: 'mast-log', steps: [{ do: 'check' }] },
		};
		const { server } = serverOf([lacking], []);
		const asked: number[] = [];
		let sums = 0;
		const store = makeStore();
		keep({
			store,
			desk: 'desk-0001',
			device: memoryStore(),
			// This device has taken the place of that change for one of its own.
			place: { seq: 1, generation: 'first', compared: Date.now() },
			server: {
				...server,
				generation: () => 'first',
				changes: (after) => {
					asked.push(after);
					return server.changes(after);
				},
				sum: async () => {
					sums += 1;
					return { came: 'here', value: { pieces: 1, sum: headSum([lacking], hashOf) } };
				},
			},
		});
		await pass(60_000);
		expect([store.getState().works.byId['work-0007'], sums]).toEqual([undefined, 0]);
		const aDayLater = () => jest.setSystemTime(Date.now() + 25 * 3_600_000);
		aDayLater();
		globalThis.dispatchEvent(new Event('online'));
		await pass(2000);
		expect(store.getState().works.byId['work-0007']).toMatchObject({ version: 1, ahead: false });
		expect([sums, asked.includes(0)]).toEqual([1, true]);
		aDayLater();
		globalThis.dispatchEvent(new Event('online'));
		await pass(2000);
		// The two are the same now: nothing is taken again.
		expect([sums, asked.filter((after) => after === 0).length]).toEqual([2, 1]);
	});

	it('sends nothing more once stopped', async () => {
		const { store, sent, stop } = desk();
		stop();
		store.dispatch(did('new-snow', PLACE));
		await pass(5000);
		expect(sent).toHaveLength(0);
	});
});
