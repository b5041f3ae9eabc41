import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { createStore, type UseStore } from 'idb-keyval';
import { type AppStore, makeStore } from '../src/store/store';
import { type DeviceStore, deviceStore } from '../src/sync/device-store';
import { type KeptHere, keepHere } from '../src/sync/keep-here';
import { sayKeeping } from '../src/sync/said-keeping';
import { showsBeside } from '../src/sync/shows-beside';
import { holdsAll } from '../src/sync/sync-slice';
import type { Windows, Wrote } from '../src/sync/windows';
import { did, erased, foundBeside, loaded, opened, parted, tried } from '../src/work/works-reducer';

const DESK = 'desk-0001';

const factor = (unit: string) => ({ top: { number: '2', unit }, bottom: { number: '1', unit: 'm' } });

/** A window of the desk: its own store over the rows that all of them share. */
class Window {
	readonly store: AppStore = makeStore();
	readonly device: DeviceStore = deviceStore(createStore('tidy-sum', 'kept'));
	private kept: KeptHere | undefined;

	constructor(private readonly hears: readonly Window[] | null) {}

	async open(): Promise<this> {
		const { works } = await this.device.load(DESK);
		this.store.dispatch(loaded(works));
		for (const piece of await this.device.pieces(DESK)) this.store.dispatch(foundBeside(piece));
		const windows: Windows = {
			others: () => true,
			wrote: (what) => {
				for (const other of this.hears ?? []) if (other !== this) other.hear(what);
			},
			left: () => {},
			close: () => {},
		};
		this.kept = keepHere({ store: this.store, desk: DESK, device: this.device, windows });
		return this;
	}

	hear(what: Wrote): void {
		showsBeside({ store: this.store, device: this.device, desk: DESK })(what);
	}

	place(exercise: string, block: string): void {
		this.store.dispatch(did(exercise, { do: 'place', block, factor: factor(block) }));
	}

	tries(exercise: string): void {
		const made = {
			when: 1_770_000_000_000,
			seconds: 1,
			right: true,
			slips: [],
			nudges: 0,
			shown: false,
			answer: '2 m',
			start: null,
			factors: [],
		};
		this.store.dispatch(tried({ exercise, made }));
	}

	erase(exercise: string): void {
		this.store.dispatch(erased([this.store.getState().works.open[exercise] ?? '']));
	}

	/** Done when all that was done so far is written. */
	async written(): Promise<void> {
		await this.kept?.written();
	}

	async close(): Promise<void> {
		this.kept?.stop();
		await this.written();
	}
}

/** A turn of the page: what waits for it is done. */
const turn = () => new Promise((resolve) => setTimeout(resolve, 0));

/** Done when each window has written, and heard of what the other wrote. */
async function settled(windows: readonly Window[]): Promise<void> {
	for (let i = 0; i < 6; i++) {
		await Promise.all(windows.map((one) => one.written()));
		await turn();
	}
}

/** Two windows that hear each other, after the first laid a block. */
async function hearing() {
	const all: Window[] = [];
	const [one, other] = [new Window(all), new Window(all)];
	all.push(one, other);
	await one.open();
	await other.open();
	one.place('wind-gust', 'a');
	await settled(all);
	return { all, one, other };
}

/** The blocks that were laid on an exercise, as the rows have them, line by line. */
async function laid(exercise: string): Promise<readonly string[]> {
	const device = deviceStore(createStore('tidy-sum', 'kept'));
	return (await device.pieces(DESK))
		.filter(({ body }) => body.exercise === exercise)
		.map(({ body }) => body.steps.map((step) => (step.do === 'place' ? step.block : step.do)).join(' '))
		.sort();
}

/** Everything of the index that is still to be sent. */
async function toSend(): Promise<readonly string[]> {
	const { works } = await deviceStore(createStore('tidy-sum', 'kept')).load(DESK);
	return Object.values(works.byId)
		.filter(({ ahead }) => ahead)
		.map(({ body }) => body.exercise)
		.sort();
}

// As a browser does: what is read from a row is of the page that reads it.
globalThis.structuredClone = (value) => JSON.parse(JSON.stringify(value));

beforeEach(() => {
	globalThis.indexedDB = new IDBFactory();
});

