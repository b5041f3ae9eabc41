import { databaseTool } from './lib/database-tool.mjs';

/** `npm run backup -- FILE`: a copy of the database, while the server runs or not. */
await databaseTool('Say where the backup is to lie: npm run backup -- FILE', async (to, file, { backUp }) => {
	await backUp(file, to);
	return `The backup is ${to}.`;
});
