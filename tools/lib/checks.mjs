import { existsSync, mkdirSync, readdirSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { ROOT, runBin, runBinBeside } from './run.mjs';

/** Where what the compiler knows already is kept, so that a check reads only what has changed. */
const CACHE = join(ROOT, 'node_modules', '.cache', 'tidy-sum-types');

/** Format and lint, the order of the rooms, where the words are, and how they are written. What it needs is loaded only now: on a fresh machine it comes with set-up. */
export async function lint() {
	const { brokenArrows, ROOMS } = await import('./arrows.mjs');
	const broken = Object.keys(ROOMS).flatMap((workspace) => brokenArrows(ROOT, workspace));
	const { inlineSentences } = await import('../writing/catalogue.mjs');
	const { newHabits } = await import('../writing/habits-left.mjs');
	const faults = [...broken, ...inlineSentences(), ...newHabits()];
	for (const sentence of faults) process.stdout.write(`${sentence}\n`);
	return runBin('biome', ['check', '--error-on-warnings', '.']).ok && faults.length === 0;
}

/** The types of every workspace and of its tests, each by its own rules: as many at a time as there are processors. */
export async function types() {
	mkdirSync(CACHE, { recursive: true });
	const configs = readdirSync(ROOT).flatMap((name) =>
		['tsconfig.json', 'tsconfig.test.json']
			.filter((file) => existsSync(join(ROOT, name, file)))
			.map((file) => [name, file]),
	);
	let allHold = true;
	const checkWaiting = async () => {
		for (let next = configs.shift(); next; next = configs.shift()) {
			const [name, file] = next;
			const known = join(CACHE, `${name}-${file}.tsbuildinfo`);
			const args = ['-p', join(name, file), '--incremental', '--tsBuildInfoFile', known];
			const { ok, said } = await runBinBeside('tsc', args);
			process.stdout.write(ok ? `${name}/${file}: types hold\n` : said);
			allHold &&= ok;
		}
	};
	await Promise.all(Array.from({ length: availableParallelism() }, checkWaiting));
	return allHold;
}