describe('two windows of one desk, which do not hear each other', () => {
	it('lose nothing of a line that both go on with: where they part, both lines are kept', async () => {
		const first = await new Window(null).open();
		first.place('wind-gust', 'a');
		await first.close();
		const [one, other] = [await new Window(null).open(), await new Window(null).open()];
		one.place('wind-gust', 'b');
		await Promise.resolve();
		other.place('wind-gust', 'c');
		await one.close();
		await other.close();
		expect(await laid('wind-gust')).toEqual(['a b', 'a c']);
	});

	it('leave what the other has to send, though their pieces share a part of the index', async () => {
		const [one, other] = [await new Window(null).open(), await new Window(null).open()];
		const exercises = ['wind-gust', 'new-snow', 'drip-line', 'spring-flow', 'honey-jar', 'lamp-power'];
		for (const [i, exercise] of exercises.entries()) (i % 2 ? one : other).place(exercise, 'a');
		await one.close();
		await other.close();
		expect(await toSend()).toEqual([...exercises].sort());
		for (const exercise of exercises) expect(await laid(exercise)).toEqual(['a']);
	});

	it('keep what one writes after the other, and an older state of the other takes nothing back', async () => {
		const one = await new Window(null).open();
		one.place('wind-gust', 'a');
		await one.close();
		const [late, fresh] = [await new Window(null).open(), await new Window(null).open()];
		fresh.place('wind-gust', 'b');
		await fresh.close();
		late.place('new-snow', 'x');
		await late.close();
		expect(await laid('wind-gust')).toEqual(['a b']);
		expect(await laid('new-snow')).toEqual(['x']);
	});
});

describe('two windows of one desk, which hear each other', () => {
	it('show each what the other did, and go on with one line', async () => {
		const { all, one, other } = await hearing();
		other.place('wind-gust', 'b');
		await settled(all);
		one.place('wind-gust', 'c');
		await settled(all);
		await one.close();
		await other.close();
		expect(await laid('wind-gust')).toEqual(['a b c']);
		expect(Object.keys(other.store.getState().works.byId)).toHaveLength(1);
	});
});

describe('two windows of one desk, of which one has tried an answer', () => {
	it('keep the try, though the other goes on with the line without it', async () => {
		const first = await new Window(null).open();
		first.place('wind-gust', 'a');
		await first.close();
		const [one, other] = [await new Window(null).open(), await new Window(null).open()];
		one.tries('wind-gust');
		await settled([one]);
		other.place('wind-gust', 'b');
		await settled([other]);
		await one.close();
		await other.close();
		const [piece] = await deviceStore(createStore('tidy-sum', 'kept')).pieces(DESK);
		expect(piece?.body.tries).toHaveLength(1);
		expect(await laid('wind-gust')).toEqual(['a b']);
	});
});

describe('two windows of one desk, of which one erases', () => {
	it('what is still to be erased on the server stays so, whatever the other opens', async () => {
		const one = await new Window(null).open();
		one.place('wind-gust', 'a');
		await one.close();
		const [first, second] = [await new Window(null).open(), await new Window(null).open()];
		first.erase('wind-gust');
		await settled([first]);
		second.place('new-snow', 'x');
		await settled([second]);
		await first.close();
		await second.close();
		const { works } = await deviceStore(createStore('tidy-sum', 'kept')).load(DESK);
		expect(works.erasing).toHaveLength(1);
		expect(Object.keys(works.open)).toEqual(['new-snow']);
	});

	it('the other does not take it from the server again before that knows of it', async () => {
		const { all, one, other } = await hearing();
		const [id = ''] = Object.keys(one.store.getState().works.byId);
		one.erase('wind-gust');
		await settled(all);
		other.store.dispatch(
			parted({ id, version: 1, body: { exercise: 'wind-gust', steps: [] }, kept: '2026-01-01T00:00:00Z' }),
		);
		expect(other.store.getState().works.byId).toEqual({});
		await one.close();
		await other.close();
	});

	it('a piece that another only read from the device is not written again', async () => {
		const { all, one, other } = await hearing();
		const [id = ''] = Object.keys(one.store.getState().works.byId);
		await one.device.forget(DESK);
		other.store.dispatch(opened('wind-gust'));
		await settled(all);
		expect(await laid('wind-gust')).toEqual([]);
		expect(other.store.getState().works.byId[id]).toBeDefined();
		await one.close();
		await other.close();
	});

	it('the other lets it go as well, where it hears of it', async () => {
		const { all, one, other } = await hearing();
		expect(Object.keys(other.store.getState().works.byId)).toHaveLength(1);
		one.erase('wind-gust');
		await settled(all);
		expect(other.store.getState().works.byId).toEqual({});
		await one.close();
		await other.close();
		expect(await laid('wind-gust')).toEqual([]);
	});
});

