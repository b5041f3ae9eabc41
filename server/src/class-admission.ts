import type { Context } from 'koa';
import { keyOf } from './admission';
import { RequestFault } from './errors';
import { accessToClass, type ClassAccess, makeClass, noteClassUse } from './keeping/classes';
import type { Database } from './keeping/database';
import { dayOf, hashOf } from './keeping/desks';
import type { Limits } from './limits';
import type { NoteEvent } from './security-log';
import * as words from './words';

/** Who asks about a class: its teacher, or one of its seats. */
export type InClass = { readonly id: string; readonly hash: string; readonly seat: string | null };

/** Which of them a request is for. */
export const CLASS_PARTS = ['teacher', 'seat', 'member'] as const;
export type ClassPart = (typeof CLASS_PARTS)[number];

/** The same words for a class that never was, for another one's key, and for a seat that was taken away. */
export function noClass(): never {
	throw new RequestFault(404, 'no-class', words.thisDeviceIsNotInAClass);
}

export type ClassAdmission = {
	/**
	 * Lets a request to a class in, by its key.
	 * @throws RequestFault 404 `no-class`, 410 `class-erased`, 429 `too-many`.
	 */
	readonly admit: (ctx: Context, id: string, part: ClassPart) => Promise<InClass>;
	/** Makes a class with the key that came, or lets its teacher in where it is made already. */
	readonly admitOrMake: (ctx: Context, id: string, title: string) => Promise<{ readonly isMade: boolean }>;
};

type Parts = {
	readonly db: Database;
	readonly limits: Limits;
	readonly now: () => Date;
	readonly note: NoteEvent;
	/** Whether there is room for one more class. */
	readonly hasRoom: () => Promise<boolean>;
};

export function createClassAdmission({ db, limits, now, note, hasRoom }: Parts): ClassAdmission {
	const stranger = async (ctx: Context): Promise<never> => {
		note(ctx, 'key-refused');
		await limits.count(ctx, 'stranger', ctx.ip);
		return noClass();
	};

	const opened = async (
		ctx: Context,
		id: string,
		hash: string,
		access: ClassAccess,
		part: ClassPart,
	): Promise<InClass> => {
		if (access.is === 'erased') throw new RequestFault(410, 'class-erased', words.thisClassWasErased);
		if ((access.is !== 'teacher' && access.is !== 'seat') || (part !== 'member' && part !== access.is))
			return stranger(ctx);
		await limits.count(ctx, 'desk', access.is === 'seat' ? access.seat : id);
		const day = dayOf(now());
		if (access.used !== day) await noteClassUse(db, id, day);
		return { id, hash, seat: access.is === 'seat' ? access.seat : null };
	};

	const admit = async (ctx: Context, id: string, part: ClassPart): Promise<InClass> => {
		const key = keyOf(ctx);
		if (key === null) return stranger(ctx);
		const hash = hashOf(key);
		return opened(ctx, id, hash, await accessToClass(db, id, hash), part);
	};

	const admitOrMake = async (ctx: Context, id: string, title: string) => {
		const key = keyOf(ctx);
		if (key === null) return stranger(ctx);
		const hash = hashOf(key);
		const access = await accessToClass(db, id, hash);
		if (access.is === 'new') {
			await limits.count(ctx, 'newDesk', ctx.ip);
			if (!(await hasRoom())) throw new RequestFault(507, 'full', words.thisServerIsFullAndTakesNo);
			if (await makeClass(db, id, hash, title, now())) return { isMade: true };
		}
		await opened(ctx, id, hash, await accessToClass(db, id, hash), 'teacher');
		return { isMade: false };
	};

	return { admit, admitOrMake };
}
