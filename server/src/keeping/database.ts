import { accessSync, chmodSync, constants, existsSync, mkdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import knex, { type Knex } from 'knex';
import { type Config, readConfig, StartFault } from '../config';
import { MIGRATION_NAMES, MIGRATIONS } from '../migrations';
import { copyWhileOpen, faultOf } from './backup';
import { cannotWrite } from './hold-folder';
import * as words from './words';

export type Database = Knex;

type Pragmas = { pragma(text: string): unknown };

/** The lasting copy must hold what was acknowledged, so each commit reaches the disk. */
const PRAGMAS = ['journal_mode = WAL', 'synchronous = FULL', 'foreign_keys = ON', 'busy_timeout = 5000'];

/** The name of the SQLite file in the data folder. */
export const FILE_NAME = 'tidy-sum.sqlite';

/**
 * The SQLite file that the surroundings name, for what copies it.
 * @throws StartFault where they name PostgreSQL, which has programs of its own for that.
 */
export function databaseFile(env: Readonly<Record<string, string | undefined>>): string {
	const { dataFolder, databaseUrl } = readConfig(env, join(dirname(fileURLToPath(import.meta.url)), '..', '..', '..'));
	if (databaseUrl) throw new StartFault(words.databaseUrlNamesPostgresql);
	return join(dataFolder, FILE_NAME);
}

/** A database that hangs is given up after so long. */
const GIVE_UP_MS = 5000;

/** The rights of the folder and of the files in it: nobody else on the machine reads them. */
const OWN_FOLDER = 0o700;
const OWN_FILE = 0o600;

/** The most connections to PostgreSQL that one process holds. */
const CONNECTIONS = 10;

function sqlite(filename: string): Database {
	return knex({
		client: 'better-sqlite3',
		connection: { filename },
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
}

/** Whether a database is PostgreSQL, and not SQLite. */
export function isPostgres(db: Database): boolean {
	return db.client.config.client === 'pg';
}

/** Called with the names of the migrations that were made. */
export type OnMigrated = (names: readonly string[]) => void;

/** Brings a database to the newest migration; what has none yet is made. */
async function migrate(db: Database, onMigrated: OnMigrated): Promise<void> {
	const [, names]: [number, string[]] = await db.migrate.latest({ migrationSource: MIGRATIONS });
	if (names.length) onMigrated(names);
}

/** The first migration that a database with something in it still lacks; null where it lacks none or is new. */
async function lacking(db: Database): Promise<string | null> {
	if (!(await db.schema.hasTable('knex_migrations'))) return null;
	const done: { name: string }[] = await db('knex_migrations').select('name');
	const names = new Set(done.map(({ name }) => name));
	return names.size ? (MIGRATION_NAMES.find((name) => !names.has(name)) ?? null) : null;
}

/**
 * Opens the SQLite file in the data folder, makes what is missing, and brings it to the newest migration. What is there is
 * looked through first, and a damaged file is left untouched; before a migration it is copied beside itself.
 * @throws StartFault when the folder cannot be made or written, or the file is damaged.
 */
export async function openSqlite(folder: string, onMigrated: OnMigrated = () => {}): Promise<Database> {
	try {
		mkdirSync(folder, { recursive: true, mode: OWN_FOLDER });
		accessSync(folder, constants.W_OK);
	} catch {
		throw cannotWrite(folder);
	}
	const file = join(folder, FILE_NAME);
	const fault = existsSync(file) ? faultOf(file) : null;
	if (fault) throw new StartFault(words.theDatabaseCannotBeOpened(file, fault));
	const db = sqlite(file);
	try {
		const next = await lacking(db);
		if (next) await copyWhileOpen(file, join(folder, `tidy-sum.before-${next}.sqlite`));
		await migrate(db, onMigrated);
		// What lies beside it, as it is written, takes the rights of the file.
		chmodSync(file, OWN_FILE);
	} catch (error) {
		await db.destroy();
		throw new StartFault(words.theDatabaseInCannotBe(folder, (error as Error).message));
	}
	return db;
}

type Timeouts = { readonly statement_timeout?: number; readonly query_timeout?: number };

function postgres(address: string, timeouts: Timeouts): Database {
	return knex({
		client: 'pg',
		connection: { connectionString: address, connectionTimeoutMillis: GIVE_UP_MS, ...timeouts },
		acquireConnectionTimeout: GIVE_UP_MS,
		pool: { min: 0, max: CONNECTIONS },
	});
}

/** Whether the database answers, and its file is still there where it has one. */
export async function isWell(db: Database): Promise<boolean> {
	const { connection } = db.client.config;
	if (!isPostgres(db) && connection.filename !== ':memory:' && !existsSync(connection.filename)) return false;
	await db.raw('select 1');
	return true;
}

/**
 * Opens the PostgreSQL database at an address, and brings it to the newest migration. Several processes may do so at once.
 * @throws StartFault when it cannot be reached or brought there.
 */
export async function openPostgres(address: string, onMigrated: OnMigrated = () => {}): Promise<Database> {
	// A migration may take its time.
	const patient = postgres(address, {});
	try {
		// One process migrates, and the others wait for it.
		await patient.transaction(async (together) => {
			await together.raw('select pg_advisory_xact_lock(43104310)');
			await migrate(patient, onMigrated);
		});
	} catch (error) {
		const { message } = error as Error;
		throw new StartFault(words.theDatabaseThatDatabaseUrl(message));
	} finally {
		await patient.destroy();
	}
	return postgres(address, { statement_timeout: GIVE_UP_MS, query_timeout: GIVE_UP_MS + 1000 });
}

/** The database the configuration names: PostgreSQL where it has an address, else SQLite in the data folder. */
export function openDatabase(
	{ databaseUrl, dataFolder }: Pick<Config, 'databaseUrl' | 'dataFolder'>,
	onMigrated: OnMigrated,
): Promise<Database> {
	return databaseUrl ? openPostgres(databaseUrl, onMigrated) : openSqlite(dataFolder, onMigrated);
}
