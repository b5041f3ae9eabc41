import { isDeepStrictEqual } from 'node:util';
import { type KeepWork, type StoredWork, workBodySchema } from '@tidy-sum/schema';
import type { Database } from './database';

type Row = { readonly id: string; readonly version: number; readonly body: string; readonly kept: string };

/** A row as the work it keeps; null for one of an older or broken shape, which stays where it is. */
function fromRow({ id, version, body, kept }: Row): StoredWork | null {
	try {
		return { id, version, body: workBodySchema.parse(JSON.parse(body)), kept };
	} catch {
		return null;
	}
}

/** All work of a desk, and the ids of what cannot be read. */
export type WorksOfDesk = { readonly works: readonly StoredWork[]; readonly aside: readonly string[] };

/** All work kept for a desk, last kept first; none for a desk that is not known. */
export async function listWorks(db: Database, desk: string): Promise<WorksOfDesk> {
	const rows: Row[] = await db('work').where({ desk }).orderBy('kept', 'desc').orderBy('id');
	const read = rows.map((row) => ({ id: row.id, work: fromRow(row) }));
	return {
		works: read.flatMap(({ work }) => work ?? []),
		aside: read.flatMap(({ id, work }) => (work ? [] : [id])),
	};
}

/** How many pieces of work are kept in all. */
export async function countWorks(db: Database): Promise<number> {
	const row = await db('work').count({ count: '*' }).first();
	return Number(row?.count ?? 0);
}

/** What came of keeping a version: it is kept, another one is, or another one that cannot be read. */
export type Keeping =
	| { readonly came: 'kept' | 'conflict'; readonly work: StoredWork }
	| { readonly came: 'unreadable' };

/**
 * Keeps a version of a piece of work if it follows the one kept. The same version sent twice is harmless;
 * one that follows another is a conflict and changes nothing.
 * @param now the time to note, ISO 8601.
 * @returns what came of it, and what is kept now.
 */
export async function keepWork(db: Database, desk: string, id: string, keep: KeepWork, now: string): Promise<Keeping> {
	await db('desk').insert({ id: desk, made: now }).onConflict('id').ignore();
	const next: StoredWork = { id, version: keep.base + 1, body: keep.body, kept: now };
	const row = { version: next.version, body: JSON.stringify(next.body), kept: now };
	const changed =
		keep.base === 0
			? await db('work')
					.insert({ desk, id, ...row })
					.onConflict(['desk', 'id'])
					.ignore()
					.returning('id')
			: await db('work').where({ desk, id, version: keep.base }).update(row).returning('id');
	if (changed.length > 0) return { came: 'kept', work: next };
	const found: Row | undefined = await db('work').where({ desk, id }).first();
	if (!found) return keepWork(db, desk, id, { ...keep, base: 0 }, now);
	const kept = fromRow(found);
	if (!kept) return { came: 'unreadable' };
	const same = kept.version === next.version && isDeepStrictEqual(kept.body, next.body);
	return { came: same ? 'kept' : 'conflict', work: kept };
}
