import { builtApp, builtServer, commandLine, packages, tool } from './lib/steps.mjs';

/** Sets up what is missing, then becomes the server; it lays the demo data on its first start. */
await tool(async () => {
	await packages();
	await commandLine();
	await builtApp();
	await builtServer();
	await import('../server/dist/main.mjs');
});
