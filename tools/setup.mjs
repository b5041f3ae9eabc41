import { builtApp, commandLine, packages, tool } from './lib/steps.mjs';

/** Brings what is missing: packages, command line, built app. Run again, it does only what is needed. */
await tool(async () => {
	packages();
	await commandLine();
	await builtApp();
});
