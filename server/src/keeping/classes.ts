import { randomBytes } from 'node:crypto';
import {
	type ClassView,
	HANDED_OUT_LIMIT,
	type HandedOut,
	SEATS_LIMIT,
	type Seat,
	type SeatView,
} from '@tidy-sum/schema/class';
import type { Handed } from '@tidy-sum/schema/handed';
import type { Database } from './database';
import { dayOf, signs } from './desks';
import { seatSays } from './seat-says';

type ClassRow = {
	readonly id: string;
	readonly title: string;
	readonly code: string | null;
	readonly seq: number;
	readonly used: string;
	readonly erased: boolean | number;
};

type SeatRow = Seat & { readonly hash: string };

/** A class that nobody touched for so many days is cleared away, with all of it. */
export const CLASS_KEPT_DAYS = 400;

/** What a class is to one who comes with a key. */
export type ClassAccess =
	| { readonly is: 'teacher'; readonly used: string }
	| { readonly is: 'seat'; readonly seat: string; readonly used: string }
	| { readonly is: 'erased' | 'new' | 'other' };

/** What a class is to one who comes with the key of this hash. Of an erased class only its teachers hear that it was erased. */
export async function accessToClass(db: Database, id: string, hash: string): Promise<ClassAccess> {
	const found: Pick<ClassRow, 'used' | 'erased'> | undefined = await db('class').where({ id }).first('used', 'erased');
	if (!found) return { is: 'new' };
	if (await db('class_key').where({ class: id, hash }).first('hash'))
		return found.erased ? { is: 'erased' } : { is: 'teacher', used: found.used };
	const seat: { id: string } | undefined = await db('seat').where({ class: id, hash }).first('id');
	return seat ? { is: 'seat', seat: seat.id, used: found.used } : { is: 'other' };
}

/** Makes a class with the key of its teacher; whether it was this key that made it. */
export async function makeClass(db: Database, id: string, hash: string, title: string, now: Date): Promise<boolean> {
	return db.transaction(async (together) => {
		const made = await together('class')
			.insert({ id, title, code: null, seq: 0, made: now.toISOString(), used: dayOf(now), erased: false })
			.onConflict('id')
			.ignore()
			.returning('id');
		if (!made.length) return false;
		await together('class_key').insert({ class: id, hash, made: now.toISOString() });
		return true;
	});
}

/** Gives a class another title. */
export async function renameClass(db: Database, id: string, title: string): Promise<void> {
	await db('class').where({ id }).update({ title });
}

/** Notes that a class was used today. */
export async function noteClassUse(db: Database, id: string, day: string): Promise<void> {
	await db('class').where({ id }).update({ used: day });
}

const CODE_LENGTH = 8;

/**
 * Opens a class to students, or closes it.
 * @param renew whether an open class gets another code.
 * @returns the code to join with; null where it is closed.
 */
export async function setDoor(db: Database, id: string, open: boolean, renew: boolean): Promise<string | null> {
	const before: { code: string | null } | undefined = await db('class').where({ id }).first('code');
	if (open && before?.code && !renew) return before.code;
	for (;;) {
		const code = open ? signs(CODE_LENGTH) : null;
		const isTaken = code !== null && (await db('class').where({ code }).first('id'));
		if (isTaken) continue;
		await db('class').where({ id }).update({ code });
		return code;
	}
}

type HandedRow = HandedOut & { readonly set: string };

/** The sets handed out to a class, without their exercises. */
export async function handedOf(db: Database, id: string): Promise<HandedOut[]> {
	return db('handed')
		.where({ class: id })
		.orderBy('made')
		.orderBy('id')
		.select<HandedOut[]>('id', 'title', 'due', 'made', 'count');
}

/** A class as its teacher sees it. */
export async function classOf(db: Database, id: string): Promise<ClassView> {
	const row: ClassRow | undefined = await db('class').where({ id }).first('title', 'code');
	const seats: Seat[] = await db('seat')
		.where({ class: id })
		.orderBy('joined')
		.orderBy('id')
		.select<Seat[]>('id', 'says', 'joined');
	return { title: row?.title ?? '', code: row?.code ?? null, seats, handed: await handedOf(db, id) };
}

/** A class as the student at this seat sees it. */
export async function seatViewOf(db: Database, id: string, seat: string): Promise<SeatView> {
	const row: ClassRow | undefined = await db('class').where({ id }).first('title');
	const mine: SeatRow | undefined = await db('seat').where({ class: id, id: seat }).first('says');
	return { title: row?.title ?? '', says: mine?.says ?? '', handed: await handedOf(db, id) };
}

