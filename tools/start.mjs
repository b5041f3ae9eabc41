import { builtApp, commandLine, packages, tool } from './lib/steps.mjs';

/** Sets up what is missing, then becomes the server; it lays the demo data on its first start. */
await tool(async () => {
	packages();
	await commandLine();
	await builtApp();
	const { register } = await import('tsx/esm/api');
	register();
	await import('../server/src/main.ts');
});
