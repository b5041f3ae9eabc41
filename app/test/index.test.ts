import { deserialize, serialize } from 'node:v8';
import 'fake-indexeddb/auto';
import type { Step } from '@tidy-sum/schema';
import { IDBFactory } from 'fake-indexeddb';
import { afterPaintOrLeft } from '../src/quick/after-paint';
import { makeStore } from '../src/store/store';
import { entryOf, headOf, PARTS, partOf } from '../src/sync/desk-index';
import { deviceStore } from '../src/sync/device-store';
import { keepHere } from '../src/sync/keep-here';
import { readPart } from '../src/sync/kept-rows';
import { memoryStore } from '../src/sync/memory-store';
import { readsWanted } from '../src/sync/read-pieces';
import { wanted } from '../src/sync/sync-slice';
import { freshTries } from '../src/work/bodies-in';
import { halfDone, isFirstDay } from '../src/work/half-done';
import { howFarNamed } from '../src/work/how-far';
import { readFirst } from '../src/work/read-first';
import {
	acknowledged,
	did,
	listed,
	loaded,
	missed,
	readHere,
	type WorkEntry,
	type WorksState,
} from '../src/work/works-reducer';
import { keptTriesOf, triedIn } from '../src/worker/kept-tries';

const ANSWERED: readonly Step[] = [{ do: 'answer', text: '7 mm' }];
const made = (when: number) => ({
	when,
	seconds: 9,
	right: true,
	slips: [],
	nudges: 0,
	shown: false,
	answer: '7 mm',
	start: null,
	factors: [],
});

function piece(id: string, exercise: string, more: Partial<WorkEntry> = {}): WorkEntry {
	return { id, body: { exercise, steps: [...ANSWERED] }, version: 2, ahead: false, touched: 5, ...more };
}

/** The works as they are after the index was read, and nothing else. */
function unread(...pieces: readonly WorkEntry[]): WorksState {
	const entries = pieces.map((one) => entryOf(one.id, headOf(one)));
	return {
		byId: Object.fromEntries(entries.map((one) => [one.id, one])),
		open: Object.fromEntries(entries.map(({ id, body }) => [body.exercise, id])),
		last: null,
	};
}

describe('the index of a desk', () => {
	it('tells of a piece what lists show, without its steps', () => {
		const kept = piece('work-0001', 'new-snow');
		const head = headOf(kept);
		expect(readPart(JSON.stringify({ 'work-0001': head }))).toEqual({ 'work-0001': head });
		const entry = entryOf('work-0001', head);
		expect(entry).toMatchObject({ version: 2, ahead: false, touched: 5, body: { exercise: 'new-snow', steps: [] } });
		expect(howFarNamed(unread(kept), 'new-snow')).toBe('begun');
		expect(isFirstDay(unread(kept))).toBe(false);
	});

	it('tells of what the server alone has, and of what is still to be sent', () => {
		const there = piece('work-0002', 'new-snow', { away: { steps: 4, tries: 1 } });
		expect(entryOf('work-0002', headOf(there)).away).toEqual({ steps: 4, tries: 1 });
		expect(entryOf('work-0003', headOf(piece('work-0003', 'new-snow', { ahead: true }))).ahead).toBe(true);
	});

	it('is empty where it cannot be read, and lies in parts of much the same size', () => {
		expect([readPart('no json'), readPart('{"a":[1]}')]).toEqual([{}, {}]);
		const counts = Array.from({ length: PARTS }, () => 0);
		for (let i = 0; i < 3200; i++)
			counts[partOf(`piece-${i}-of-many`)] = (counts[partOf(`piece-${i}-of-many`)] ?? 0) + 1;
		expect(Math.max(...counts)).toBeLessThan(200);
	});
});

