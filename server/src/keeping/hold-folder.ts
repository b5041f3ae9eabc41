import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { hostname } from 'node:os';
import { join } from 'node:path';
import { lock } from 'proper-lockfile';
import { StartFault } from '../config';

/** A lock whose server went without a word is taken over after so long. */
const STALE_MS = 10_000;

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
	return new StartFault(`The data folder ${folder} cannot be written. Make it writable, or name another in DATA_DIR.`);
}

/**
 * Holds a data folder for this server alone, by a lock beside the database: two servers on one SQLite file do not hear of
 * each other's changes.
 * @returns what lets go of it; @throws StartFault where another server holds it, or it cannot be written.
 */
export async function holdFolder(folder: string): Promise<() => Promise<void>> {
	const holder = join(folder, HOLDER);
	const options = { lockfilePath: join(folder, 'server.lock'), stale: STALE_MS };
	const hold = () => lock(folder, options);
	try {
		mkdirSync(folder, { recursive: true, mode: 0o700 });
	} catch {
		throw cannotWrite(folder);
	}
	const release = await hold().catch(async (error: NodeJS.ErrnoException) => {
		if (error.code !== 'ELOCKED') throw cannotWrite(folder);
		if (isHolderGone(folder)) rmSync(options.lockfilePath, { recursive: true, force: true });
		return hold().catch(() => {
			throw new StartFault(
				`Another server keeps its data in ${folder}. Stop that one, or name another folder in DATA_DIR.`,
			);
		});
	});
	writeFileSync(holder, JSON.stringify({ host: hostname(), pid: process.pid }), { mode: 0o600 });
	return async () => {
		rmSync(holder, { force: true });
		await release();
	};
}
