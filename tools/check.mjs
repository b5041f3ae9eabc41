import { lint, types } from './lib/checks.mjs';
import { runBin } from './lib/run.mjs';
import { commandLine, packages, tool } from './lib/steps.mjs';

/**
 * What a developer runs between two commits: format, lint, rooms, types, and the unit tests of what has changed since
 * the last commit; with --all, all unit tests. It builds no app and opens no browser.
 */
await tool(async () => {
	await packages();
	await commandLine();
	const all = process.argv.includes('--all');
	const unit = () =>
		runBin('jest', ['--ignoreProjects', 'slow', ...(all ? [] : ['--onlyChanged', '--passWithNoTests'])]).ok;
	for (const [name, check] of [
		['format, lint and rooms', lint],
		['types', types],
		[all ? 'unit tests' : 'unit tests of what has changed', unit],
	]) {
		const from = performance.now();
		process.stdout.write(`\n== ${name}\n`);
		if (!(await check())) process.exitCode = 1;
		process.stdout.write(`   ${((performance.now() - from) / 1000).toFixed(1)} s\n`);
	}
});
