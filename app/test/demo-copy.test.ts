import { DEMO_DESK, type StoredWork } from '@tidy-sum/schema';
import { demoCopy } from '../src/sync/demo-copy';
import { memoryStore } from '../src/sync/memory-store';
import type { ServerStore } from '../src/sync/server-store';

const SNOW: StoredWork = {
	id: 'demo-snow',
	version: 3,
	body: { exercise: 'new-snow', steps: [{ do: 'answer', text: '1.16 mm/min' }] },
	kept: '2026-01-01T00:00:00Z',
};

function server(works: readonly StoredWork[] | null): ServerStore & { readonly asked: string[] } {
	const asked: string[] = [];
	const head = { seq: 1, exercise: 'new-snow', kept: SNOW.kept, steps: 1, tries: 0, gone: false };
	return {
		asked,
		sum: async () => ({ came: 'away' }),
		generation: () => null,
		changes: async () => {
			asked.push('changes');
			return works
				? {
						came: 'here',
						value: { works: works.map(({ id, version }) => ({ ...head, id, version })), seq: 1, more: false },
					}
				: { came: 'away' };
		},
		bodies: async () => ({ came: 'here', value: { works: works ?? [], aside: [] } }),
		tries: async () => ({ came: 'away' }),
		send: async () => ({ came: 'away' }),
		erase: async () => ({ came: 'away' }),
		listen: async () => false,
	};
}

const NOW = 1_770_000_000_000;

describe('the demo desk, opened by its link', () => {
	it('is copied to a desk of one’s own, with all its work still to be sent', async () => {
		const device = memoryStore();
		const copy = await demoCopy(DEMO_DESK, device, server([SNOW]), NOW);
		expect(copy).not.toBeNull();
		expect(copy).not.toBe(DEMO_DESK);
		const { works } = await device.load(copy ?? '');
		expect(works).toMatchObject({
			byId: { 'demo-snow': { body: SNOW.body, version: 0, ahead: true } },
			open: { 'new-snow': 'demo-snow' },
		});
		expect((await device.load(DEMO_DESK)).works.byId).toEqual({});
	});

	it('is copied once: the link leads back to the copy', async () => {
		const device = memoryStore();
		const from = server([SNOW]);
		const first = await demoCopy(DEMO_DESK, device, from, NOW);
		expect(await demoCopy(DEMO_DESK, device, from, NOW)).toBe(first);
		expect(from.asked).toEqual(['changes']);
		expect((await device.desks()).map(({ id, kept }) => [id, kept])).toEqual([[first, false]]);
	});

	it('brings along what was done on it here before it was a copy', async () => {
		const device = memoryStore();
		const mine = { id: 'demo-snow', body: { exercise: 'new-snow', steps: [] }, version: 2, ahead: true };
		await device.keepEntries(DEMO_DESK, [mine]);
		const copy = await demoCopy(DEMO_DESK, device, server([SNOW]), NOW);
		expect((await device.load(copy ?? '')).works.byId['demo-snow']).toEqual({ ...mine, version: 0 });
	});

	it('is no desk while the server cannot be asked for it', async () => {
		expect(await demoCopy(DEMO_DESK, memoryStore(), server(null), NOW)).toBeNull();
	});
});
