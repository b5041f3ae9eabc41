import { type ClassTry, SEAT_TRIES_LIMIT, type SentTry } from '@tidy-sum/schema/class';
import { handedOf } from './classes';
import type { Database } from './database';
import type { Events } from './events';
import { sharedCommits } from './shared-commits';

/** The most tries in one reply. */
export const CLASS_TRIES_AT_ONCE = 2000;

type TryRow = Omit<ClassTry, 'try'> & {
	/** When it was made, in milliseconds: it tells tries at one exercise from each other. */
	readonly made: string;
	readonly body: string;
	readonly unnamed: boolean | number;
};

/** When a try was made, as its row says it. */
function madeAt({ try: { when } }: SentTry): string {
	return `${when}`;
}

/** What tells a try of a seat from its others. */
function nameOf(one: SentTry): string {
	return `${one.handed} ${one.problem} ${madeAt(one)}`;
}

/** Whether a try says more than the one that is kept of it. */
function isNews({ try: { unnamed } }: SentTry, kept: Pick<TryRow, 'unnamed'> | undefined): boolean {
	return !kept || (Boolean(kept.unnamed) && !unnamed);
}

/** Tries as a seat sends them at one time. */
type Sending = {
	readonly id: string;
	readonly seat: string;
	readonly tries: readonly SentTry[];
	readonly now: Date;
};

/** How many of the tries that were sent are kept, null where the seat has too many; and how far the class goes, where it grew. */
type Came = { readonly count: number | null; readonly seq: number | null };

const NOTHING: Came = { count: 0, seq: null };

/** Keeps what one seat sent, in a transaction that holds its class. */
async function keepSent(together: Database, { id, seat, tries, now }: Sending): Promise<Came> {
	const row: { readonly seq: number } | undefined = await together('class').where({ id, erased: false }).first('seq');
	if (!row) return NOTHING;
	const counts = new Map((await handedOf(together, id)).map((one) => [one.id, one.count]));
	const fitting = tries.filter(({ handed, problem }) => problem < (counts.get(handed) ?? 0));
	if (!fitting.length) return NOTHING;
	const before: TryRow[] = await together('class_try')
		.where({ class: id, seat })
		.whereIn(
			['handed', 'problem', 'made'],
			fitting.map((one) => [one.handed, one.problem, madeAt(one)]),
		)
		.select<TryRow[]>('handed', 'problem', 'made', 'unnamed');
	const there = new Map(before.map((one) => [`${one.handed} ${one.problem} ${one.made}`, one]));
	const fresh = [...new Map(fitting.map((one) => [nameOf(one), one])).values()].filter((one) =>
		isNews(one, there.get(nameOf(one))),
	);
	if (!fresh.length) return { count: fitting.length, seq: null };
	const sent = await together('class_try').where({ class: id, seat }).count({ count: '*' }).first();
	if (Number(sent?.count ?? 0) + fresh.length > SEAT_TRIES_LIMIT) return { count: null, seq: null };
	const came = now.toISOString();
	const rows = fresh.map((one, i) => ({
		class: id,
		seat,
		handed: one.handed,
		problem: one.problem,
		made: madeAt(one),
		seq: row.seq + 1 + i,
		came,
		unnamed: one.try.unnamed === true,
		body: JSON.stringify(one.try),
	}));
	await together('class_try').insert(rows).onConflict(['class', 'seat', 'handed', 'problem', 'made']).merge();
	const seq = row.seq + fresh.length;
	await together('class').where({ id }).update({ seq });
	return { count: fitting.length, seq };
}

/**
 * Keeps tries of a seat, each once however often it is sent; one whose slips were not named yet is replaced when they are. Tries
 * at sets the class does not have, or past the end of one, are left out. It gives how many of them are kept now; null where the
 * seat has as many as it may.
 */
export type KeepTries = (sending: Sending) => Promise<number | null>;

/** Keeps tries, those of many seats in one commit. */
export function createKeepTries(db: Database, events: Events): KeepTries {
	const keep = sharedCommits<Sending, Came>(
		async (sendings) => {
			const ids = [...new Set(sendings.map(({ id }) => id))].sort();
			const grown = new Map<string, number>();
			const told = () => [...grown].map(([desk, seq]) => ({ desk, seq }));
			const came = await db.transaction(async (together) => {
				// Held until the commit, in one order, so that several processes take turns at a class.
				await together('class').whereIn('id', ids).orderBy('id').forUpdate().select('id');
				const results: Came[] = [];
				for (const sending of sendings) {
					const result = await keepSent(together, sending);
					if (result.seq !== null) grown.set(sending.id, result.seq);
					results.push(result);
				}
				if (grown.size) await events.tell(together, told());
				return results;
			});
			if (grown.size) events.committed(told());
			return came;
		},
		({ id, seat }) => `${id} ${seat}`,
	);
	return async (sending) => (await keep(sending)).count;
}

/**
 * The tries of a class after a place, in the order they came, as the JSON of `classTriesSchema`. Each is stored as JSON, so it is
 * put into the reply as it is: reading and writing a class's thousands of lines again would take longer than all the rest.
 */
export async function triesAfter(db: Database, id: string, after: number): Promise<string> {
	const rows: TryRow[] = await db('class_try')
		.where({ class: id })
		.andWhere('seq', '>', after)
		.orderBy('seq')
		.limit(CLASS_TRIES_AT_ONCE + 1)
		.select<TryRow[]>('seq', 'seat', 'handed', 'problem', 'came', 'body');
	const shown = rows.slice(0, CLASS_TRIES_AT_ONCE);
	const tries = shown.map(({ body, ...row }) => `${JSON.stringify(row).slice(0, -1)},"try":${body}}`);
	return `{"tries":[${tries}],"seq":${shown.at(-1)?.seq ?? after},"more":${rows.length > shown.length}}`;
}
