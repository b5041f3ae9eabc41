import { existsSync } from 'node:fs';
import { SetupFault, tool } from './lib/steps.mjs';

/**
 * `npm run serve`: becomes the server, and installs and builds nothing, so that the folder of the code can be read-only.
 * `npm run setup` comes before it.
 */
await tool(async () => {
	if (!existsSync(new URL('../server/dist/main.mjs', import.meta.url)))
		throw new SetupFault('Nothing is built here yet. Run npm run setup first, in a folder that can be written.');
	await import('../server/dist/main.mjs');
});
