import { createHash, randomBytes, randomInt } from 'node:crypto';
import { DEMO_DESK, TERM_DESK } from '@tidy-sum/schema';
import { CODE_SIGNS, type ListedDevice } from '@tidy-sum/schema/desk';
import type { Database } from './database';

/** The SHA-256 of a text, in hexadecimal: all the server keeps of a key, a code or the secret of a link. */
export function hashOf(text: string): string {
	return createHash('sha256').update(text).digest('hex');
}

/** A day, for what is noted of when a key was last used: no more than the day is anybody's business. */
export function dayOf(now: Date): string {
	return now.toISOString().slice(0, 10);
}

/**
 * What a desk is to one who comes with a key: `open` with the id of the key, `new` where there is no such desk, `unclaimed`
 * where it is from before keys, `erased` where the key was one of it, and `other` to anybody else.
 */
export type Access =
	| { readonly is: 'open'; readonly key: string; readonly used: string }
	| { readonly is: 'new' | 'unclaimed' | 'erased' | 'other' };

type Found = {
	readonly claimed: boolean | number;
	readonly erased: boolean | number;
	readonly key: string | null;
	readonly used: string | null;
};

/** What a desk is to one who comes with the key of this hash. It is one question to the database, whatever the answer. */
export async function accessTo(db: Database, desk: string, hash: string): Promise<Access> {
	const found: Found | undefined = await db('desk')
		.leftJoin('desk_key', function joined() {
			this.on('desk_key.desk', 'desk.id').andOn('desk_key.hash', db.raw('?', [hash]));
		})
		.where('desk.id', desk)
		.first('desk.claimed', 'desk.erased', { key: 'desk_key.id', used: 'desk_key.used' });
	if (!found) return { is: 'new' };
	if (found.key !== null)
		return found.erased ? { is: 'erased' } : { is: 'open', key: found.key, used: found.used ?? '' };
	return { is: found.claimed || found.erased ? 'other' : 'unclaimed' };
}

type NewKey = { readonly hash: string; readonly kind: 'device' | 'sheet'; readonly says: string };

/**
 * Gives a desk one more key; the same one twice is harmless.
 * @param most how many keys the desk may have; two that come at once take turns.
 * @returns whether there was room.
 */
export async function addKey(
	db: Database,
	desk: string,
	key: NewKey,
	now: Date,
	most = Number.POSITIVE_INFINITY,
): Promise<boolean> {
	return db.transaction(async (together) => {
		await together('desk').where({ id: desk }).forUpdate().first('id');
		const keys: { hash: string }[] = await together('desk_key').where({ desk }).select('hash');
		if (keys.some(({ hash }) => hash === key.hash)) return true;
		if (keys.length >= most) return false;
		await insertKey(together, desk, key, now);
		return true;
	});
}

async function insertKey(db: Database, desk: string, { hash, kind, says }: NewKey, now: Date): Promise<void> {
	await db('desk_key')
		.insert({
			desk,
			hash,
			id: randomBytes(15).toString('base64url'),
			kind,
			says,
			made: now.toISOString(),
			used: dayOf(now),
		})
		.onConflict(['desk', 'hash'])
		.ignore();
}

/**
 * Makes a desk with its first key, or gives one from before keys its first.
 * @returns whether it was this key that got it.
 */
export async function claimDesk(db: Database, desk: string, key: NewKey, now: Date): Promise<boolean> {
	return db.transaction(async (together) => {
		const made = await together('desk')
			.insert({ id: desk, made: now.toISOString(), used: dayOf(now), claimed: true })
			.onConflict('id')
			.ignore()
			.returning('id');
		const claimed = made.length
			? 1
			: await together('desk').where({ id: desk, claimed: false, erased: false }).update({ claimed: true });
		if (claimed) await insertKey(together, desk, key, now);
		return claimed > 0;
	});
}

/** Notes that a key was used today. */
export async function noteUse(db: Database, desk: string, key: string, day: string): Promise<void> {
	await db('desk_key').where({ desk, id: key }).update({ used: day });
	await db('desk').where({ id: desk }).update({ used: day });
}

