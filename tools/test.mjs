import { lint, types } from './lib/checks.mjs';
import { jestRun } from './lib/jest-run.mjs';
import { inWords } from './lib/progress.mjs';
import { packages, postgres, readyForJourneys, tool } from './lib/steps.mjs';

/** Everything that is checked, in the order in which a fault is cheapest to find. */
const CHECKS = [
	['format, lint and rooms', lint],
	['types', types],
];

/** Runs everything and ends with a plain count; a failed format, lint or type check counts as one failed test. */
await tool(async () => {
	await packages();
	postgres();
	await readyForJourneys();
	const from = performance.now();
	const total = { passed: 0, failed: 0, skipped: 0 };
	for (const [name, check] of CHECKS) {
		process.stdout.write(`\n== ${name}\n`);
		if (await check()) total.passed += 1;
		else total.failed += 1;
	}
	for (const name of ['units', 'journeys and slow laws']) {
		process.stdout.write(`\n== ${name}\n`);
		const { passed, failed, skipped } = jestRun(name);
		total.passed += passed;
		total.failed += failed;
		total.skipped += skipped;
	}
	process.stdout.write(`\nall checks and tests: ${inWords(performance.now() - from)}\n`);
	process.stdout.write(`${total.passed} passed, ${total.failed} failed, ${total.skipped} skipped\n`);
	if (total.failed) process.exitCode = 1;
});
