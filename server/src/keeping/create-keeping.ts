import { isDeepStrictEqual } from 'node:util';
import type { KeepWork, StoredWork } from '@tidy-sum/schema';
import type { Head } from '@tidy-sum/schema/desk';
import type { Database } from './database';
import type { Events, Told } from './events';
import { sharedCommits } from './shared-commits';
import { fromRow } from './works';

/** How much one desk may hold. */
export const PIECES_LIMIT = 20_000;
export const BYTES_LIMIT = 100_000_000;

/** The most heads that ride in one event. */
const HEADS_TOLD = 8;

/**
 * What came of a change: it is kept; another version is (`conflict`, or `unreadable`); the piece was erased; there is no such
 * desk for this key; or the desk holds too much.
 */
export type Kept =
	| { readonly came: 'kept'; readonly version: number; readonly seq?: number }
	| { readonly came: 'conflict'; readonly work: StoredWork }
	| { readonly came: 'unreadable' | 'erased' | 'no-desk' | 'too-much' };

/** A change of one piece of work: a version to be kept, or the piece erased. `hash` is of the key it comes with; null where the server does it. */
type Change = {
	readonly desk: string;
	readonly hash: string | null;
	readonly id: string;
	readonly keep: KeepWork | null;
	readonly when: string;
};

type DeskRow = {
	readonly id: string;
	readonly seq: number;
	readonly pieces: number;
	readonly bytes: number | string;
	readonly erased: boolean | number;
};

type WorkRow = {
	readonly desk: string;
	readonly id: string;
	readonly version: number;
	readonly bytes: number;
	readonly gone: boolean | number;
};

type NewRow = {
	readonly desk: string;
	readonly id: string;
	readonly version: number;
	readonly body: string;
	readonly kept: string;
	readonly seq: number;
	readonly bytes: number;
	readonly exercise: string;
	readonly steps: number;
	readonly tries: number;
	readonly gone: boolean;
};

const nameOf = ({ desk, id }: { readonly desk: string; readonly id: string }) => `${desk} ${id}`;

/** What a desk comes to while changes are made to it. */
type Counts = { seq: number; pieces: number; bytes: number };

/** A change written down as a row, and what the desk then comes to; null where the desk would hold too much. */
function rowOf(change: Change, before: WorkRow | undefined, counts: Counts): NewRow | null {
	const { desk, id, keep, when } = change;
	const body = keep ? JSON.stringify(keep.body) : '';
	const size = Buffer.byteLength(body);
	const was = before && !before.gone ? before : undefined;
	const pieces = counts.pieces + (keep ? 1 : 0) - (was ? 1 : 0);
	const bytes = counts.bytes + size - (was?.bytes ?? 0);
	if (keep && (pieces > PIECES_LIMIT || bytes > BYTES_LIMIT)) return null;
	counts.seq += 1;
	counts.pieces = pieces;
	counts.bytes = bytes;
	return {
		desk,
		id,
		version: keep ? keep.base + 1 : (before?.version ?? 0) + 1,
		body,
		kept: when,
		seq: counts.seq,
		bytes: size,
		exercise: keep?.body.exercise ?? '',
		steps: keep?.body.steps.length ?? 0,
		tries: keep?.body.tries?.length ?? 0,
		gone: keep === null,
	};
}

/** The heads of what was just kept of a desk; none where they are many: those are asked for in pages. */
function headsIn(rows: readonly NewRow[], desk: string): readonly Head[] {
	const mine = rows.filter((row) => row.desk === desk);
	return mine.length > HEADS_TOLD
		? []
		: mine.map(({ id, version, seq, exercise, kept, steps, tries, gone }) => ({
				id,
				version,
				seq,
				exercise,
				kept,
				steps,
				tries,
				gone,
			}));
}

/** Whether a version follows what is kept. The first version of all follows nothing. */
function follows({ keep }: Change, before: WorkRow | undefined): boolean {
	return keep === null || !before || before.version === keep.base;
}

