import { packages, SetupFault, tool } from './lib/steps.mjs';

/** `npm run backup -- FILE`: a copy of the database, while the server runs or not. */
await tool(async () => {
	const [to] = process.argv.slice(2);
	if (!to) throw new SetupFault('Say where the backup is to lie: npm run backup -- FILE');
	packages();
	const { register } = await import('tsx/esm/api');
	register();
	const { backUp, BackupFault } = await import('../server/src/keeping/backup.ts');
	const { databaseFile } = await import('../server/src/keeping/database.ts');
	const { StartFault } = await import('../server/src/config.ts');
	try {
		await backUp(databaseFile(process.env), to);
		process.stdout.write(`The backup is ${to}.\n`);
	} catch (fault) {
		const foreseen = fault instanceof BackupFault || fault instanceof StartFault;
		throw foreseen ? new SetupFault(fault.message) : fault;
	}
});
