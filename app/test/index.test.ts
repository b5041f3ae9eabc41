import type { Step } from '@tidy-sum/schema';
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
import { did, listed, loaded, missed, readHere, type WorkEntry, type WorksState } from '../src/work/works-slice';
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

describe('the rows of the device', () => {
	/** Rows with nothing in them, which note how many transactions were begun, and committed before anything was answered. */
	function rows() {
		const noted = { begun: 0, committed: 0 };
		const answered = (more = {}) => {
			const one: { onsuccess?: () => void; result: unknown } = { result: undefined, ...more };
			queueMicrotask(() => one.onsuccess?.());
			return one;
		};
		const store = {
			get: () => answered(),
			getAll: () => answered({ result: [] }),
			count: () => answered({ result: 0 }),
			put: () => answered(),
		};
		const use = async (_: IDBTransactionMode, ask: (store: never) => unknown) => {
			noted.begun += 1;
			let isSameBreath = true;
			queueMicrotask(() => {
				isSameBreath = false;
			});
			const transaction = answered({
				commit: () => {
					if (isSameBreath) noted.committed += 1;
				},
			});
			return ask({ ...store, transaction } as never);
		};
		return { noted, use: use as Parameters<typeof deviceStore>[0] };
	}

	it('are not held for longer than they are asked for: a page that is put to sleep would hold them against the next', async () => {
		Object.assign(globalThis, { IDBKeyRange: { bound: (from: string, to: string) => [from, to] } });
		const { noted, use } = rows();
		const device = deviceStore(use);
		await device.currentDesk();
		await device.load('desk-0001');
		await device.tries('desk-0001');
		await device.count('desk-0001');
		await device.keepEntries('desk-0001', [
			piece('work-0001', 'new-snow', { body: { exercise: 'new-snow', steps: [], tries: [made(1)] } }),
		]);
		expect(noted.begun).toBeGreaterThan(8);
		expect(noted.committed).toBe(noted.begun);
	});
});
