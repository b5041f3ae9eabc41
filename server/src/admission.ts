import { isDemoDesk } from '@tidy-sum/schema';
import { keySchema } from '@tidy-sum/schema/desk';
import type { Context } from 'koa';
import { RequestFault } from './errors';
import type { Database } from './keeping/database';
import { type Access, accessTo, claimDesk, dayOf, hashOf, noteUse } from './keeping/desks';
import type { Limits } from './limits';
import type { NoteEvent } from './security-log';
import * as words from './words';

/** Who asks: the desk, the hash of the key that came, and the key's id where the desk knows it. */
export type Admitted = { readonly desk: string; readonly hash: string; readonly key: string };

/** The same words for a desk that never was and for somebody else's: nobody can tell one from the other. */
export function noDesk(): never {
	throw new RequestFault(404, 'no-desk', words.thisDeviceCannotOpenADesk);
}

function erased(): never {
	throw new RequestFault(410, 'erased', words.thisDeskWasErasedWith);
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
	/**
	 * The same; where the desk is new it gives what makes it, to be called once the request is known to be right.
	 * @param checkedLater whether what follows looks at the key itself: one that fitted a moment ago is not asked for twice.
	 */
	readonly admitOrNew: (
		ctx: Context,
		desk: string,
		checkedLater?: boolean,
	) => Promise<Admitted | (() => Promise<Admitted>)>;
	/** Counts the bytes that are kept on a desk, where it is new. @throws RequestFault 429 `too-many`. */
	readonly countBytes: (ctx: Context, desk: string, bytes: number) => Promise<void>;
	/** A key did fit when it was looked at later: it is remembered for a while. */
	readonly fitted: (by: Admitted) => void;
};

type Parts = {
	readonly db: Database;
	readonly limits: Limits;
	readonly now: () => Date;
	readonly note: NoteEvent;
	/** Whether there is room for one more desk. */
	readonly hasRoom: () => Promise<boolean>;
};

/** How long a desk counts as new, and how many of them are remembered. */
const YOUNG_MS = 86_400_000;
const YOUNG_MOST = 50_000;

/** The desks that were made in this process a short while ago. */
function createYoung(now: () => Date) {
	const until = new Map<string, number>();
	return {
		note: (desk: string) => {
			const [oldest] = until.size >= YOUNG_MOST ? until.keys() : [];
			if (oldest !== undefined) until.delete(oldest);
			until.set(desk, now().getTime() + YOUNG_MS);
		},
		has: (desk: string) => (until.get(desk) ?? 0) > now().getTime(),
	};
}

/** How a device calls itself in the list of devices: sent with the first request, which makes the desk. */
const SAYS_HEADER = 'x-device';

/** How long a key that fitted is taken to fit still where the commit looks at it anyway, and how many are remembered. */
const LATELY_MS = 60_000;
const LATELY_MOST = 20_000;

/** Keys that fitted a moment ago. */
function createLately(now: () => Date) {
	const known = new Map<string, { readonly by: Admitted; readonly until: number }>();
	const nameOf = (desk: string, hash: string) => `${desk} ${hash}`;
	return {
		note: (by: Admitted) => {
			if (known.size >= LATELY_MOST) known.clear();
			known.set(nameOf(by.desk, by.hash), { by, until: now().getTime() + LATELY_MS });
		},
		find: (desk: string, hash: string): Admitted | null => {
			const found = known.get(nameOf(desk, hash));
			return found && found.until > now().getTime() ? found.by : null;
		},
		forget: (desk: string, hash: string) => {
			known.delete(nameOf(desk, hash));
		},
	};
}

export function createAdmission({ db, limits, now, note, hasRoom }: Parts): Admission {
	const lately = createLately(now);
	const young = createYoung(now);

	const stranger = async (ctx: Context): Promise<never> => {
		note(ctx, 'key-refused');
		await limits.count(ctx, 'stranger', ctx.ip);
		return noDesk();
	};

	const opened = async (ctx: Context, desk: string, hash: string, access: Access): Promise<Admitted> => {
		if (access.is === 'erased') erased();
		if (access.is !== 'open') return stranger(ctx);
		await limits.count(ctx, 'desk', desk);
		const day = dayOf(now());
		if (access.used !== day) await noteUse(db, desk, access.key, day);
		const by = { desk, hash, key: access.key };
		lately.note(by);
		return by;
	};

	const claimed = async (ctx: Context, desk: string, hash: string): Promise<Admitted> => {
		await claimDesk(db, desk, { hash, kind: 'device', says: ctx.get(SAYS_HEADER).slice(0, 60) }, now());
		return opened(ctx, desk, hash, await accessTo(db, desk, hash));
	};

	const admitOrNew = async (
		ctx: Context,
		desk: string,
		checkedLater = false,
	): Promise<Admitted | (() => Promise<Admitted>)> => {
		const key = keyOf(ctx);
		if (key === null || isDemoDesk(desk)) return stranger(ctx);
		const hash = hashOf(key);
		const before = checkedLater ? lately.find(desk, hash) : null;
		if (before) {
			lately.forget(desk, hash);
			await limits.count(ctx, 'desk', desk);
			return before;
		}
		const access = await accessTo(db, desk, hash);
		if (access.is === 'unclaimed') return claimed(ctx, desk, hash);
		if (access.is !== 'new') return opened(ctx, desk, hash, access);
		return async () => {
			await limits.count(ctx, 'newDesk', ctx.ip);
			if (!(await hasRoom())) {
				note(ctx, 'disk-limit');
				throw new RequestFault(507, 'full', words.thisServerIsFullAndTakesNo);
			}
			young.note(desk);
			return claimed(ctx, desk, hash);
		};
	};

	const admit = async (ctx: Context, desk: string): Promise<Admitted> => {
		const by = await admitOrNew(ctx, desk);
		return typeof by === 'function' ? stranger(ctx) : by;
	};

	const countBytes = async (ctx: Context, desk: string, bytes: number): Promise<void> => {
		if (!young.has(desk)) return;
		await limits.count(ctx, 'youngDesk', desk, bytes);
		await limits.count(ctx, 'youngBytes', ctx.ip, bytes);
	};

	return { admit, admitOrNew, countBytes, fitted: lately.note };
}
