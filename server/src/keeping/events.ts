import { EventEmitter } from 'node:events';
import pg from 'pg';
import type { Logger } from 'pino';
import type { Database } from './database';

/** What is told of a desk: how far its changes go by now, or that a key of it was taken away, or that it was erased. */
export type Told = { readonly desk: string; readonly seq: number } | { readonly desk: string; readonly keys: true };

/** Tells those who listen to a desk what happens to it, in all processes that share the database. */
export type Events = {
	/** Tells it, in the transaction given: others hear of it once that is committed. */
	readonly tell: (db: Database, told: readonly Told[]) => Promise<void>;
	/** To be called once what was told is committed. */
	readonly committed: (told: readonly Told[]) => void;
	/** Listens to a desk; gives a function that stops it. */
	readonly listen: (desk: string, hear: (told: Told) => void) => () => void;
	readonly close: () => Promise<void>;
};

function hub() {
	const emitter = new EventEmitter();
	emitter.setMaxListeners(0);
	return {
		emit: (told: readonly Told[]) => {
			for (const one of told) emitter.emit(one.desk, one);
		},
		/** Something may have been missed: whoever listens is to look. */
		emitAll: () => {
			for (const desk of emitter.eventNames()) emitter.emit(desk, { desk: String(desk), seq: 0 });
		},
		listen: (desk: string, hear: (told: Told) => void) => {
			emitter.on(desk, hear);
			return () => {
				emitter.off(desk, hear);
			};
		},
	};
}

/** Events of one process: what it commits it tells itself. */
export function eventsHere(): Events {
	const { emit, listen } = hub();
	return { tell: async () => {}, committed: emit, listen, close: async () => {} };
}

const CHANNEL = 'tidy_sum';

/** How many are told with one notification, which holds less than 8 000 bytes. */
const TOLD_AT_ONCE = 100;

/** How soon a lost connection is made again. */
const AGAIN_MS = 1000;

/**
 * Events of several processes that share a PostgreSQL database, by LISTEN and NOTIFY: what is told in a transaction reaches
 * every process, this one too, once it is committed.
 * @see https://www.postgresql.org/docs/15/sql-notify.html
 */
export async function eventsOfPostgres(address: string, log: Logger): Promise<Events> {
	const { emit, emitAll, listen } = hub();
	let client: pg.Client | null = null;
	let closed = false;
	const connect = async (): Promise<void> => {
		const next = new pg.Client({ connectionString: address });
		let lost = false;
		const again = (error: unknown) => {
			if (lost || closed) return;
			lost = true;
			log.warn(
				{ code: (error as { code?: unknown } | undefined)?.code },
				'events are lost; they are listened for anew',
			);
			setTimeout(() => void connect().then(emitAll, () => {}), AGAIN_MS).unref();
		};
		next.on('notification', ({ payload }) => emit(JSON.parse(payload ?? '[]')));
		next.on('error', again);
		next.on('end', () => again(undefined));
		try {
			await next.connect();
			await next.query(`listen ${CHANNEL}`);
		} catch (error) {
			again(error);
			throw error;
		}
		client = next;
	};
	await connect();
	return {
		tell: async (db, told) => {
			for (let at = 0; at < told.length; at += TOLD_AT_ONCE)
				await db.raw('select pg_notify(?, ?)', [CHANNEL, JSON.stringify(told.slice(at, at + TOLD_AT_ONCE))]);
		},
		committed: () => {},
		listen,
		close: async () => {
			closed = true;
			await client?.end();
		},
	};
}
