import { type StoredWork, workBodySchema } from '@tidy-sum/schema';
import type { Head, TriesOf } from '@tidy-sum/schema/desk';
import type { Database } from './database';

type Row = { readonly id: string; readonly version: number; readonly body: string; readonly kept: string };

/** A row as the work it keeps; null for one of an older or broken shape, which stays where it is. */
export function fromRow({ id, version, body, kept }: Row): StoredWork | null {
	try {
		return { id, version, body: workBodySchema.parse(JSON.parse(body)), kept };
	} catch {
		return null;
	}
}

/** The most pieces of work told of at once, without what is in them. */
export const HEADS_AT_ONCE = 5000;

/** The most pieces of work whose tries come at once. */
export const TRIES_AT_ONCE = 250;

/** The most bytes of bodies that come at once; one body comes whatever its size. */
const BYTES_AT_ONCE = 4_000_000;

/** How far the changes of a desk go. */
export async function seqOf(db: Database, desk: string): Promise<number> {
	const found: { seq: number } | undefined = await db('desk').where({ id: desk }).first('seq');
	return found?.seq ?? 0;
}

/**
 * What changed on a desk after a place among its changes, in order; `more` where that is not all. A `seq` lower than the place
 * asked from says that the server has gone back since, to a backup.
 */
export async function changesAfter(
	db: Database,
	desk: string,
	after: number,
): Promise<{ readonly works: readonly Head[]; readonly seq: number; readonly more: boolean }> {
	const rows: (Omit<Head, 'gone'> & { readonly gone: boolean | number })[] = await db('work')
		.where({ desk })
		.andWhere('seq', '>', after)
		.orderBy('seq')
		.limit(HEADS_AT_ONCE + 1)
		.select('id', 'version', 'seq', 'exercise', 'kept', 'steps', 'tries', 'gone');
	const works = rows.slice(0, HEADS_AT_ONCE).map((row) => ({ ...row, gone: Boolean(row.gone) }));
	const more = rows.length > HEADS_AT_ONCE;
	const last = works.at(-1)?.seq;
	if (last !== undefined) return { works, seq: last, more };
	return { works, seq: Math.min(after, await seqOf(db, desk)), more };
}

/**
 * Pieces of work by id, and the ids of what cannot be read. Where they are too many bytes for one reply the last are left out:
 * they are asked for again.
 */
export async function bodiesOf(
	db: Database,
	desk: string,
	ids: readonly string[],
): Promise<{ readonly works: readonly StoredWork[]; readonly aside: readonly string[] }> {
	const rows: Row[] = await db('work')
		.where({ desk, gone: false })
		.whereIn('id', ids)
		.select('id', 'version', 'body', 'kept');
	const works: StoredWork[] = [];
	const aside: string[] = [];
	let bytes = 0;
	for (const row of rows) {
		bytes += row.body.length;
		if (bytes > BYTES_AT_ONCE && works.length + aside.length) break;
		const work = fromRow(row);
		if (work) works.push(work);
		else aside.push(row.id);
	}
	return { works, aside };
}

/** The tries of a desk's work from a place among its changes, page by page; `next` is where the next page begins. */
export async function triesFrom(
	db: Database,
	desk: string,
	from: number,
): Promise<{ readonly tries: readonly TriesOf[]; readonly next: number | null }> {
	const rows: (Row & { readonly seq: number })[] = await db('work')
		.where({ desk, gone: false })
		.andWhere('seq', '>=', from)
		.andWhere('tries', '>', 0)
		.orderBy('seq')
		.limit(TRIES_AT_ONCE + 1)
		.select('id', 'version', 'body', 'kept', 'seq');
	const tries = rows.slice(0, TRIES_AT_ONCE).flatMap((row) => {
		const work = fromRow(row);
		return work ? [{ id: work.id, version: work.version, tries: work.body.tries ?? [] }] : [];
	});
	return { tries, next: rows[TRIES_AT_ONCE]?.seq ?? null };
}

/** The ids of the pieces of work on the exercises whose names begin so, the one kept last first for each exercise. */
export async function idsNamed(
	db: Database,
	desk: string,
	beginning: string,
	most: number,
): Promise<readonly string[]> {
	const rows: { id: string }[] = await db('work')
		.where({ desk, gone: false })
		.andWhere('exercise', '>=', beginning)
		.andWhere('exercise', '<', `${beginning}~`)
		.orderBy('exercise')
		.orderBy('kept', 'desc')
		.limit(most)
		.select('id');
	return rows.map(({ id }) => id);
}
