import { jestRun } from './lib/jest-run.mjs';
import { readyForJourneys, tool } from './lib/steps.mjs';

/** The journeys alone; arguments go to Jest. Where nothing of the app changed, nothing is built. */
await tool(async () => {
	await readyForJourneys();
	if (jestRun('journeys', process.argv.slice(2)).failed) process.exitCode = 1;
});
