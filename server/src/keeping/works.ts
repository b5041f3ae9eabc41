import { type StoredWork, workBodySchema } from '@tidy-sum/schema';
import type { Head, TriesOf } from '@tidy-sum/schema/desk';
import { headSum } from '@tidy-sum/schema/head-sum';
import type { Database } from './database';
import { hashOf } from './desks';

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

/** The most lines of one Round that are looked through. */
const NAMED_AT_ONCE = 2000;

/** The most bytes of bodies that come at once; one body comes whatever its size. */
const BYTES_AT_ONCE = 4_000_000;

type SizedRow = { readonly id: string; readonly bytes: number };

/** As many of the first as a reply takes, by their bytes: what is left out is never read. */
function fittingIn<R extends SizedRow>(rows: readonly R[]): readonly R[] {
	let bytes = 0;
	const past = rows.findIndex((row, i) => {
		bytes += row.bytes;
		return i > 0 && bytes > BYTES_AT_ONCE;
	});
	return past < 0 ? rows : rows.slice(0, past);
}

/** Pieces of work by their ids, in the order of these. */
async function rowsOf(db: Database, desk: string, wanted: readonly SizedRow[]): Promise<readonly Row[]> {
	const ids = wanted.map(({ id }) => id);
	const rows: Row[] = await db('work')
		.where({ desk, gone: false })
		.whereIn('id', ids)
		.select('id', 'version', 'body', 'kept');
	const byId = new Map(rows.map((row) => [row.id, row]));
	return ids.flatMap((id) => byId.get(id) ?? []);
}

/** How far the changes of a desk go. */
export async function seqOf(db: Database, desk: string): Promise<number> {
	const found: { seq: number } | undefined = await db('desk').where({ id: desk }).first('seq');
	return found?.seq ?? 0;
}

/** How many pieces of work a desk has, and the sum of their heads. */
export async function sumOf(db: Database, desk: string): Promise<{ readonly pieces: number; readonly sum: string }> {
	const heads: { id: string; version: number }[] = await db('work')
		.where({ desk, gone: false })
		.select('id', 'version');
	return { pieces: heads.length, sum: headSum(heads, hashOf) };
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
	const sizes: SizedRow[] = await db('work').where({ desk, gone: false }).whereIn('id', ids).select('id', 'bytes');
	const byId = new Map(sizes.map((row) => [row.id, row]));
	const fitting = fittingIn(ids.flatMap((id) => byId.get(id) ?? []));
	const works: StoredWork[] = [];
	const aside: string[] = [];
	for (const row of await rowsOf(db, desk, fitting)) {
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
	const sizes: (SizedRow & { readonly seq: number })[] = await db('work')
		.where({ desk, gone: false })
		.andWhere('seq', '>=', from)
		.andWhere('tries', '>', 0)
		.orderBy('seq')
		.limit(TRIES_AT_ONCE + 1)
		.select('id', 'bytes', 'seq');
	const fitting = fittingIn(sizes.slice(0, TRIES_AT_ONCE));
	const rows = await rowsOf(db, desk, fitting);
	const tries = rows.flatMap((row) => {
		const work = fromRow(row);
		return work ? [{ id: work.id, version: work.version, tries: work.body.tries ?? [] }] : [];
	});
	return { tries, next: sizes[fitting.length]?.seq ?? null };
}

/**
 * The ids of the pieces of work on the exercises whose names begin so, in the order of the names, the one kept last first
 * for each. Names are compared by their letters, whatever the collation of the database.
 * @param beginning without the signs % and _, which stand for others in a pattern.
 */
export async function idsNamed(
	db: Database,
	desk: string,
	beginning: string,
	most: number,
): Promise<readonly string[]> {
	const rows: { id: string; exercise: string; kept: string }[] = await db('work')
		.where({ desk, gone: false })
		.andWhere('exercise', 'like', `${beginning}%`)
		.limit(NAMED_AT_ONCE)
		.select('id', 'exercise', 'kept');
	const before = (a: string, b: string) => Number(a > b) - Number(a < b);
	return rows
		.sort((a, b) => before(a.exercise, b.exercise) || before(b.kept, a.kept))
		.slice(0, most)
		.map(({ id }) => id);
}
