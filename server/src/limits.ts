import type { Context } from 'koa';
import { type RateLimiterAbstract, RateLimiterMemory, RateLimiterPostgres } from 'rate-limiter-flexible';
import { RequestFault } from './errors';
import { type Database, isPostgres } from './keeping/database';
import type { NoteEvent } from './security-log';
import * as words from './words';

/**
 * The limits, a row each: how many in how many seconds, and what is said past them. A desk's requests count for the desk. An
 * address is counted only for requests without a key that fits, for wrong codes, and for desks made: a school of 1 000 devices
 * behind one address opens in ten minutes and is not held up. Wrong codes count for the device that sends them first, by the
 * hash of its key, and a right code is taken whatever others sent.
 */
export const LIMITS = {
	desk: { points: 1200, seconds: 60, says: words.thisDeskSendsTooMuchForA },
	stranger: { points: 1500, seconds: 600, says: words.tooManyRequestsWithAWrong },
	codeFrom: { points: 12, seconds: 600, says: words.tooManyWrongCodesCameFrom },
	code: { points: 400, seconds: 600, says: words.tooManyWrongCodesCameFromThis },
	/** Bytes kept on desks that are a day old at most: who makes many desks does not fill the disk. */
	youngBytes: {
		points: 60_000_000,
		seconds: 600,
		says: words.newDesksFromThisAddress,
	},
	youngDesk: { points: 20_000_000, seconds: 86_400, says: words.thisNewDeskHasStoredALot },
	newDesk: { points: 1500, seconds: 600, says: words.tooManyNewDesksCameFrom },
} as const;

export type LimitName = keyof typeof LIMITS;

export type Limits = {
	/** Counts one, or as many as are named; @throws RequestFault 429 `too-many`, with `Retry-After`, past the limit. */
	readonly count: (ctx: Context, limit: LimitName, of: string, much?: number) => Promise<void>;
	/** Whether the limit is reached already; nothing is counted. */
	readonly isReached: (limit: LimitName, of: string) => Promise<boolean>;
};

type Past = { readonly msBeforeNext?: unknown };

function refuse(ctx: Context, limit: LimitName, ms: number): never {
	const seconds = Math.max(1, Math.ceil(ms / 1000));
	ctx.set('Retry-After', `${seconds}`);
	const when = seconds === 1 ? words.inASecond : words.inSeconds(seconds);
	throw new RequestFault(429, 'too-many', words.tryAgainNothingIsLost(LIMITS[limit].says, when));
}

type Options = { readonly points: number; readonly duration: number; readonly keyPrefix: string };

/** A limit counted in the table `limits`; where the database does not answer, in the process. */
function inDatabase(db: Database, options: Options): RateLimiterAbstract {
	return new RateLimiterPostgres({
		...options,
		storeClient: db,
		storeType: 'knex',
		tableName: 'limits',
		tableCreated: true,
		inMemoryBlockOnConsumed: options.points + 1,
		insuranceLimiter: new RateLimiterMemory(options),
	});
}

/** The limits of a server: counted in the database where several processes share one, else in the process. */
export function createLimits(db: Database, factor = 1, note: NoteEvent = () => {}): Limits {
	const isShared = isPostgres(db);
	const limiters = Object.fromEntries(
		Object.entries(LIMITS).map(([name, { points, seconds }]) => {
			const options = { points: Math.ceil(points * factor), duration: seconds, keyPrefix: name };
			return [name, isShared ? inDatabase(db, options) : new RateLimiterMemory(options)];
		}),
	) as Record<LimitName, RateLimiterAbstract>;
	return {
		count: async (ctx, limit, of, much = 1) => {
			try {
				await limiters[limit].consume(of, much);
			} catch (past) {
				const { msBeforeNext } = past as Past;
				if (typeof msBeforeNext !== 'number') throw past;
				note(ctx, 'too-many', { limit });
				refuse(ctx, limit, msBeforeNext);
			}
		},
		isReached: async (limit, of) => {
			const found = await limiters[limit].get(of);
			return found !== null && found.remainingPoints <= 0;
		},
	};
}
