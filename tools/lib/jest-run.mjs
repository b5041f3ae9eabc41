import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT, runBin } from './run.mjs';

/** How many of the slowest tests are named at the end of a run. */
const SLOWEST = 10;

/** What is run, by name: the projects of jest.config.mjs, and what a machine is asked for. */
const RUNS = {
	/** Unit tests of every room, side by side. */
	units: { args: ['--ignoreProjects', 'slow'], env: {} },
	/** Journeys, as many at a time as there are processors. */
	journeys: { args: ['--selectProjects', 'e2e', '--forceExit'], env: { JOURNEYS: '1' } },
	/** The slow laws take their turns in the same processes as the journeys, so that no more runs than there are processors. */
	'journeys and slow laws': { args: ['--selectProjects', 'e2e', 'slow', '--forceExit'], env: { JOURNEYS: '1' } },
};

function nameOf({ ancestorTitles, title }) {
	return [...ancestorTitles, title].join(' › ');
}

/** The slowest of some tests, a line each, the slowest first. */
function slowestOf(tests) {
	const slowest = [...tests].sort((a, b) => (b.duration ?? 0) - (a.duration ?? 0)).slice(0, SLOWEST);
	return slowest
		.map((test) => `   ${((test.duration ?? 0) / 1000).toFixed(1).padStart(6)} s  ${nameOf(test)}\n`)
		.join('');
}

/**
 * Runs tests, and names the slowest ten.
 * @param name one of `units`, `journeys`, `journeys and slow laws`.
 * @param more further arguments for Jest, as files.
 * @returns how many passed, failed and were skipped, the names of those that failed, and how long it took in seconds.
 */
export function jestRun(name, more = []) {
	const { args, env } = RUNS[name];
	// Pictures of journeys that failed in an earlier run would mislead.
	rmSync(join(ROOT, 'e2e', 'dist', 'failed'), { recursive: true, force: true });
	const folder = mkdtempSync(join(tmpdir(), 'tidy-sum-results-'));
	const file = join(folder, 'results.json');
	const from = performance.now();
	const { ok } = runBin(
		'jest',
		['--json', `--outputFile=${file}`, `--maxWorkers=${availableParallelism()}`, ...args, ...more],
		{ env },
	);
	const seconds = Math.round((performance.now() - from) / 1000);
	const results = JSON.parse(readFileSync(file, 'utf8'));
	rmSync(folder, { recursive: true, force: true });
	const tests = results.testResults.flatMap(({ assertionResults }) => assertionResults);
	process.stdout.write(`   ${seconds} s; the slowest of ${name}:\n${slowestOf(tests)}`);
	const failed = tests.filter(({ status }) => status === 'failed').map(nameOf);
	return {
		passed: results.numPassedTests,
		failed: ok ? 0 : Math.max(1, results.numFailedTests, results.numFailedTestSuites),
		skipped: results.numPendingTests,
		failedNames: failed,
		seconds,
	};
}
