import { jestRun } from './lib/jest-run.mjs';
import { browser, builtApp, builtServer, commandLine, packages, tool, webkit } from './lib/steps.mjs';

/** The journeys alone; arguments go to Jest. Where nothing of the app changed, nothing is built. */
await tool(async () => {
	await packages();
	await commandLine();
	browser();
	webkit();
	await builtApp();
	await builtServer();
	if (jestRun('journeys', process.argv.slice(2)).failed) process.exitCode = 1;
});
