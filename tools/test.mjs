import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { lint, types } from './lib/checks.mjs';
import { runBin } from './lib/run.mjs';
import { browser, builtApp, commandLine, packages, postgres, tool, webkit } from './lib/steps.mjs';

/** Everything that is checked, in the order in which a fault is cheapest to find. */
const CHECKS = [
	['format, lint and rooms', lint],
	['types', types],
];

function jest(folder, name, args, env) {
	const file = join(folder, `${name}.json`);
	const { ok } = runBin('jest', ['--json', `--outputFile=${file}`, ...args], { env });
	const { numPassedTests, numFailedTests, numPendingTests, numFailedTestSuites } = JSON.parse(
		readFileSync(file, 'utf8'),
	);
	return {
		ok,
		passed: numPassedTests,
		failed: Math.max(numFailedTests, numFailedTestSuites),
		skipped: numPendingTests,
	};
}

/** Runs everything and ends with a plain count; a failed format, lint or type check counts as one failed test. */
await tool(async () => {
	packages();
	await commandLine();
	browser();
	webkit();
	postgres();
	await builtApp();
	const total = { passed: 0, failed: 0, skipped: 0 };
	for (const [name, check] of CHECKS) {
		process.stdout.write(`\n== ${name}\n`);
		if (await check()) total.passed += 1;
		else total.failed += 1;
	}
	const folder = mkdtempSync(join(tmpdir(), 'tidy-sum-results-'));
	for (const [name, args, env] of [
		['unit', [], {}],
		['journeys', ['--selectProjects', 'e2e', '--runInBand', '--forceExit'], { JOURNEYS: '1' }],
	]) {
		process.stdout.write(`\n== ${name}\n`);
		const { ok, passed, failed, skipped } = jest(folder, name, args, env);
		total.passed += passed;
		total.failed += ok ? 0 : Math.max(1, failed);
		total.skipped += skipped;
	}
	rmSync(folder, { recursive: true, force: true });
	process.stdout.write(`\n${total.passed} passed, ${total.failed} failed, ${total.skipped} skipped\n`);
	if (total.failed) process.exitCode = 1;
});
