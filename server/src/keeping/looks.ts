import type { StoredWork } from '@tidy-sum/schema';
import { type ListedLook, type NewLook, type Shown, shownSchema } from '@tidy-sum/schema/desk';
import type { Database } from './database';
import { bodiesOf, idsNamed } from './works';

type LookRow = {
	readonly id: string;
	readonly desk: string;
	readonly shows: string;
	readonly made: string;
	readonly until: string | null;
};

/** How long a link holds where it is not said otherwise. */
const HOLDS_MS = 30 * 86_400_000;

/** The most links to look at that a desk has at one time. */
export const LOOKS_LIMIT = 200;

/** The most exercises of a Round that are shown, with all their lines. */
const SHOWN_LIMIT = 100;

/** What a link shows, as it is kept; null where that cannot be read. */
function shownIn(text: string): Shown | null {
	try {
		return shownSchema.parse(JSON.parse(text));
	} catch {
		return null;
	}
}

/**
 * Keeps a link to look at; the same one again is given the end that is asked for now.
 * @returns until when it holds, null where it has no end; `false` where the desk has too many, or the id is taken.
 */
export async function addLook(
	db: Database,
	desk: string,
	{ id, hash, shows, lasts }: NewLook,
	now: Date,
): Promise<string | null | false> {
	const until = lasts === 'month' ? new Date(now.getTime() + HOLDS_MS).toISOString() : null;
	if ((await db('look').where({ id, desk, hash }).update({ until })) > 0) return until;
	await db('look').where({ desk }).andWhere('until', '<=', now.toISOString()).delete();
	const count = await db('look').where({ desk }).count({ count: '*' }).first();
	if (Number(count?.count ?? 0) >= LOOKS_LIMIT) return false;
	const row = { id, hash, desk, shows: JSON.stringify(shows), made: now.toISOString(), until };
	return (await db('look').insert(row).onConflict('id').ignore().returning('id')).length > 0 ? until : false;
}

/** The links of a desk, the last made first, also those that have ended; one that cannot be read does not hide the others. */
export async function listLooks(db: Database, desk: string): Promise<readonly ListedLook[]> {
	const rows: LookRow[] = await db('look')
		.where({ desk })
		.orderBy('made', 'desc')
		.select('id', 'shows', 'made', 'until');
	return rows.flatMap(({ id, shows, made, until }) => {
		const shown = shownIn(shows);
		return shown ? [{ id, made, until, shows: shown }] : [];
	});
}

/** Takes a link back; whether there was one. */
export async function takeBack(db: Database, desk: string, id: string): Promise<boolean> {
	return (await db('look').where({ desk, id }).delete()) > 0;
}

/** The work that a link to look at shows; null if the link never was, was taken back, or has ended. */
export async function lookAt(
	db: Database,
	id: string,
	hash: string,
	now: Date,
): Promise<{ readonly shows: Shown; readonly works: readonly StoredWork[] } | null> {
	const row: LookRow | undefined = await db('look').where({ id, hash }).first('desk', 'shows', 'until');
	if (row?.until && row.until <= now.toISOString()) return null;
	const shows = row && shownIn(row.shows);
	if (!row || !shows) return null;
	const ids = shows.is === 'work' ? [shows.id] : await idsNamed(db, row.desk, `round-${shows.code}-`, SHOWN_LIMIT);
	const { works } = await bodiesOf(db, row.desk, ids);
	return { shows, works };
}
