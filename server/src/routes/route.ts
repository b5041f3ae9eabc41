import type { ApiCode, z } from '@tidy-sum/schema';
import type { Context } from 'koa';
import type { Admission, Admitted } from '../admission';
import type { ClassAdmission, ClassPart, InClass } from '../class-admission';
import { RequestFault } from '../errors';
import type { KeepTries } from '../keeping/class-tries';
import type { Keeping } from '../keeping/create-keeping';
import type { Database } from '../keeping/database';
import type { Events } from '../keeping/events';
import type { Limits } from '../limits';
import type { NoteEvent } from '../security-log';
import type { Turns } from '../turns';
import * as words from './words';

/** What a route has at hand. */
export type RouteParts = {
	readonly db: Database;
	readonly version: string;
	readonly now: () => Date;
	readonly keeping: Keeping;
	readonly keepTries: KeepTries;
	readonly events: Events;
	readonly limits: Limits;
	readonly admission: Admission;
	readonly classAdmission: ClassAdmission;
	/** Turns for large replies, desk by desk. */
	readonly turns: Turns;
	/** Streams that are open, so that a stop can end them. */
	readonly streams: Set<{ end(): unknown }>;
	/** Notes an event of security. */
	readonly note: NoteEvent;
	/** After how many days desks that nobody used are cleared away; null where they never are. */
	readonly keepDays: number | null;
	/** The generation of the database, which every reply about a desk carries. */
	readonly generation: () => Promise<string>;
};

/**
 * Who may ask: anyone; one with a key of the desk that the address names; the same, and the desk is made where it is new; the
 * same, and the desks of made-up work may be read by all; or one with a key of the class that the address names, as its teacher
 * or from a seat.
 */
export type Who = 'anyone' | 'desk' | 'desk or new' | 'desk or demo' | ClassPart;

/** What a request comes with, read by the schemas of its row. */
export type Asked<B, Q> = {
	readonly ctx: Context;
	readonly parts: RouteParts;
	/** The parts of the address, each an id. */
	readonly params: Readonly<Record<string, string>>;
	/** Who asks, where a key is asked for; of a demo desk the desk alone. */
	readonly by: Admitted;
	/** Who asks about a class, where the address names one. */
	readonly at: InClass;
	readonly body: B;
	readonly query: Q;
};

/** A request of the API: one file, or a row of one. What it gives is the reply; with none it has written the reply itself. */
export type RouteOf<B extends z.ZodType, Q extends z.ZodType, R extends z.ZodType> = {
	readonly method: 'get' | 'put' | 'post' | 'delete';
	/** Its address under /api. */
	readonly path: string;
	/** What it does, in a sentence. */
	readonly says: string;
	readonly who: Who;
	/** The shape of its body, in JSON. */
	readonly body?: B;
	/** The shape of what stands behind the question mark of its address. */
	readonly query?: Q;
	readonly reply: R;
	/** What it can be refused with, beside what any request can. */
	readonly codes: readonly ApiCode[];
	/** Another type than JSON of what it answers. */
	readonly type?: string;
	readonly answer: (asked: Asked<z.output<B>, z.output<Q>>) => Promise<z.input<R> | undefined>;
};

// biome-ignore lint/suspicious/noExplicitAny: a list of rows, each with schemas of its own.
export type Route = RouteOf<any, any, any>;

/** A row of the API, held to its own schemas by the compiler. */
export function route<B extends z.ZodType, Q extends z.ZodType, R extends z.ZodType>(row: RouteOf<B, Q, R>): Route {
	return row;
}

/**
 * A value of a request, read by its schema.
 * @throws RequestFault 422 `shape`, with what is wrong and where.
 */
export function taken<S extends z.ZodType>(schema: S, value: unknown, what: string): z.output<S> {
	const read = schema.safeParse(value);
	if (read.success) return read.data;
	const [issue] = read.error.issues;
	const at = issue?.path.length ? words.at(issue.path.join('.')) : '';
	throw new RequestFault(422, 'shape', words.hasTheWrongShape(what, issue?.message, at));
}
