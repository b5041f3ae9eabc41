import { databaseTool } from './lib/database-tool.mjs';

/** `npm run restore -- FILE`: puts a backup in the place of the database, and keeps what was there beside it. */
await databaseTool('Say which backup is to come back: npm run restore -- FILE', (from, file, { restore }) => {
	const stamp = new Date().toISOString().slice(0, 19).replaceAll(':', '-');
	const old = restore(from, file, stamp);
	return `${from} is the database now.${old ? ` What was there is kept as ${old}.` : ''}`;
});