/** What is kept in the way of a version that does not follow it: the very same, sent twice, or another. */
async function inTheWay(db: Database, { desk, id, keep }: Change): Promise<Kept> {
	const found = await db('work').where({ desk, id }).first('id', 'version', 'body', 'kept');
	const work = found && fromRow(found);
	if (!work) return { came: 'unreadable' };
	const same = keep !== null && work.version === keep.base + 1 && isDeepStrictEqual(work.body, keep.body);
	return same ? { came: 'kept', version: work.version } : { came: 'conflict', work };
}

/** Makes changes in one transaction; what came of each, in their order. No two of them are of the same piece. */
async function commit(db: Database, events: Events, changes: readonly Change[]): Promise<readonly Kept[]> {
	let told: readonly Told[] = [];
	const kept = await db.transaction(async (together) => {
		const ids = [...new Set(changes.map(({ desk }) => desk))].sort();
		// Held until the commit, in one order, so that several processes take turns at a desk.
		const desks: DeskRow[] = await together('desk')
			.whereIn('id', ids)
			.orderBy('id')
			.forUpdate()
			.select('id', 'seq', 'pieces', 'bytes', 'erased');
		const keyed = changes.flatMap(({ desk, hash }) => (hash === null ? [] : [[desk, hash]]));
		const keys: { desk: string; hash: string }[] = keyed.length
			? await together('desk_key').whereIn(['desk', 'hash'], keyed).select('desk', 'hash')
			: [];
		const works: WorkRow[] = await together('work')
			.whereIn(
				['desk', 'id'],
				changes.map(({ desk, id }) => [desk, id]),
			)
			.select('desk', 'id', 'version', 'bytes', 'gone');
		const opened = new Set(keys.map(({ desk, hash }) => `${desk} ${hash}`));
		const byName = new Map(works.map((row) => [nameOf(row), row]));
		const counts = new Map(
			desks
				.filter(({ erased }) => !erased)
				.map(({ id, seq, pieces, bytes }) => [id, { seq, pieces, bytes: Number(bytes) }]),
		);
		const rows: NewRow[] = [];
		const results: Kept[] = [];
		for (const change of changes) {
			const { desk, hash } = change;
			const at = counts.get(desk);
			const before = byName.get(nameOf(change));
			if (!at || (hash !== null && !opened.has(`${desk} ${hash}`))) results.push({ came: 'no-desk' });
			else if (before?.gone) results.push(change.keep ? { came: 'erased' } : { came: 'kept', version: before.version });
			else if (!follows(change, before)) results.push(await inTheWay(together, change));
			else {
				const row = rowOf(change, before, at);
				if (row) rows.push(row);
				results.push(row ? { came: 'kept', version: row.version, seq: row.seq } : { came: 'too-much' });
			}
		}
		if (rows.length) {
			await together('work').insert(rows).onConflict(['desk', 'id']).merge();
			const changed = [...new Set(rows.map(({ desk }) => desk))];
			// One statement for all: each of these desks is there, so nothing is inserted.
			await together('desk')
				.insert(changed.map((id) => ({ id, made: '', ...(counts.get(id) as Counts) })))
				.onConflict('id')
				.merge(['seq', 'pieces', 'bytes']);
			told = changed.map((desk) => ({
				desk,
				seq: (counts.get(desk) as Counts).seq,
				heads: headsIn(rows, desk),
			}));
			await events.tell(together, told);
		}
		return results;
	});
	events.committed(told);
	return kept;
}

/** Keeps changes of work. What arrives while another commit is under way shares the next one, and is answered after it. */
export type Keeping = {
	/**
	 * Keeps a version of a piece of work if it follows the one kept. The same version sent twice is harmless; one that does
	 * not follow is a conflict and changes nothing.
	 */
	readonly keep: (desk: string, hash: string | null, id: string, keep: KeepWork, now: Date) => Promise<Kept>;
	/** Erases a piece of work; a mark stays, so that no device brings it back. Twice is as once. */
	readonly erase: (desk: string, hash: string, id: string, now: Date) => Promise<Kept>;
};

export function createKeeping(db: Database, events: Events): Keeping {
	const change = sharedCommits<Change, Kept>((changes) => commit(db, events, changes), nameOf);
	return {
		keep: (desk, hash, id, keep, now) => change({ desk, hash, id, keep, when: now.toISOString() }),
		erase: (desk, hash, id, now) => change({ desk, hash, id, keep: null, when: now.toISOString() }),
	};
}