describe('a window whose desk another took off this device', () => {
	it('leaves nothing of it there, not even what it was about to write', async () => {
		const store = makeStore();
		const device = deviceStore(createStore('tidy-sum', 'kept'));
		let paint = () => {};
		const kept = keepHere({
			store,
			desk: DESK,
			device,
			soon: (act) => {
				paint = act;
			},
		});
		store.dispatch(did('wind-gust', { do: 'place', block: 'a', factor: factor('cm') }));
		await device.forget(DESK);
		kept.stop(false);
		paint();
		await kept.written();
		expect(await laid('wind-gust')).toEqual([]);
	});
});

describe('a device that refuses to keep something', () => {
	/** A store whose writes fail while it is full. */
	function fullStore() {
		const real = createStore('tidy-sum', 'kept');
		const of = { isFull: false };
		const rows: UseStore = (mode, ask) =>
			of.isFull && mode === 'readwrite'
				? Promise.reject(new DOMException('full', 'QuotaExceededError'))
				: real(mode, ask);
		return { of, device: deviceStore(rows) };
	}

	it('is said at once, and what was refused is written once there is room, with what came since', async () => {
		const { of, device } = fullStore();
		const store = makeStore();
		const waiting: (() => void)[] = [];
		const kept = keepHere({
			store,
			desk: DESK,
			device,
			onHolds: (all) => store.dispatch(holdsAll(all)),
			later: (_, act) => {
				waiting.push(act);
				return () => {};
			},
		});
		const place = (exercise: string) => {
			store.dispatch(did(exercise, { do: 'place', block: 'a', factor: factor('cm') }));
		};
		place('wind-gust');
		await kept.written();
		of.isFull = true;
		place('new-snow');
		await expect(kept.written()).rejects.toThrow('full');
		expect(store.getState().sync.holds).toBe(false);
		expect(sayKeeping({ ...store.getState().sync, keeping: 'both' })).toBe(
			'Saved on the server. This device could not save all of it.',
		);
		expect(sayKeeping({ ...store.getState().sync, keeping: 'device' })).toMatch(/^Not saved yet/);
		place('drip-line');
		await expect(kept.written()).rejects.toThrow('full');
		of.isFull = false;
		waiting.at(-1)?.();
		await kept.written();
		await turn();
		expect(store.getState().sync.holds).toBe(true);
		for (const exercise of ['wind-gust', 'new-snow', 'drip-line']) expect(await laid(exercise)).toEqual(['a']);
	});
});

jest.setTimeout(30_000);

describe('schedules of two windows by chance', () => {
	it('lose no block, whoever closes first', async () => {
		let seed = Math.floor(Math.random() * 2 ** 31);
		const first = seed;
		const chance = (most: number) => {
			seed = (seed * 1103515245 + 12345) % 2 ** 31;
			return Math.floor((seed / 2 ** 31) * most);
		};
		for (let run = 0; run < 30; run++) {
			globalThis.indexedDB = new IDBFactory();
			const hearing: Window[] = [];
			const isHearing = chance(2) === 1;
			const windows = [new Window(isHearing ? hearing : null), new Window(isHearing ? hearing : null)];
			hearing.push(...windows);
			for (const one of windows) await one.open();
			const done: string[] = [];
			for (let i = 0; i < 8; i++) {
				const block = `b${i}`;
				const exercise = ['wind-gust', 'new-snow'][chance(2)] as string;
				windows[chance(2)]?.place(exercise, block);
				done.push(block);
				for (let turns = chance(3) ? 0 : chance(8); turns > 0; turns--) await turn();
			}
			const [a, b] = chance(2) ? windows : [...windows].reverse();
			await a?.close();
			await b?.close();
			const all = [...(await laid('wind-gust')), ...(await laid('new-snow'))].join(' ').split(' ');
			expect([`seed ${first}`, run, done.filter((block) => !all.includes(block))]).toEqual([`seed ${first}`, run, []]);
		}
	});
});
