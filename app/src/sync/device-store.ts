import { workBodySchema, z } from '@tidy-sum/schema';
import { createStore, entries, get, promisifyRequest, type UseStore } from 'idb-keyval';
import type { WorkEntry, WorksState } from '../work/works-slice';

const entrySchema = z.object({
	id: z.string(),
	body: workBodySchema,
	version: z.number().int().min(0),
	ahead: z.boolean(),
	touched: z.number().optional(),
});

const openSchema = z.record(z.string(), z.string());

/** What this device keeps, by desk. Every step is written at once, each piece of work under its own key. */
export type DeviceStore = {
	readonly currentDesk: () => Promise<string | undefined>;
	readonly setCurrentDesk: (desk: string) => Promise<void>;
	/** The work of a desk, and how many pieces of it cannot be read. */
	readonly load: (desk: string) => Promise<{ readonly works: WorksState; readonly aside: number }>;
	/** The desk that was made as a copy of another one; none where none was. */
	readonly copyOf: (desk: string) => Promise<string | undefined>;
	readonly setCopyOf: (desk: string, copy: string) => Promise<void>;
	readonly keepEntry: (desk: string, entry: WorkEntry) => Promise<void>;
	readonly keepOpen: (desk: string, open: WorksState['open'], last: string | null) => Promise<void>;
};

function readOpen(value: unknown): Pick<WorksState, 'open' | 'last'> {
	const read = z.object({ open: openSchema, last: z.string().nullable() }).safeParse(value);
	return read.success ? read.data : { open: {}, last: null };
}

/**
 * Writes a row and commits it in the same breath: a page that is reloaded in the next moment would otherwise take the
 * last step with it, since a transaction that waits to be committed ends with its page.
 */
function put(store: UseStore, key: string, value: unknown): Promise<void> {
	return store('readwrite', (rows) => {
		rows.put(value, key);
		rows.transaction.commit?.();
		return promisifyRequest(rows.transaction);
	});
}

/** The device's store in the browser's database. Rows that cannot be read are left where they are and passed over. */
export function deviceStore(store: UseStore = createStore('tidy-sum', 'kept')): DeviceStore {
	return {
		currentDesk: () => get<string>('desk', store),
		setCurrentDesk: (desk) => put(store, 'desk', desk),
		load: async (desk) => {
			const rows = await entries<string, unknown>(store);
			const byId: Record<string, WorkEntry> = {};
			let aside = 0;
			for (const [key, value] of rows) {
				if (!key.startsWith(`work:${desk}:`)) continue;
				const read = entrySchema.safeParse(value);
				if (read.success) byId[read.data.id] = read.data;
				else aside += 1;
			}
			const { open, last } = readOpen(await get(`open:${desk}`, store));
			// A crash between two writes may leave work that no exercise points to; it is opened all the same.
			const found = Object.values(byId).map(({ id, body }) => [body.exercise, id]);
			return { works: { byId, open: { ...Object.fromEntries(found), ...open }, last }, aside };
		},
		copyOf: (desk) => get<string>(`copy:${desk}`, store),
		setCopyOf: (desk, copy) => put(store, `copy:${desk}`, copy),
		keepEntry: (desk, entry) => put(store, `work:${desk}:${entry.id}`, entry),
		keepOpen: (desk, open, last) => put(store, `open:${desk}`, { open, last }),
	};
}
