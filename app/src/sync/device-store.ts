import { createStore, get, promisifyRequest, type UseStore } from 'idb-keyval';
import type { WorkEntry, WorksState } from '../work/works-reducer';
import { keptTriesOf } from '../worker/kept-tries';
import { type Found, openedAmong } from './among-rows';
import { entryOf, headOf, PARTS, partsOf, rewrittenPart } from './desk-index';
import { change, committedAtOnce, type Kind, keyOf, put, readAndChange, rowsOf } from './device-rows';
import type { KeptDesk } from './kept-rows';
import { type Place, placeIn } from './place';
import { readThere, writeAmong } from './write-among';

/** A desk as this device has it. */
export type DeskHere = KeptDesk;

/** What a device has of a desk: its work, how many pieces of it cannot be read, and how far it has followed its changes. */
export type Loaded = { readonly works: WorksState; readonly aside: number; readonly place: Place };

/** What is open where, what was last worked, and what is to be erased on the server. */
export type Opened = Required<Pick<WorksState, 'open' | 'last' | 'erasing'>>;

/** What this device keeps, by desk: each piece of work under its own key. */
export type DeviceStore = {
	readonly desks: () => Promise<readonly DeskHere[]>;
	readonly keepDesks: (desks: readonly DeskHere[]) => Promise<void>;
	readonly currentDesk: () => Promise<string | undefined>;
	readonly setCurrentDesk: (desk: string) => Promise<void>;
	/** What is there: of each piece what the index says, its steps not read yet. */
	readonly load: (desk: string) => Promise<Loaded>;
	/** Pieces of a desk with their steps, those that can be read; all there are where none are named. */
	readonly pieces: (desk: string, ids?: readonly string[]) => Promise<readonly WorkEntry[]>;
	/** Pieces as another window may have left them: with what the server acknowledged since, which is in the index alone. */
	readonly piecesBeside: (desk: string, ids: readonly string[]) => Promise<readonly WorkEntry[]>;
	/** The tries of all pieces, as texts that `triesIn` reads. */
	readonly tries: (desk: string) => Promise<readonly string[]>;
	/** How many pieces of work of a desk are here. */
	readonly count: (desk: string) => Promise<number>;
	/** The desk that was made as a copy of another one; none where none was. */
	readonly copyOf: (desk: string) => Promise<string | undefined>;
	readonly setCopyOf: (desk: string, copy: string) => Promise<void>;
	/**
	 * Writes pieces of work, and takes others away; it is done when all is written. Of those among `heads` only what the index
	 * says is written: their steps are there already.
	 */
	readonly keepEntries: (
		desk: string,
		entries: readonly WorkEntry[],
		gone?: readonly string[],
		heads?: ReadonlySet<string>,
	) => Promise<void>;
	/**
	 * The same beside other windows of the desk: each piece is held against what is there, in the one transaction that
	 * writes it, and nothing another window did is overwritten.
	 */
	readonly keepAmong: (
		desk: string,
		entries: readonly WorkEntry[],
		gone?: readonly string[],
		heads?: ReadonlySet<string>,
	) => Promise<KeptAmong>;
	/** @param before what this window last wrote, where there are others: what they changed since then stays. */
	readonly keepOpen: (desk: string, opened: Opened, before?: Opened) => Promise<void>;
	readonly keepPlace: (desk: string, place: Place) => Promise<void>;
	/** Takes everything of a desk off this device. */
	readonly forget: (desk: string) => Promise<void>;
};

/** What came of writing beside other windows: the ids that were written, and what another window has gone on with. */
export type KeptAmong = { readonly wrote: readonly string[]; readonly found: readonly Found[] };

/** How many pieces of work are written in one go. */
const AT_ONCE = 200;

const NO_HEADS: ReadonlySet<string> = new Set();

const NOTHING_OPEN: Opened = { open: {}, last: null, erasing: [] };

/** What the rows are read with; where nothing is kept yet, it need not come. */
const reader = () => import('./kept-rows');

/**
 * The works of a desk as they were kept. A crash between two writes may leave work that no exercise points to; it is opened
 * all the same.
 */
