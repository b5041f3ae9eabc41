import { runBin } from './lib/run.mjs';
import { browser, builtApp, commandLine, packages, tool, webkit } from './lib/steps.mjs';

/** The journeys alone; arguments go to Jest. */
await tool(async () => {
	packages();
	await commandLine();
	browser();
	webkit();
	await builtApp();
	const { ok } = runBin('jest', ['--selectProjects', 'e2e', '--runInBand', '--forceExit', ...process.argv.slice(2)], {
		env: { JOURNEYS: '1' },
	});
	if (!ok) process.exitCode = 1;
});