/** The keys of a desk, the first made first. */
export async function listDevices(db: Database, desk: string, here: string): Promise<readonly ListedDevice[]> {
	const rows = await db('desk_key')
		.where({ desk })
		.orderBy('made')
		.orderBy('id')
		.select<Omit<ListedDevice, 'here'>[]>('id', 'kind', 'says', 'made', 'used');
	return rows.map((row) => ({ ...row, here: row.id === here }));
}

/** Takes a key away from a desk; whether there was one. */
export async function shutOut(db: Database, desk: string, key: string): Promise<boolean> {
	return (await db('desk_key').where({ desk, id: key }).delete()) > 0;
}

/** Erases a desk with all that is on it. Its keys stay as a mark: a device that has one is told, and brings nothing back. */
export async function eraseDesk(db: Database, desk: string): Promise<void> {
	await db.transaction(async (together) => {
		// The desk first: a commit that is under way holds it, and what comes after finds it erased.
		await together('desk').where({ id: desk }).update({ erased: true, pieces: 0, bytes: 0 });
		for (const table of ['work', 'look', 'join_code']) await together(table).where({ desk }).delete();
	});
}

/** How long a one-time code holds, and how many wrong tries it stands. */
export const CODE_HOLDS_MS = 10 * 60_000;
export const CODE_TRIES = 5;

/** So many signs of a code, drawn at random. */
export function signs(count: number): string {
	return Array.from({ length: count }, () => CODE_SIGNS[randomInt(CODE_SIGNS.length)]).join('');
}

/**
 * Makes a one-time code of a desk; the one before it holds no more. Its first four signs name it and the last four open it,
 * so that wrong tries at it can be counted.
 */
export async function makeCode(
	db: Database,
	desk: string,
	now: Date,
): Promise<{ readonly code: string; readonly until: string }> {
	const until = new Date(now.getTime() + CODE_HOLDS_MS).toISOString();
	await db('join_code').where({ desk }).orWhere('until', '<=', now.toISOString()).delete();
	for (;;) {
		const [name, rest] = [signs(4), signs(4)];
		const row = { name, hash: hashOf(name + rest), desk, until, tries: 0 };
		const made = await db('join_code').insert(row).onConflict('name').ignore().returning('name');
		if (made.length) return { code: name + rest, until };
	}
}

/** Takes a one-time code: the desk it is of, once; null where it does not hold, which counts as a try at it. */
export async function takeCode(db: Database, code: string, now: Date): Promise<string | null> {
	const desk = await takeRightCode(db, code, now);
	if (desk === null)
		await db('join_code')
			.where({ name: code.slice(0, 4) })
			.increment('tries');
	return desk;
}

/** The same, where a wrong one counts for nothing. */
export async function takeRightCode(db: Database, code: string, now: Date): Promise<string | null> {
	const name = code.slice(0, 4);
	const hash = hashOf(code);
	const holding: { desk: string } | undefined = await db('join_code')
		.where({ name, hash })
		.andWhere('until', '>', now.toISOString())
		.andWhere('tries', '<', CODE_TRIES)
		.first('desk');
	// Of two that come with it at once one takes it away.
	if (holding && (await db('join_code').where({ name, hash }).delete()) > 0) return holding.desk;
	await db('join_code').where({ name }).increment('tries');
	return null;
}

/** A desk that keeps nothing and was not used for so many days is cleared away. */
export const EMPTY_FOR_DAYS = 90;

/**
 * Deletes desks that nobody has used for so many days, with all their work. A device that comes with one later brings its work
 * again. The marks of erased desks stay, and so do the desks of made-up work.
 */
export async function clearUnused(db: Database, now: Date, days: number): Promise<number> {
	const before = dayOf(new Date(now.getTime() - days * 86_400_000));
	return db('desk')
		.where({ erased: false })
		.whereNotIn('id', [DEMO_DESK, TERM_DESK])
		.andWhere('used', '<', before)
		.delete();
}

/** Clears desks away on which nothing is kept, once nobody used them for a while. Marks of erased desks stay. */
export async function clearEmpty(db: Database, now: Date): Promise<number> {
	const before = dayOf(new Date(now.getTime() - EMPTY_FOR_DAYS * 86_400_000));
	return db('desk').where({ pieces: 0, erased: false }).andWhere('used', '<', before).delete();
}
