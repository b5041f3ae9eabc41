import { builtApp, builtServer, commandLine, packages, tool } from './lib/steps.mjs';

/** Brings what is missing: packages, command line, built app, bundled server. Run again, it does only what is needed. */
await tool(async () => {
	await packages();
	await commandLine();
	await builtApp();
	await builtServer();
});
