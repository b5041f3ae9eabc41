import { spawn } from 'node:child_process';
import { appendFileSync, existsSync, readFileSync } from 'node:fs';
import { loadavg } from 'node:os';
import { join } from 'node:path';
import { jestRun } from './lib/jest-run.mjs';
import { ROOT, run } from './lib/run.mjs';
import { readyForJourneys, SetupFault, tool } from './lib/steps.mjs';

/** Every run, a line each: what was run, on which commit, beside how many busy loops, and what came of it. */
const LOG = join(ROOT, 'docs', 'test-runs.jsonl');

const USAGE = `npm run runs                     the runs in the log, and their totals
npm run runs -- journeys 3       three runs of the journeys, each added to the log
npm run runs -- journeys 1 --busy 2   one beside two busy loops
npm run runs -- everything 1     one whole run of npm test`;

function logged() {
	if (!existsSync(LOG)) return [];
	return readFileSync(LOG, 'utf8')
		.split('\n')
		.filter((line) => line !== '')
		.map((line) => JSON.parse(line));
}

function totals() {
	const lines = logged();
	const rows = lines.map(
		({ when, commit, what, busy, seconds, passed, failed }) =>
			`${when}  ${commit}  ${what.padEnd(10)} busy ${busy}  ${`${seconds}`.padStart(5)} s  ${passed} passed, ${failed} failed`,
	);
	const kinds = [...new Set(lines.map(({ what }) => what))].map((what) => {
		const of = lines.filter((line) => line.what === what);
		return `${what}: ${of.length} runs, ${of.filter(({ failed }) => failed === 0).length} without a failure`;
	});
	return `${[...rows, '', ...kinds].join('\n')}\n`;
}

/** The whole of `npm test`, by the count it ends with. */
function everything() {
	const from = performance.now();
	const { said } = run(process.execPath, [join(ROOT, 'tools', 'test.mjs')], { quiet: true });
	const [, passed = 0, failed = 1] = [...said.matchAll(/^(\d+) passed, (\d+) failed, \d+ skipped$/gm)].at(-1) ?? [];
	const failedNames = [...said.matchAll(/^ {2}● (.+)$/gm)].map(([, name]) => name);
	return {
		passed: Number(passed),
		failed: Number(failed),
		failedNames: [...new Set(failedNames)],
		seconds: Math.round((performance.now() - from) / 1000),
	};
}

await tool(async () => {
	const [what, times = '1', ...more] = process.argv.slice(2);
	if (!what) {
		process.stdout.write(totals());
		return;
	}
	if (!['journeys', 'everything'].includes(what) || !/^\d+$/.test(times)) throw new SetupFault(USAGE);
	const busy = more[0] === '--busy' ? Number(more[1]) : 0;
	await readyForJourneys();
	const commit = run('git', ['rev-parse', '--short', 'HEAD'], { quiet: true }).said.trim();
	for (let i = 0; i < Number(times); i++) {
		const load = loadavg()[0];
		const loops = Array.from({ length: busy }, () =>
			spawn(process.execPath, ['-e', 'for (;;) Math.sqrt(Math.random())'], { stdio: 'ignore' }),
		);
		const { passed, failed, failedNames, seconds } = what === 'journeys' ? jestRun('journeys') : everything();
		for (const loop of loops) loop.kill('SIGKILL');
		const line = { when: new Date().toISOString(), commit, what, busy, load, seconds, passed, failed, failedNames };
		appendFileSync(LOG, `${JSON.stringify(line)}\n`);
		process.stdout.write(`${JSON.stringify(line)}\n`);
		if (failed) process.exitCode = 1;
	}
});
