import type { UseStore } from 'idb-keyval';
import type { WorkEntry } from '../work/works-reducer';
import { amongRows, besideAmong, type Found } from './among-rows';
import { entryOf, headOf, partsOf, rewrittenPart } from './desk-index';
import { inOneTransaction, keyOf, valuesOf } from './device-rows';
import type { HeadRow } from './kept-rows';

/** A row of a piece of work, as far as it is one; what the server acknowledged of it is in the index alone. */
function entryThere(row: unknown, head: HeadRow | undefined): WorkEntry | null {
	const entry = row as Partial<WorkEntry> | undefined;
	if (!entry?.body?.steps || typeof entry.id !== 'string') return null;
	const there = entry as WorkEntry;
	if (!head) return there;
	const { version, touched, ahead, away } = entryOf(there.id, head);
	const isSameMoment = touched === there.touched && away?.steps === there.body.steps.length;
	return isSameMoment ? { ...there, version, ahead } : there;
}

/** Pieces as the rows and the index have them now, whichever window wrote them; null for an id without a row. */
export async function readThere(
	rows: IDBObjectStore,
	desk: string,
	ids: readonly string[],
): Promise<readonly (WorkEntry | null)[]> {
	const workKeys = ids.map((id) => keyOf('work', desk, id));
	const indexKeys = partsOf(ids).map((part) => keyOf('index', desk, part));
	const values = await valuesOf(rows, [...workKeys, ...indexKeys]);
	const heads: Record<string, HeadRow> = {};
	for (const text of values.slice(ids.length)) if (text) Object.assign(heads, JSON.parse(text as string));
	return ids.map((id, i) => entryThere(values[i], heads[id]));
}

/** What is to be written: pieces, those taken away, and the ids of which only what the index says is new. */
type ToWrite = {
	readonly entries: readonly WorkEntry[];
	readonly gone: readonly string[];
	readonly heads: ReadonlySet<string>;
};

/**
 * Writes some pieces beside other windows, in one transaction; what was written, and what was found.
 * @param index the parts of the index as this window has them, which follow what is written.
 */
export function writeAmong(
	store: UseStore,
	desk: string,
	{ entries, gone, heads }: ToWrite,
	index: string[] | undefined,
): Promise<{ readonly written: readonly WorkEntry[]; readonly found: readonly Found[] }> {
	const ids = entries.map(({ id }) => id);
	const own = new Set(ids);
	return inOneTransaction(store, async (rows) => {
		const there = await readThere(rows, desk, ids);
		const among = entries.map((entry, i) => amongRows(entry, there[i] ?? null, heads.has(entry.id)));
		const all = among.flatMap(({ write }) => write);
		// A line that is kept beside another may be there already, and may have been gone on with.
		const beside = all.filter(({ id }) => !own.has(id));
		const besideIds = beside.map(({ id }) => id);
		const besideThere = await readThere(rows, desk, besideIds);
		const lines = beside.flatMap((line, i) => besideAmong(line, besideThere[i] ?? null) ?? []);
		const whole = [...all.filter(({ id }) => own.has(id)), ...lines];
		for (const entry of whole) if (entry.away?.here === undefined) rows.put(entry, keyOf('work', desk, entry.id));
		for (const id of gone) rows.delete(keyOf('work', desk, id));
		const written = [...whole, ...among.flatMap(({ head }) => head ?? [])];
		const parts = partsOf([...written.map(({ id }) => id), ...gone]);
		const indexKeys = parts.map((part) => keyOf('index', desk, part));
		const texts = await valuesOf(rows, indexKeys);
		for (const [i, part] of parts.entries()) {
			const text = rewrittenPart(part, texts[i] as string | undefined, written, gone, headOf);
			if (index) index[part] = text;
			rows.put(text, indexKeys[i]);
		}
		return { written, found: among.flatMap(({ found }) => found) };
	});
}
