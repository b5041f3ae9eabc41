import { chmodSync, copyFileSync, existsSync, renameSync, rmSync } from 'node:fs';
import Sqlite from 'better-sqlite3';
import { freshGeneration } from './generation';
import * as words from './words';

/** Something about a backup cannot be done; the message is for the person who asked. */
export class BackupFault extends Error {}

/** What makes a file a database of ours. */
const TABLES = ['desk', 'work', 'knex_migrations'];

/**
 * What is wrong with a SQLite file, in a few words; null where nothing is. The file is only read.
 * @see https://www.sqlite.org/pragma.html#pragma_quick_check
 */
export function faultOf(file: string): string | null {
	let db: Sqlite.Database | undefined;
	try {
		db = new Sqlite(file, { readonly: true, fileMustExist: true });
		const found = db.pragma('quick_check(3)', { simple: true });
		return found === 'ok' ? null : words.itIsDamaged(String(found).split('\n')[0]);
	} catch (error) {
		return (error as Error).message;
	} finally {
		db?.close();
	}
}

/** Why a file is no backup of ours; null where it is one. */
function noBackup(file: string): string | null {
	if (!existsSync(file)) return words.thereIsNoSuchFile;
	const fault = faultOf(file);
	if (fault) return fault;
	const db = new Sqlite(file, { readonly: true });
	const names = new Set(db.prepare("select name from sqlite_master where type = 'table'").pluck().all());
	db.close();
	return TABLES.every((table) => names.has(table)) ? null : words.itBelongsToAnotherProgram;
}

/** Makes a copy one file: as it was written, what reads it would lay two more beside it. */
function inOneFile(file: string): void {
	const db = new Sqlite(file);
	db.pragma('journal_mode = DELETE');
	db.close();
}

/**
 * Copies a SQLite database while it is in use, by SQLite's online backup: the copy is the database as it is at one moment,
 * and whole or not there at all.
 * @see https://www.sqlite.org/backup.html
 */
export async function copyWhileOpen(file: string, to: string): Promise<void> {
	const part = `${to}.part`;
	const db = new Sqlite(file, { fileMustExist: true });
	try {
		// In one go: work that is kept meanwhile would make it begin anew.
		await db.backup(part, { progress: () => 2 ** 31 - 1 });
		inOneFile(part);
		chmodSync(part, 0o600);
		renameSync(part, to);
	} finally {
		db.close();
		rmSync(part, { force: true });
	}
}

/**
 * Backs the database up into a file that is not there yet.
 * @throws BackupFault where there is nothing to back up, or something lies at the place.
 */
export async function backUp(file: string, to: string): Promise<void> {
	if (!existsSync(file)) throw new BackupFault(words.thereIsNoDatabaseAt(file));
	if (existsSync(to)) throw new BackupFault(words.theFileAlreadyExists(to));
	await copyWhileOpen(file, to);
	const fault = noBackup(to);
	if (!fault) return;
	rmSync(to, { force: true });
	throw new BackupFault(words.theBackupIsDamagedAndWas(to, fault));
}

/** Whether another program has the database open. */
function isInUse(file: string): boolean {
	const db = new Sqlite(file, { timeout: 200 });
	try {
		db.pragma('locking_mode = EXCLUSIVE');
		db.exec('begin exclusive; commit');
		// All that was written beside it is now in the file itself.
		db.pragma('wal_checkpoint(TRUNCATE)');
		return false;
	} catch {
		return true;
	} finally {
		db.close();
	}
}

/** Gives a copy a generation of its own, where it is from a version that has them; an older one gets its first at the next start. */
function beginAnew(file: string): void {
	const db = new Sqlite(file);
	const hasOne = db.prepare("select 1 from sqlite_master where type = 'table' and name = 'about'").get();
	if (hasOne) db.prepare("update about set value = ? where name = 'generation'").run(freshGeneration());
	db.pragma('wal_checkpoint(TRUNCATE)');
	db.close();
}

/**
 * Puts a backup in the place of the database; what was there is kept beside it.
 * @param stamp a moment, for the name of what is kept: "2026-02-03T04-05-06".
 * @returns where the old one is kept; null where there was none.
 * @throws BackupFault where the file is no backup of ours, or the server still runs.
 */
export function restore(from: string, file: string, stamp: string): string | null {
	const fault = noBackup(from);
	if (fault) throw new BackupFault(words.isNotABackupOfTidySum(from, fault));
	const part = `${file}.part`;
	let old: string | null = null;
	if (existsSync(file)) {
		const damaged = faultOf(file) !== null;
		if (!damaged && isInUse(file)) throw new BackupFault(words.theServerIsRunningStopIt);
		old = file.replace(/\.sqlite$/, `.before-restore-${stamp}.sqlite`);
	}
	copyFileSync(from, part);
	beginAnew(part);
	if (old)
		for (const more of ['', '-wal', '-shm'])
			if (existsSync(`${file}${more}`)) renameSync(`${file}${more}`, `${old}${more}`);
	renameSync(part, file);
	return old;
}
