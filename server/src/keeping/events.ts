import { EventEmitter } from 'node:events';
import type { Head } from '@tidy-sum/schema/desk';
import pg from 'pg';
import type { Logger } from 'pino';
import type { Database } from './database';

/**
 * What is told of a desk: how far its changes go by now, with the heads of those just made where they are few; or that a key of
 * it was taken away, or that it was erased.
 */
export type Told =
	| { readonly desk: string; readonly seq: number; readonly heads?: readonly Head[] }
	| { readonly desk: string; readonly keys: true };

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

/** The most bytes of one notification; PostgreSQL takes less than 8 000. */
const NOTIFIED_BYTES = 7500;

/** What is told, as texts that a notification holds; where the heads of one are too many for that, it goes without them. */
export function notifications(told: readonly Told[]): readonly string[] {
	const texts: string[] = [];
	let parts: string[] = [];
	let bytes = 0;
	for (const one of told) {
		const whole = JSON.stringify(one);
		const part =
			Buffer.byteLength(whole) < NOTIFIED_BYTES || !('seq' in one)
				? whole
				: JSON.stringify({ desk: one.desk, seq: one.seq });
		if (bytes + Buffer.byteLength(part) > NOTIFIED_BYTES) {
			texts.push(`[${parts.join(',')}]`);
			parts = [];
			bytes = 0;
		}
		parts.push(part);
		bytes += Buffer.byteLength(part) + 1;
	}
	return parts.length ? [...texts, `[${parts.join(',')}]`] : texts;
}

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
				'the event connection was lost and is opened again',
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
			for (const text of notifications(told)) await db.raw('select pg_notify(?, ?)', [CHANNEL, text]);
		},
		committed: () => {},
		listen,
		close: async () => {
			closed = true;
			await client?.end();
		},
	};
}
