import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { SetupFault, somePackages, tool } from './lib/steps.mjs';

/** `npm run desk -- erase ID`, and what else an operator asks of the database by hand, while the server runs or not. */
await tool(async () => {
	await somePackages();
	const { register } = await import('tsx/esm/api');
	register();
	const { OperatingFault, operate, usageOf } = await import('../server/src/keeping/operating.ts');
	const { openDatabase } = await import('../server/src/keeping/database.ts');
	const { readConfig, StartFault } = await import('../server/src/config.ts');
	const words = process.argv.slice(2);
	if (!words.length) throw new SetupFault(usageOf());
	const foreseen = (fault) => fault instanceof OperatingFault || fault instanceof StartFault;
	try {
		const db = await openDatabase(readConfig(process.env, join(dirname(fileURLToPath(import.meta.url)), '..')));
		try {
			for (const line of await operate(db, words)) process.stdout.write(`${line}\n`);
		} finally {
			await db.destroy();
		}
	} catch (fault) {
		throw foreseen(fault) ? new SetupFault(fault.message) : fault;
	}
});
