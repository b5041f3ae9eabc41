import { isDeepStrictEqual } from 'node:util';
import { type KeepWork, type StoredWork, workBodySchema } from '@tidy-sum/schema';
import type { Database } from './database';

type Row = { readonly id: string; readonly version: number; readonly body: string; readonly kept: string };

function fromRow({ id, version, body, kept }: Row): StoredWork {
	return { id, version, body: workBodySchema.parse(JSON.parse(body)), kept };
}

/** All work kept for a desk, last kept first; none for a desk that is not known. */
export async function listWorks(db: Database, desk: string): Promise<StoredWork[]> {
	const rows: Row[] = await db('work').where({ desk }).orderBy('kept', 'desc').orderBy('id');
	return rows.map(fromRow);
}

/** How many pieces of work are kept in all. */
export async function countWorks(db: Database): Promise<number> {
	const row = await db('work').count({ count: '*' }).first();
	return Number(row?.count ?? 0);
}

async function findWork(db: Database, desk: string, id: string): Promise<StoredWork | null> {
	const row: Row | undefined = await db('work').where({ desk, id }).first();
	return row ? fromRow(row) : null;
}

export type Keeping = { readonly conflict: boolean; readonly work: StoredWork };

/**
 * Keeps a version of a piece of work if it follows the one kept. The same version sent twice is harmless;
 * one that follows another is a conflict and changes nothing.
 * @param now the time to note, ISO 8601.
 * @returns what is kept now, and whether it is someone else's version.
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
	if (changed.length > 0) return { conflict: false, work: next };
	const kept = await findWork(db, desk, id);
	if (!kept) return keepWork(db, desk, id, { ...keep, base: 0 }, now);
	const same = kept.version === next.version && isDeepStrictEqual(kept.body, next.body);
	return { conflict: !same, work: kept };
}
