import { isDemoDesk } from '@tidy-sum/schema';
import { keySchema } from '@tidy-sum/schema/desk';
import type { Context } from 'koa';
import { RequestFault } from './errors';
import type { Database } from './keeping/database';
import { type Access, accessTo, claimDesk, dayOf, hashOf, noteUse } from './keeping/desks';
import type { Limits } from './limits';

/** Who asks: the desk, the hash of the key that came, and the key's id where the desk knows it. */
export type Admitted = { readonly desk: string; readonly hash: string; readonly key: string };

/** The same words for a desk that never was and for somebody else's: nobody can tell one from the other. */
export function noDesk(): never {
	throw new RequestFault(404, 'no-desk', 'There is no desk here for this device.');
}

function erased(): never {
	throw new RequestFault(410, 'erased', 'This desk was erased. Nothing of it is kept here.');
}

/** The key that came with a request: `Authorization: Bearer …`; null where none did. */
export function keyOf(ctx: Context): string | null {
	const found = /^Bearer +(\S+)$/i.exec(ctx.get('authorization'));
	const read = keySchema.safeParse(found?.[1]);
	return read.success ? read.data : null;
}

export type Admission = {
	/**
	 * Lets a request to a desk in, by its key; a desk from before keys is given to the first that comes with one.
	 * @throws RequestFault 404 `no-desk`, 410 `erased`, 429 `too-many`.
	 */
	readonly admit: (ctx: Context, desk: string) => Promise<Admitted>;
	/** The same; where the desk is new it gives what makes it, to be called once the request is known to be right. */
	readonly admitOrNew: (ctx: Context, desk: string) => Promise<Admitted | (() => Promise<Admitted>)>;
};

type Parts = { readonly db: Database; readonly limits: Limits; readonly now: () => Date };

/** What is kept of a device that has said nothing of itself. */
const UNSAID = { kind: 'device', says: '' } as const;

/** How a device calls itself in the list of devices: sent with the first request, which makes the desk. */
const SAYS_HEADER = 'x-device';

export function createAdmission({ db, limits, now }: Parts): Admission {
	const stranger = async (ctx: Context): Promise<never> => {
		await limits.count(ctx, 'stranger', ctx.ip);
		return noDesk();
	};

	const opened = async (ctx: Context, desk: string, hash: string, access: Access): Promise<Admitted> => {
		if (access.is === 'erased') erased();
		if (access.is !== 'open') return stranger(ctx);
		await limits.count(ctx, 'desk', desk);
		const day = dayOf(now());
		if (access.used !== day) await noteUse(db, desk, access.key, day);
		return { desk, hash, key: access.key };
	};

	const claimed = async (ctx: Context, desk: string, hash: string): Promise<Admitted> => {
		await claimDesk(db, desk, { hash, ...UNSAID, says: ctx.get(SAYS_HEADER).slice(0, 60) }, now());
		return opened(ctx, desk, hash, await accessTo(db, desk, hash));
	};

	const admitOrNew = async (ctx: Context, desk: string): Promise<Admitted | (() => Promise<Admitted>)> => {
		const key = keyOf(ctx);
		if (key === null || isDemoDesk(desk)) return stranger(ctx);
		const hash = hashOf(key);
		const access = await accessTo(db, desk, hash);
		if (access.is === 'unclaimed') return claimed(ctx, desk, hash);
		if (access.is !== 'new') return opened(ctx, desk, hash, access);
		return async () => {
			await limits.count(ctx, 'newDesk', ctx.ip);
			return claimed(ctx, desk, hash);
		};
	};

	const admit = async (ctx: Context, desk: string): Promise<Admitted> => {
		const by = await admitOrNew(ctx, desk);
		return typeof by === 'function' ? stranger(ctx) : by;
	};

	return { admit, admitOrNew };
}
