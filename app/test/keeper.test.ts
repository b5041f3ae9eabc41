import type { StoredWork } from '@tidy-sum/schema';
import { makeStore } from '../src/store/store';
import type { DeviceStore } from '../src/sync/device-store';
import { keep } from '../src/sync/keeper';
import type { Sent, ServerStore } from '../src/sync/server-store';
import { did, type WorkEntry } from '../src/work/works-slice';

const PLACE = {
	do: 'place',
	block: 'b1',
	factor: { top: { number: '12', unit: 'in' }, bottom: { number: '1', unit: 'ft' } },
} as const;

/** A desk with a device and a server of its own; what the server answers can be set. */
function desk(works: readonly StoredWork[] | null = []) {
	const store = makeStore();
	const onDevice: WorkEntry[] = [];
	const sent: WorkEntry[] = [];
	let answer: (entry: WorkEntry) => Sent = (entry) => ({ came: 'kept', version: entry.version + 1 });
	const device: DeviceStore = {
		currentDesk: async () => undefined,
		setCurrentDesk: async () => {},
		load: async () => ({ works: { byId: {}, open: {}, last: null }, aside: 0 }),
		copyOf: async () => undefined,
		setCopyOf: async () => {},
		keepEntry: async (_, entry) => {
			onDevice.push(entry);
		},
		keepOpen: async () => {},
	};
	const server: ServerStore = {
		list: async () => works && { works, aside: 0 },
		send: async (_, entry) => {
			sent.push(entry);
			return answer(entry);
		},
	};
	const stop = keep({ store, desk: 'desk-0001', device, server });
	return {
		store,
		onDevice,
		sent,
		stop,
		answers: (next: typeof answer) => {
			answer = next;
		},
		keeping: () => store.getState().sync.keeping,
	};
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
		answers(() => ({ came: 'refused' }));
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

	it('sends nothing more once stopped', async () => {
		const { store, sent, stop } = desk();
		stop();
		store.dispatch(did('new-snow', PLACE));
		await pass(5000);
		expect(sent).toHaveLength(0);
	});
});