/** A seat that was taken, or that the class of the code is full. */
export type SeatTaken =
	| {
			readonly is: 'taken';
			readonly class: string;
			readonly seat: string;
			readonly title: string;
			readonly says: string;
	  }
	| { readonly is: 'full' };

/** Takes a seat in the class of a code; null where no open class has it. The same key again gets the seat it has. */
export async function takeSeat(db: Database, code: string, hash: string, now: Date): Promise<SeatTaken | null> {
	return db.transaction(async (together) => {
		const row: ClassRow | undefined = await together('class')
			.where({ code, erased: false })
			.forUpdate()
			.first('id', 'title');
		if (!row) return null;
		const seats: SeatRow[] = await together('seat').where({ class: row.id }).select<SeatRow[]>('id', 'hash', 'says');
		const mine = seats.find((seat) => seat.hash === hash);
		if (mine) return { is: 'taken', class: row.id, seat: mine.id, title: row.title, says: mine.says };
		if (seats.length >= SEATS_LIMIT) return { is: 'full' };
		const seat = randomBytes(15).toString('base64url');
		const says = seatSays(new Set(seats.map((one) => one.says)));
		await together('seat').insert({ class: row.id, id: seat, hash, says, joined: now.toISOString() });
		return { is: 'taken', class: row.id, seat, title: row.title, says };
	});
}

/**
 * Takes a seat away.
 * @param withWork whether what was sent from it goes too.
 */
export async function leaveSeat(db: Database, id: string, seat: string, withWork: boolean): Promise<void> {
	await db.transaction(async (together) => {
		if (withWork) await together('class_try').where({ class: id, seat }).delete();
		// What stays needs its seat to be read by; its key opens nothing any more.
		const tries = await together('class_try').where({ class: id, seat }).first('made');
		if (tries)
			await together('seat')
				.where({ class: id, id: seat })
				.update({ hash: `left ${seat}` });
		else await together('seat').where({ class: id, id: seat }).delete();
	});
}

/**
 * Hands a set out, or changes when one that was handed out is due: its exercises stay as they are, since seats work on them.
 * @returns whether there was room.
 */
export async function handOut(
	db: Database,
	id: string,
	handed: string,
	{ due, set }: { readonly due: string | null; readonly set: Handed },
	now: Date,
): Promise<boolean> {
	if ((await db('handed').where({ class: id, id: handed }).update({ due })) > 0) return true;
	const count = await db('handed').where({ class: id }).count({ count: '*' }).first();
	if (Number(count?.count ?? 0) >= HANDED_OUT_LIMIT) return false;
	const row = { title: set.title, due, made: now.toISOString(), count: set.problems.length, set: JSON.stringify(set) };
	await db('handed')
		.insert({ class: id, id: handed, ...row })
		.onConflict(['class', 'id'])
		.ignore();
	return true;
}

/** Takes a set back, with the tries at it. */
export async function takeSetBack(db: Database, id: string, handed: string): Promise<void> {
	await db.transaction(async (together) => {
		await together('class_try').where({ class: id, handed }).delete();
		await together('handed').where({ class: id, id: handed }).delete();
	});
}

/** The exercises of a set that was handed out, as they were sent; null where there is no such set. */
export async function setOf(db: Database, id: string, handed: string): Promise<unknown> {
	const row: HandedRow | undefined = await db('handed').where({ class: id, id: handed }).first('set');
	return row ? JSON.parse(row.set) : null;
}

/** How far the tries of a class go. */
export async function classSeqOf(db: Database, id: string): Promise<number> {
	const row: ClassRow | undefined = await db('class').where({ id }).first('seq');
	return row?.seq ?? 0;
}

/** Erases a class with all of it, at once. The key of its teacher stays as a mark, so that a second device learns of it. */
export async function eraseClass(db: Database, id: string): Promise<void> {
	await db.transaction(async (together) => {
		await together('class').where({ id }).update({ erased: true, code: null, title: '', seq: 0 });
		for (const table of ['class_try', 'handed', 'seat']) await together(table).where({ class: id }).delete();
	});
}

/** Deletes classes that nobody touched for so long, with all of them; the marks of erased ones too. */
export async function clearOldClasses(db: Database, now: Date): Promise<number> {
	const before = dayOf(new Date(now.getTime() - CLASS_KEPT_DAYS * 86_400_000));
	return db('class').where('used', '<', before).delete();
}
