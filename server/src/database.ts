import { accessSync, constants, mkdirSync } from 'node:fs';
import { join } from 'node:path';
import knex, { type Knex } from 'knex';
import { StartFault } from './config';
import { MIGRATIONS } from './migrations';

export type Database = Knex;

type Pragmas = { pragma(text: string): unknown };

/** The lasting copy must hold what was acknowledged, so each commit reaches the disk. */
const PRAGMAS = ['journal_mode = WAL', 'synchronous = FULL', 'foreign_keys = ON', 'busy_timeout = 5000'];

/**
 * Opens the SQLite file in the data folder, makes what is missing, and brings it to the newest migration.
 * @throws StartFault when the folder cannot be made or written.
 */
export async function openDatabase(folder: string): Promise<Database> {
	try {
		mkdirSync(folder, { recursive: true });
		accessSync(folder, constants.W_OK);
	} catch {
		throw new StartFault(`The data folder ${folder} cannot be written. Make it writable, or name another in DATA_DIR.`);
	}
	const db = knex({
		client: 'better-sqlite3',
		connection: { filename: join(folder, 'tidy-sum.sqlite') },
		useNullAsDefault: true,
		pool: {
			min: 1,
			max: 1,
			afterCreate: (connection: Pragmas, done: (error: Error | null, connection: Pragmas) => void) => {
				for (const pragma of PRAGMAS) connection.pragma(pragma);
				done(null, connection);
			},
		},
	});
	try {
		await db.migrate.latest({ migrationSource: MIGRATIONS });
	} catch (error) {
		await db.destroy();
		throw new StartFault(`The database in ${folder} cannot be opened: ${(error as Error).message}`);
	}
	return db;
}