export function worksAsKept(entries: readonly WorkEntry[], { open, last, erasing }: Opened): WorksState {
	const byId: Record<string, WorkEntry> = {};
	const opened: Record<string, string> = {};
	for (const entry of entries) {
		byId[entry.id] = entry;
		opened[entry.body.exercise] = entry.id;
	}
	for (const [name, id] of Object.entries(open)) if (byId[id]) opened[name] = id;
	return { byId, open: opened, last, ...(erasing.length ? { erasing } : {}) };
}

/** The device's store in the browser's database. Rows that cannot be read are left where they are and passed over. */
export function deviceStore(rows: UseStore = createStore('tidy-sum', 'kept')): DeviceStore {
	const store = committedAtOnce(rows);
	/** The index of each desk that was read, part by part: a step is written into it without reading it first. */
	const indexes = new Map<string, string[]>();

	const all = <T>(kind: Kind, desk: string) =>
		store('readonly', (rows) => promisifyRequest(rows.getAll(rowsOf(kind, desk)) as IDBRequest<T[]>));

	const pieces = async (desk: string, ids?: readonly string[]): Promise<readonly WorkEntry[]> => {
		const { readEntry } = await reader();
		const values = ids
			? await store('readonly', (rows) =>
					Promise.all(ids.map((id) => promisifyRequest(rows.get(keyOf('work', desk, id))))),
				)
			: await all<unknown>('work', desk);
		return values.flatMap((value) => readEntry(value) ?? []);
	};

	const countOf = (desk: string) => store('readonly', (rows) => promisifyRequest(rows.count(rowsOf('work', desk))));

	/** Writes the tries of pieces into what is there. */
	const keepTries = async (desk: string, entries: readonly WorkEntry[], gone: readonly string[]): Promise<void> => {
		const parts = partsOf([...entries.map(({ id }) => id), ...gone]);
		const keys = parts.map((part) => keyOf('tries', desk, part));
		await readAndChange(rows, keys, (kept, before) => {
			for (const [i, part] of parts.entries()) {
				kept.put(rewrittenPart(part, before[i] as string | undefined, entries, gone, keptTriesOf), keys[i]);
			}
		});
	};

	/** The index of a desk, made anew from its pieces where it has none: work from before there was one. */
	const indexOf = async (desk: string, anew = false): Promise<{ readonly index: string[]; readonly aside: number }> => {
		const kept = await get<{ aside: number }>(`indexed:${desk}`, store);
		if (kept && !anew) {
			const texts = await store('readonly', (rows) =>
				Promise.all(
					Array.from({ length: PARTS }, (_, part) =>
						promisifyRequest<string | undefined>(rows.get(keyOf('index', desk, part))),
					),
				),
			);
			return { index: texts.map((text) => text ?? '{}'), aside: kept.aside };
		}
		const count = await countOf(desk);
		const entries = count ? await pieces(desk) : [];
		const index = Array.from({ length: PARTS }, (_, part) => rewrittenPart(part, undefined, entries, [], headOf));
		if (count) await keepTries(desk, entries, []);
		await change(store, (rows) => {
			for (const [part, text] of index.entries()) rows.put(text, keyOf('index', desk, part));
			rows.put({ aside: count - entries.length }, `indexed:${desk}`);
		});
		return { index, aside: count - entries.length };
	};

	/** The index of a desk as it is written into from now on; two that ask for it at once get the same. */
	const indexOpened = async (desk: string): Promise<string[]> => {
		const { index } = await indexOf(desk);
		const known = indexes.get(desk) ?? index;
		indexes.set(desk, known);
		return known;
	};

	/** The pieces an index tells of. */
	const read = async ({ index, aside }: Awaited<ReturnType<typeof indexOf>>) => {
		if (index.every((text) => text === '{}')) return { index, aside, heads: [] };
		const { readPart } = await reader();
		const heads: WorkEntry[] = [];
		for (const text of index) for (const [id, head] of Object.entries(readPart(text))) heads.push(entryOf(id, head));
		return { index, aside, heads };
	};

	return {
		desks: async () => {
			const rows = await get('desks', store);
			return rows === undefined ? [] : (await reader()).readDesks(rows);
		},
		keepDesks: (desks) => put(store, 'desks', desks),
		currentDesk: () => get<string>('desk', store),
		setCurrentDesk: (desk) => put(store, 'desk', desk),
		load: async (desk) => {
			const kept = await read(await indexOf(desk));
			// A second page of the same desk writes an index of its own: where one has left out a piece, it is made anew.
			const isWhole = kept.heads.length + kept.aside === (await countOf(desk));
			const { index, heads, aside } = isWhole ? kept : await read(await indexOf(desk, true));
			if (!indexes.has(desk)) indexes.set(desk, index);
			const opened = await get(`open:${desk}`, store);
			const place = placeIn(await get(`place:${desk}`, store));
			const open = opened === undefined ? NOTHING_OPEN : ((await reader()).readOpen(opened) ?? NOTHING_OPEN);
			return { works: worksAsKept(heads, open), aside, place };
		},
		pieces,
		piecesBeside: async (desk, ids) =>
			(await store('readonly', (rows) => readThere(rows, desk, ids))).filter((entry) => entry !== null),
		tries: (desk) => all<string>('tries', desk),
		count: countOf,
		copyOf: (desk) => get<string>(`copy:${desk}`, store),
		setCopyOf: (desk, copy) => put(store, `copy:${desk}`, copy),
		keepEntries: async (desk, entries, gone = [], heads = NO_HEADS) => {
			// Of a desk that is not open the index is read first.
			const index = indexes.get(desk) ?? (await indexOpened(desk));
			const tried = entries.filter(({ id, body, away }) => body.tries?.length && !away?.here && !heads.has(id));
			// Many at once come from another device: between some and the next the page may paint.
			for (let at = 0; at === 0 || at < entries.length; at += AT_ONCE) {
				const some = entries.slice(at, at + AT_ONCE);
				const out = at === 0 ? gone : [];
				await change(store, (rows) => {
					// What is not read yet lies there already.
					for (const entry of some)
						if (entry.away?.here === undefined && !heads.has(entry.id)) rows.put(entry, keyOf('work', desk, entry.id));
					for (const id of out) rows.delete(keyOf('work', desk, id));
					for (const part of partsOf([...some.map(({ id }) => id), ...out])) {
						const text = rewrittenPart(part, index[part], some, out, headOf);
						index[part] = text;
						rows.put(text, keyOf('index', desk, part));
					}
				});
			}
			if (tried.length || gone.length) await keepTries(desk, tried, gone);
		},
		keepAmong: async (desk, entries, gone = [], heads = NO_HEADS) => {
			if (!indexes.has(desk)) await indexOpened(desk);
			const wrote: string[] = [];
			const found: Found[] = [];
			for (let at = 0; at === 0 || at < entries.length; at += AT_ONCE) {
				const some = { entries: entries.slice(at, at + AT_ONCE), gone: at === 0 ? gone : [], heads };
				const made = await writeAmong(rows, desk, some, indexes.get(desk));
				wrote.push(...made.written.map(({ id }) => id));
				found.push(...made.found);
				const tried = made.written.filter(({ id, body, away }) => body.tries?.length && !away?.here && !heads.has(id));
				if (tried.length) await keepTries(desk, tried, []);
			}
			if (gone.length) await keepTries(desk, [], gone);
			return { wrote, found };
		},
		keepOpen: async (desk, opened, before) => {
			const key = `open:${desk}`;
			if (!before) return put(store, key, opened);
			const { readOpen } = await reader();
			await readAndChange(rows, [key], (kept, [there]) =>
				kept.put(openedAmong(readOpen(there) ?? NOTHING_OPEN, opened, before), key),
			);
		},
		keepPlace: (desk, place) => put(store, `place:${desk}`, place),
		forget: async (desk) => {
			indexes.delete(desk);
			const keys = await store('readonly', (rows) => promisifyRequest(rows.getAllKeys()));
			const values = await store('readonly', (rows) => promisifyRequest<unknown[]>(rows.getAll()));
			await change(store, (rows) => {
				for (const kind of ['work', 'index', 'tries'] as const) rows.delete(rowsOf(kind, desk));
				for (const name of ['open', 'place', 'copy', 'indexed']) rows.delete(`${name}:${desk}`);
				// The link of a demo leads to a new copy then.
				for (const [i, key] of keys.entries())
					if (String(key).startsWith('copy:') && values[i] === desk) rows.delete(key);
			});
		},
	};
}
