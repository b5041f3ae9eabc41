import { mkdirSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { backUp } from './backup';

type Options = {
	/** The database file. */
	readonly file: string;
	/** The folder the backups go to. */
	readonly to: string;
	/** How many are kept; the oldest go first. */
	readonly keep: number;
	readonly now: Date;
};

/** What a backup by schedule is called: nothing else in the folder is ever taken away. */
const NAME = /^tidy-sum\.\d{4}-\d\d-\d\dT\d\d-\d\d-\d\d\.sqlite$/;

/**
 * Makes a backup named for its moment, and takes the oldest away past so many. It is opened and looked through before it counts;
 * one that fails leaves no file, and takes none away.
 * @returns its path.
 * @throws BackupFault where it cannot be made, or is not as it should be.
 */
export async function backUpInto({ file, to, keep, now }: Options): Promise<string> {
	mkdirSync(to, { recursive: true, mode: 0o700 });
	const path = join(to, `tidy-sum.${now.toISOString().slice(0, 19).replaceAll(':', '-')}.sqlite`);
	await backUp(file, path);
	const old = readdirSync(to)
		.filter((name) => NAME.test(name))
		.sort()
		.slice(0, -keep);
	for (const name of old) rmSync(join(to, name), { force: true });
	return path;
}
