import { packages, SetupFault, tool } from './lib/steps.mjs';

/** `npm run restore -- FILE`: puts a backup in the place of the database, and keeps what was there beside it. */
await tool(async () => {
	const [from] = process.argv.slice(2);
	if (!from) throw new SetupFault('Say which backup is to come back: npm run restore -- FILE');
	packages();
	const { register } = await import('tsx/esm/api');
	register();
	const { restore, BackupFault } = await import('../server/src/keeping/backup.ts');
	const { databaseFile } = await import('../server/src/keeping/database.ts');
	const { StartFault } = await import('../server/src/config.ts');
	try {
		const stamp = new Date().toISOString().slice(0, 19).replaceAll(':', '-');
		const old = restore(from, databaseFile(process.env), stamp);
		process.stdout.write(`${from} is the database now.${old ? ` What was there is kept as ${old}.` : ''}\n`);
	} catch (fault) {
		const foreseen = fault instanceof BackupFault || fault instanceof StartFault;
		throw foreseen ? new SetupFault(fault.message) : fault;
	}
});
