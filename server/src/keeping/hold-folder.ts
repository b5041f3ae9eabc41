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

/**
 * Holds a data folder for this server alone, by a lock beside the database: two servers on one SQLite file do not hear of
 * each other's changes.
 * @returns what lets go of it; @throws StartFault where another server holds it.
 */
export async function holdFolder(folder: string): Promise<() => Promise<void>> {
	mkdirSync(folder, { recursive: true, mode: 0o700 });
	const options = { lockfilePath: join(folder, 'server.lock'), stale: STALE_MS };
	const hold = () => lock(folder, options);
	const release = await hold().catch(async () => {
		if (isHolderGone(folder)) rmSync(options.lockfilePath, { recursive: true, force: true });
		return hold().catch(() => {
			throw new StartFault(
				`Another server keeps its data in ${folder}. Stop that one, or name another folder in DATA_DIR.`,
			);
		});
	});
	writeFileSync(join(folder, HOLDER), JSON.stringify({ host: hostname(), pid: process.pid }), { mode: 0o600 });
	return release;
}
