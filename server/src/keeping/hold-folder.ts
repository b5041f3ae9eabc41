import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { hostname } from 'node:os';
import { join } from 'node:path';
import { lock } from 'proper-lockfile';
import { StartFault } from '../config';
import * as words from './words';

/** After this long a lock that nobody renews may be taken over. */
const STALE_MS = 10_000;
/** How often a server renews its lock. */
const RENEW_MS = 2_000;

/** Who holds a folder: a process of a machine. */
const HOLDER = 'holder.json';

/** Whether the process that holds a folder is known to be gone; one of another machine is taken to be there. */
function isHolderGone(folder: string): boolean {
	try {
		const { host, pid } = JSON.parse(readFileSync(join(folder, HOLDER), 'utf8'));
		if (host !== hostname()) return false;
		process.kill(pid, 0);
		return false;
	} catch (error) {
		return (error as NodeJS.ErrnoException).code === 'ESRCH';
	}
}

/** A data folder in which nothing can be written, for the person who started the server. */
export function cannotWrite(folder: string): StartFault {
	return new StartFault(words.theDataFolderCannotBe(folder));
}

/**
 * Holds a data folder for this server alone, by a lock beside the database: two servers on one SQLite file do not hear of
 * each other's changes. A machine that slept may find its lock out of date: the lock is then taken again.
 * @param onLost is called if it cannot be taken again, because the folder is gone or another server has it.
 * @returns a function that lets go of it.
 * @throws StartFault if another server holds it, or it cannot be written.
 */
export async function holdFolder(folder: string, onLost: () => void = () => {}): Promise<() => Promise<void>> {
	const holder = join(folder, HOLDER);
	const lockfilePath = join(folder, 'server.lock');
	let release = async () => {};
	const hold = async (): Promise<void> => {
		const onCompromised = () => void hold().catch(onLost);
		release = await lock(folder, { lockfilePath, stale: STALE_MS, update: RENEW_MS, onCompromised });
	};
	try {
		mkdirSync(folder, { recursive: true, mode: 0o700 });
	} catch {
		throw cannotWrite(folder);
	}
	await hold().catch(async (error: NodeJS.ErrnoException) => {
		if (error.code !== 'ELOCKED') throw cannotWrite(folder);
		if (isHolderGone(folder)) rmSync(lockfilePath, { recursive: true, force: true });
		return hold().catch(() => {
			throw new StartFault(words.anotherServerUsesStopItOr(folder));
		});
	});
	writeFileSync(holder, JSON.stringify({ host: hostname(), pid: process.pid }), { mode: 0o600 });
	return async () => {
		rmSync(holder, { force: true });
		await release();
	};
}
