import type { StoredWork } from '@tidy-sum/schema';
import { type ListedLook, type Shown, shownSchema } from '@tidy-sum/schema/desk';
import type { Database } from './database';
import { bodiesOf, idsNamed } from './works';

type LookRow = { readonly id: string; readonly desk: string; readonly shows: string; readonly made: string };

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

/** Keeps a link to look at; false where the desk has too many, or the id is taken. */
export async function addLook(
	db: Database,
	desk: string,
	{ id, hash, shows }: { readonly id: string; readonly hash: string; readonly shows: Shown },
	now: Date,
): Promise<boolean> {
	const count = await db('look').where({ desk }).count({ count: '*' }).first();
	if (Number(count?.count ?? 0) >= LOOKS_LIMIT) return false;
	const row = { id, hash, desk, shows: JSON.stringify(shows), made: now.toISOString() };
	return (await db('look').insert(row).onConflict('id').ignore().returning('id')).length > 0;
}

/** The links of a desk, the last made first; one that cannot be read hides none of the others. */
export async function listLooks(db: Database, desk: string): Promise<readonly ListedLook[]> {
	const rows: LookRow[] = await db('look').where({ desk }).orderBy('made', 'desc').select('id', 'shows', 'made');
	return rows.flatMap(({ id, shows, made }) => {
		const shown = shownIn(shows);
		return shown ? [{ id, made, shows: shown }] : [];
	});
}

/** Takes a link back; whether there was one. */
export async function takeBack(db: Database, desk: string, id: string): Promise<boolean> {
	return (await db('look').where({ desk, id }).delete()) > 0;
}

/** What somebody sees with a link to look at; null where it is none, or was taken back. */
export async function lookAt(
	db: Database,
	id: string,
	hash: string,
): Promise<{ readonly shows: Shown; readonly works: readonly StoredWork[] } | null> {
	const row: LookRow | undefined = await db('look').where({ id, hash }).first('desk', 'shows');
	const shows = row && shownIn(row.shows);
	if (!row || !shows) return null;
	const ids = shows.is === 'work' ? [shows.id] : await idsNamed(db, row.desk, `round-${shows.code}-`, SHOWN_LIMIT);
	const { works } = await bodiesOf(db, row.desk, ids);
	return { shows, works };
}
