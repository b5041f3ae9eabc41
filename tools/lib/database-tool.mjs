import { SetupFault, somePackages, tool } from './steps.mjs';

/**
 * Runs a tool that copies the SQLite database of the server.
 * @param usage what is said where the file is not named.
 * @param act is given the file that was named, the database, and what copies it; it gives what is said at the end.
 */
export async function databaseTool(usage, act) {
	await tool(async () => {
		const [named] = process.argv.slice(2);
		if (!named) throw new SetupFault(usage);
		await somePackages();
		const { register } = await import('tsx/esm/api');
		register();
		const copies = await import('../../server/src/keeping/backup.ts');
		const { databaseFile } = await import('../../server/src/keeping/database.ts');
		const { StartFault } = await import('../../server/src/config.ts');
		try {
			process.stdout.write(`${await act(named, databaseFile(process.env), copies)}\n`);
		} catch (fault) {
			const isForeseen = fault instanceof copies.BackupFault || fault instanceof StartFault;
			throw isForeseen ? new SetupFault(fault.message) : fault;
		}
	});
}
