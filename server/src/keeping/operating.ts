import { type Database, isWell } from './database';
import { eraseDesk, listDevices } from './desks';
import { beginGeneration, generationOf } from './generation';
import * as words from './words';

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
	if (!found) throw new OperatingFault(words.thereIsNoDesk(id));
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
		words.desksPiecesOfWorkMb(Number(total?.desks ?? 0), Number(total?.pieces ?? 0), megabytes(total?.bytes)),
		...rows.map(({ id, pieces, bytes, used }) => words.piecesMbLastUsed(id, pieces, megabytes(bytes), used)),
	];
}

/** Desks whose counts differ from their rows. */
async function check(db: Database): Promise<readonly string[]> {
	if (!(await isWell(db))) throw new OperatingFault(words.theDatabaseDoesNotAnswer);
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
		? wrong.map(({ id, pieces, rows: there }) => words.countsPiecesAndHasOrTheir(id, pieces, there))
		: [words.desksAndAllCountsAreRight(rows.length, await generationOf(db))];
}

/**
 * What `npm run desk` can be asked. To add one is to add a row.
 * @example `erase ID` erases a desk as its owner would: a mark stays, so that no device brings it back.
 */
export const ACTS: Readonly<Record<string, Act>> = {
	erase: {
		of: 'ID',
		says: words.erasesADeskAndLeavesAMark,
		run: async (db, id) => {
			const { erased } = await deskNamed(db, id);
			if (erased) return [words.theDeskWasAlreadyErased(id)];
			await eraseDesk(db, id);
			return [words.theDeskIsErasedItsDevices(id)];
		},
	},
	keys: {
		of: 'ID',
		says: words.listsTheDevicesAndRecovery,
		run: async (db, id) => {
			await deskNamed(db, id);
			const keys = await listDevices(db, id, '');
			return keys.length
				? keys.map(({ kind, says, made, used }) => words.joinedLastUsed(kind, says, made.slice(0, 10), used))
				: [words.theDeskHasNoKeys(id)];
		},
	},
	sizes: { says: words.showsHowMuchIsStoredInAll, run: sizes },
	check: { says: words.checksTheCountsOfEachDesk, run: check },
	restored: {
		says: words.runThisAfterPgRestoreOr,
		run: async (db) => {
			await beginGeneration(db);
			return [words.aNewGenerationHasBegunEach];
		},
	},
};

/** What is said to one who names no act, or none there is. */
export function usageOf(): string {
	const rows = Object.entries(ACTS).map(([name, { of, says }]) => words.npmRunDesk(of ? `${name} ${of}` : name, says));
	return words.chooseWhatToDo(rows.join('\n'));
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
