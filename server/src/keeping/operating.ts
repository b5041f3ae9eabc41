import { type Database, isWell } from './database';
import { eraseDesk, listDevices } from './desks';
import { beginGeneration, generationOf } from './generation';

/** What an operator asks of a database by hand, in one word. */
type Act = {
	/** What is named after the word, if anything. */
	readonly of?: 'ID';
	readonly says: string;
	/** Does it; gives the lines that are said. */
	readonly run: (db: Database, id: string) => Promise<readonly string[]>;
};

/** Something that was asked for cannot be done; the message is for the person who asked. */
export class OperatingFault extends Error {}

const MEGABYTE = 1_000_000;

type DeskSize = {
	readonly id: string;
	readonly pieces: number;
	readonly bytes: number | string;
	readonly used: string;
};

/** So many of the largest desks are listed. */
const LARGEST = 20;

async function deskNamed(db: Database, id: string): Promise<{ readonly erased: boolean | number }> {
	const found = await db('desk').where({ id }).first('erased');
	if (!found) throw new OperatingFault(`There is no desk ${id}.`);
	return found;
}

async function sizes(db: Database): Promise<readonly string[]> {
	const total = await db('desk')
		.where({ erased: false })
		.count({ desks: '*' })
		.sum({ bytes: 'bytes', pieces: 'pieces' })
		.first();
	const rows: DeskSize[] = await db('desk')
		.where({ erased: false })
		.orderBy('bytes', 'desc')
		.limit(LARGEST)
		.select('id', 'pieces', 'bytes', 'used');
	const megabytes = (bytes: unknown) => (Number(bytes ?? 0) / MEGABYTE).toFixed(1);
	return [
		`${Number(total?.desks ?? 0)} desks, ${Number(total?.pieces ?? 0)} pieces of work, ${megabytes(total?.bytes)} MB`,
		...rows.map(({ id, pieces, bytes, used }) => `${id}  ${pieces} pieces  ${megabytes(bytes)} MB  last used ${used}`),
	];
}

/** Desks whose counts differ from their rows. */
async function check(db: Database): Promise<readonly string[]> {
	if (!(await isWell(db))) throw new OperatingFault('The database does not answer.');
	const rows: { id: string; pieces: number; bytes: number | string; rows: number | string; sum: number | string }[] =
		await db('desk')
			.leftJoin('work', function joined() {
				this.on('work.desk', 'desk.id').andOnVal('work.gone', false);
			})
			.groupBy('desk.id', 'desk.pieces', 'desk.bytes')
			.select('desk.id', 'desk.pieces', 'desk.bytes')
			.count({ rows: 'work.id' })
			.sum({ sum: 'work.bytes' });
	const wrong = rows.filter((row) => Number(row.rows) !== row.pieces || Number(row.sum ?? 0) !== Number(row.bytes));
	return wrong.length
		? wrong.map(
				({ id, pieces, rows: there }) => `${id}  counts ${pieces} pieces and has ${there}, or their bytes differ`,
			)
		: [`${rows.length} desks: the counts of each are what it has. Generation ${await generationOf(db)}.`];
}

/**
 * What `npm run desk` can be asked. To add one is to add a row.
 * @example `erase ID` erases a desk as its owner would: a mark stays, so that no device brings it back.
 */
export const ACTS: Readonly<Record<string, Act>> = {
	erase: {
		of: 'ID',
		says: 'erases a desk. A mark stays, so that none of its devices brings it back',
		run: async (db, id) => {
			const { erased } = await deskNamed(db, id);
			if (erased) return [`The desk ${id} was erased before.`];
			await eraseDesk(db, id);
			return [`The desk ${id} is erased. Its devices are told so when they come again. In backups it is still there.`];
		},
	},
	keys: {
		of: 'ID',
		says: 'lists the devices and recovery sheets of a desk',
		run: async (db, id) => {
			await deskNamed(db, id);
			const keys = await listDevices(db, id, '');
			return keys.length
				? keys.map(
						({ kind, says, made, used }) =>
							`${kind}  ${says || 'no name'}  joined ${made.slice(0, 10)}  last used ${used}`,
					)
				: [`The desk ${id} has no keys.`];
		},
	},
	sizes: { says: 'says how much is kept in all, and lists the largest desks', run: sizes },
	check: { says: 'looks whether the counts of each desk are what it has', run: check },
	restored: {
		says: 'is to be run after pg_restore, or after a database file was put back by hand, before the server starts',
		run: async (db) => {
			await beginGeneration(db);
			return ['A new generation has begun: each device compares its work with the server when it next comes.'];
		},
	},
};

/** What is said to one who names no act, or none there is. */
export function usageOf(): string {
	const rows = Object.entries(ACTS).map(
		([name, { of, says }]) => `  npm run desk -- ${of ? `${name} ${of}` : name}   ${says}`,
	);
	return `Say what is to be done:\n${rows.join('\n')}`;
}

/**
 * Does what an operator asks.
 * @param words the act, and the id where one is named.
 * @throws OperatingFault with a sentence for the person who asked.
 */
export async function operate(db: Database, words: readonly string[]): Promise<readonly string[]> {
	const [name = '', id] = words;
	const act = ACTS[name];
	if (!act || (act.of && !id)) throw new OperatingFault(usageOf());
	return act.run(db, id ?? '');
}