describe('what is read as a desk is opened', () => {
	it('is what lists show, what is to be sent, what was worked last, what the address names, and a few that may be half done', () => {
		const works = unread(
			piece('work-own', 'own-rope'),
			piece('work-shelf', 'my-shelf'),
			piece('work-ahead', 'drip-line', { ahead: true, touched: 1 }),
			piece('work-named', 'mast-log', { touched: 1 }),
			...Array.from({ length: 30 }, (_, i) => piece(`work-${i}`, `round-9zz${i}-01`, { touched: 100 + i })),
		);
		const first = readFirst(works, '/desk/mast-log');
		expect(first).toEqual(expect.arrayContaining(['work-own', 'work-shelf', 'work-ahead', 'work-named']));
		expect(first.length).toBeLessThan(20);
		expect(readFirst({ ...works, last: 'round-9zz3-01' }, '/')).toContain('work-3');
	});

	it('comes when it is asked for, and is not written again; the next step is', async () => {
		const store = makeStore();
		const device = memoryStore();
		const kept = piece('work-0001', 'new-snow');
		await device.keepEntries('desk-0001', [kept]);
		const written: string[] = [];
		const watching = {
			...device,
			keepEntries: async (_: string, entries: readonly WorkEntry[]) => {
				written.push(...entries.map(({ body }) => JSON.stringify(body.steps)));
			},
		};
		store.dispatch(loaded(unread(kept)));
		keepHere({ store, desk: 'desk-0001', device: watching });
		readsWanted({ store, desk: 'desk-0001', device: watching });
		store.dispatch(wanted('work-0001'));
		await new Promise((resolve) => setTimeout(resolve, 0));
		expect(store.getState().works.byId['work-0001']).toMatchObject({ body: kept.body, version: 2, away: undefined });
		expect(written).toEqual([]);
		store.dispatch(did('new-snow', { do: 'check' }));
		expect(written).toEqual([JSON.stringify([...ANSWERED, { do: 'check' }])]);
		expect(Object.keys(store.getState().works.byId)).toHaveLength(1);
	});

	it('is taken as it lies there, where a second page of the desk has gone on with it since the index was written', () => {
		const store = makeStore();
		store.dispatch(loaded(unread(piece('work-0001', 'new-snow'))));
		store.dispatch(readHere({ read: [piece('work-0001', 'new-snow', { version: 7, ahead: true })], unread: [] }));
		expect(store.getState().works.byId['work-0001']).toMatchObject({ version: 7, ahead: true });
	});

	it('is set aside and said where it cannot be read', async () => {
		const store = makeStore();
		store.dispatch(loaded(unread(piece('work-gone', 'new-snow'))));
		readsWanted({ store, desk: 'desk-0001', device: memoryStore() });
		store.dispatch(wanted('work-gone'));
		await new Promise((resolve) => setTimeout(resolve, 0));
		expect(store.getState().sync.aside).toBe(1);
		expect(store.getState().works.byId['work-gone']?.away?.isUnread).toBe(true);
	});

	it('is shown by Today once it is read', () => {
		const kept = piece('work-0001', 'new-snow');
		const store = makeStore();
		store.dispatch(loaded(unread(kept)));
		expect(halfDone(store.getState().works, 3)).toEqual([]);
		store.dispatch(readHere({ read: [kept], unread: [] }));
		expect(halfDone(store.getState().works, 3).map(({ name }) => name)).toEqual(['new-snow']);
	});
});

describe('what is changed', () => {
	/** A desk whose writes wait until the page has painted, or is left; and the steps that were written, each time. */
	function keeping() {
		const store = makeStore();
		const device = memoryStore();
		const written: number[][] = [];
		const watching = {
			...device,
			keepEntries: async (_: string, entries: readonly WorkEntry[]) => {
				written.push(entries.map(({ body }) => body.steps.length));
			},
		};
		const here = keepHere({ store, desk: 'desk-0001', device: watching, soon: afterPaintOrLeft });
		return { store, here, written };
	}
	const painted = () => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve, 5)));

	it('is written once the touch is answered, what one touch did in one go', async () => {
		const { store, written } = keeping();
		store.dispatch(did('new-snow', { do: 'answer', text: '7 mm' }));
		store.dispatch(did('new-snow', { do: 'check' }));
		expect(written).toEqual([]);
		await painted();
		expect(written).toEqual([[2]]);
		store.dispatch(did('new-snow', { do: 'nudge', steps: 1 }));
		await painted();
		expect(written).toEqual([[2], [3]]);
	});

	it('is written at once where the page is left, is not seen, or keeping ends', async () => {
		const { store, here, written } = keeping();
		store.dispatch(did('new-snow', { do: 'check' }));
		window.dispatchEvent(new Event('pagehide'));
		expect(written).toEqual([[1]]);
		const seen = jest.spyOn(document, 'visibilityState', 'get').mockReturnValue('hidden');
		store.dispatch(did('new-snow', { do: 'check' }));
		expect(written).toEqual([[1], [2]]);
		seen.mockRestore();
		store.dispatch(did('new-snow', { do: 'check' }));
		here.stop();
		expect(written).toEqual([[1], [2], [3]]);
		await painted();
		expect(written).toHaveLength(3);
	});

	it('is written before it is said that all is', async () => {
		const { store, here, written } = keeping();
		store.dispatch(did('new-snow', { do: 'check' }));
		await here.written();
		expect(written).toEqual([[1]]);
	});
});

