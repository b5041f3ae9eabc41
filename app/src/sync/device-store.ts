import { workBodySchema, z } from '@tidy-sum/schema';
import { createStore, get, promisifyRequest, type UseStore } from 'idb-keyval';
import type { WorkEntry, WorksState } from '../work/works-slice';

const entrySchema = z.object({
	id: z.string(),
	body: workBodySchema,
	version: z.number().int().min(0),
	ahead: z.boolean(),
	touched: z.number().optional(),
	away: z.object({ steps: z.number(), tries: z.number() }).optional(),
});

const openSchema = z.object({
	open: z.record(z.string(), z.string()),
	last: z.string().nullable(),
	erasing: z.array(z.string()).default([]),
});

const deskHereSchema = z.object({
	id: z.string(),
	/** This device's own secret key of it. */
	key: z.string(),
	/** Whether the server has it: one that was only just begun is asked for by nobody. */
	kept: z.boolean(),
	/** When it was begun on this device and when it was last opened, in milliseconds since 1970. */
	begun: z.number(),
	opened: z.number(),
	/** Whether it is to be erased on the server as well, once that can be reached; nothing of it is here any more. */
	ends: z.boolean().optional(),
});

/** A desk as this device has it. */
export type DeskHere = z.infer<typeof deskHereSchema>;

/** What a device has of a desk: its work, how many pieces of it cannot be read, and how far it has followed its changes. */
export type Loaded = { readonly works: WorksState; readonly aside: number; readonly place: number };

/** What is open where, what was last worked, and what is to be erased on the server. */
export type Opened = Required<Pick<WorksState, 'open' | 'last' | 'erasing'>>;

/** What this device keeps, by desk. Every step is written at once, each piece of work under its own key. */
export type DeviceStore = {
	readonly desks: () => Promise<readonly DeskHere[]>;
	readonly keepDesks: (desks: readonly DeskHere[]) => Promise<void>;
	readonly currentDesk: () => Promise<string | undefined>;
	readonly setCurrentDesk: (desk: string) => Promise<void>;
	readonly load: (desk: string) => Promise<Loaded>;
	/** How many pieces of work of a desk are here. */
	readonly count: (desk: string) => Promise<number>;
	/** The desk that was made as a copy of another one; none where none was. */
	readonly copyOf: (desk: string) => Promise<string | undefined>;
	readonly setCopyOf: (desk: string, copy: string) => Promise<void>;
	/** Writes pieces of work, and takes others away; it is done when all is written. */
	readonly keepEntries: (desk: string, entries: readonly WorkEntry[], gone?: readonly string[]) => Promise<void>;
	readonly keepOpen: (desk: string, opened: Opened) => Promise<void>;
	readonly keepPlace: (desk: string, place: number) => Promise<void>;
	/** Takes everything of a desk off this device. */
	readonly forget: (desk: string) => Promise<void>;
};

/** How many pieces of work are written in one go. */
const AT_ONCE = 200;

const NOTHING_OPEN: Opened = { open: {}, last: null, erasing: [] };

function readOpen(value: unknown): Opened {
	const read = openSchema.safeParse(value);
	return read.success ? read.data : NOTHING_OPEN;
}

/**
 * Changes rows and commits in the same breath: a page that is reloaded in the next moment would otherwise take the last
 * step with it, since a transaction that waits to be committed ends with its page.
 */
function change(store: UseStore, make: (rows: IDBObjectStore) => void): Promise<void> {
	return store('readwrite', (rows) => {
		make(rows);
		rows.transaction.commit?.();
		return promisifyRequest(rows.transaction);
	});
}

function put(store: UseStore, key: string, value: unknown): Promise<void> {
	return change(store, (rows) => rows.put(value, key));
}

const workKey = (desk: string, id: string) => `work:${desk}:${id}`;

/** The rows of a desk's work, and of no other desk's. */
function worksOf(desk: string): IDBKeyRange {
	return IDBKeyRange.bound(workKey(desk, ''), workKey(desk, '\uffff'));
}

/**
 * The works of a desk as they were kept. A crash between two writes may leave work that no exercise points to; it is opened
 * all the same.
 */
export function worksAsKept(entries: readonly WorkEntry[], { open, last, erasing }: Opened): WorksState {
	const byId = Object.fromEntries(entries.map((entry) => [entry.id, entry]));
	const found = entries.map(({ id, body }) => [body.exercise, id]);
	const there = Object.entries(open).filter(([, id]) => byId[id] !== undefined);
	return { byId, open: Object.fromEntries([...found, ...there]), last, ...(erasing.length ? { erasing } : {}) };
}

/** The device's store in the browser's database. Rows that cannot be read are left where they are and passed over. */
export function deviceStore(store: UseStore = createStore('tidy-sum', 'kept')): DeviceStore {
	return {
		desks: async () => {
			const read = z.array(z.unknown()).safeParse(await get('desks', store));
			return (read.success ? read.data : []).flatMap((one) => deskHereSchema.safeParse(one).data ?? []);
		},
		keepDesks: (desks) => put(store, 'desks', desks),
		currentDesk: () => get<string>('desk', store),
		setCurrentDesk: (desk) => put(store, 'desk', desk),
		load: async (desk) => {
			const values = await store('readonly', (rows) => promisifyRequest<unknown[]>(rows.getAll(worksOf(desk))));
			const read = values.map((value) => entrySchema.safeParse(value));
			const entries = read.flatMap((one) => (one.success ? one.data : []));
			const place = Number(await get(`place:${desk}`, store)) || 0;
			const works = worksAsKept(entries, readOpen(await get(`open:${desk}`, store)));
			return { works, aside: read.length - entries.length, place };
		},
		count: (desk) => store('readonly', (rows) => promisifyRequest(rows.count(worksOf(desk)))),
		copyOf: (desk) => get<string>(`copy:${desk}`, store),
		setCopyOf: (desk, copy) => put(store, `copy:${desk}`, copy),
		keepEntries: async (desk, entries, gone = []) => {
			// Many at once come from another device: between some and the next the page may paint.
			for (let at = 0; at === 0 || at < entries.length; at += AT_ONCE)
				await change(store, (rows) => {
					for (const entry of entries.slice(at, at + AT_ONCE)) rows.put(entry, workKey(desk, entry.id));
					if (at === 0) for (const id of gone) rows.delete(workKey(desk, id));
				});
		},
		keepOpen: (desk, opened) => put(store, `open:${desk}`, opened),
		keepPlace: (desk, place) => put(store, `place:${desk}`, place),
		forget: async (desk) => {
			const keys = await store('readonly', (rows) => promisifyRequest(rows.getAllKeys()));
			const values = await store('readonly', (rows) => promisifyRequest<unknown[]>(rows.getAll()));
			await change(store, (rows) => {
				rows.delete(worksOf(desk));
				for (const name of ['open', 'place', 'copy']) rows.delete(`${name}:${desk}`);
				// The link of a demo leads to a new copy then.
				for (const [i, key] of keys.entries())
					if (String(key).startsWith('copy:') && values[i] === desk) rows.delete(key);
			});
		},
	};
}