describe('a piece that lies on the device and is not read', () => {
	it('is here for the server: it is sent anew where that has lost it, and not taken for one of the server', () => {
		const store = makeStore();
		store.dispatch(loaded(unread(piece('work-0001', 'new-snow'))));
		store.dispatch(missed([{ id: 'work-0001', version: 1 }]));
		expect(store.getState().works.byId['work-0001']).toMatchObject({ ahead: true, version: 1 });
		const head = { seq: 9, exercise: 'new-snow', kept: '2026-01-01T00:00:00.000Z', steps: 4, tries: 0, gone: false };
		store.dispatch(listed([{ ...head, id: 'work-0001', version: 3 }]));
		expect(store.getState().works.byId['work-0001']?.away?.here).toBe('begun');
	});

	it('counts with its tries, once, whether they lie on the device or are read', () => {
		const tried = piece('work-0001', 'new-snow');
		const body = { ...tried.body, tries: [made(1), made(2)] };
		const texts = [JSON.stringify({ 'work-0001': keptTriesOf({ body }) })];
		expect(texts[0]).not.toContain('7 mm');
		const whens = (fresh: ReturnType<typeof freshTries>) =>
			triedIn({ texts, fresh }).flatMap(({ tries = [] }) => tries.map(({ when }) => when));
		expect(whens(freshTries(unread(tried)))).toEqual([1, 2]);
		const read = { ...tried, body: { ...body, tries: [made(1), made(2), made(3)] } };
		expect(whens(freshTries({ byId: { 'work-0001': read }, open: {}, last: null }))).toEqual([1, 2, 3]);
	});
});

// Browsers have it; jsdom leaves it out.
globalThis.structuredClone ??= (value) => deserialize(serialize(value));

describe('the rows of the device', () => {
	const line = (text: string): WorkEntry =>
		piece('work-0001', 'new-snow', {
			body: { exercise: 'new-snow', steps: [{ do: 'answer', text }] },
			ahead: true,
			touched: 1_770_000_000_000,
		});

	/** Rows of one browser, which every page of it opens for itself; and what was put into them. */
	function rows() {
		const puts: string[] = [];
		const opening = new Promise<IDBDatabase>((resolve) => {
			const request = new IDBFactory().open('tidy-sum');
			request.onupgradeneeded = () => void request.result.createObjectStore('kept');
			request.onsuccess = () => resolve(request.result);
		});
		const page = (): ReturnType<typeof deviceStore> =>
			deviceStore(async (mode, ask) => {
				const store = (await opening).transaction('kept', mode).objectStore('kept');
				const put = store.put.bind(store);
				store.put = (value, key) => {
					puts.push(JSON.stringify(value));
					return put(value, key);
				};
				return ask(store);
			});
		return { puts, page };
	}

	it('are read back by the next page as they were written, steps and tries and what is open', async () => {
		const { page } = rows();
		const first = page();
		const body = { exercise: 'new-snow', steps: ANSWERED, tries: [made(1)] };
		await first.keepEntries('desk-0001', [piece('work-0001', 'new-snow', { body: { ...body, steps: [...ANSWERED] } })]);
		await first.keepOpen('desk-0001', { open: { 'new-snow': 'work-0001' }, last: 'new-snow', erasing: [] });
		const followed = { seq: 7, generation: 'first', compared: 1 };
		await first.keepPlace('desk-0001', followed);
		await first.setCurrentDesk('desk-0001');

		const next = page();
		expect(await next.currentDesk()).toBe('desk-0001');
		const { works, place, aside } = await next.load('desk-0001');
		expect([place, aside, works.last, works.open]).toEqual([followed, 0, 'new-snow', { 'new-snow': 'work-0001' }]);
		expect(works.byId['work-0001']?.away).toMatchObject({ steps: 1, tries: 1 });
		expect((await next.pieces('desk-0001'))[0]?.body).toEqual(body);
		expect((await next.tries('desk-0001')).join()).toContain('work-0001');
		expect((await next.load('desk-0002')).works.byId).toEqual({});
	});

	it('are taken away with their index, and of no other desk', async () => {
		const { page } = rows();
		const first = page();
		for (const desk of ['desk-0001', 'desk-0002']) await first.keepEntries(desk, [line('7 mm')]);
		await first.forget('desk-0001');
		const next = page();
		expect([await next.count('desk-0001'), await next.count('desk-0002')]).toEqual([0, 1]);
		expect(Object.keys((await next.load('desk-0001')).works.byId)).toEqual([]);
	});

	it('take an acknowledgement alone, without the steps a second time, and the next page knows of it', async () => {
		const { page, puts } = rows();
		const store = makeStore();
		const device = page();
		const kept = keepHere({ store, desk: 'desk-0001', device });
		store.dispatch(did('new-snow', { do: 'answer', text: 'a long answer that is written once' }));
		await kept.written();
		const [sent] = Object.values(store.getState().works.byId);
		if (!sent) throw new Error('there is a piece');
		const before = puts.length;
		store.dispatch(acknowledged({ sent, version: 1 }));
		await kept.written();
		expect(puts.length).toBe(before + 1);
		expect(puts.filter((text) => text.includes('a long answer'))).toHaveLength(1);

		const { works } = await page().load('desk-0001');
		const next = makeStore();
		next.dispatch(loaded(works));
		next.dispatch(readHere({ read: [...(await page().pieces('desk-0001'))], unread: [] }));
		expect(next.getState().works.byId[sent.id]).toMatchObject({ version: 1, ahead: false, body: sent.body });
	});
});
