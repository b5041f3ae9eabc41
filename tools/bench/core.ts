import { spawnSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { buildSync } from 'esbuild';
import { ask } from '../../cli/src/ask';
import { casesIn, fuzzInputs } from '../../cli/test/fuzz-inputs';
import { type Exercise, route } from '../../core/src';
import { check, fresh, SKILLS } from '../../core/src/practice';
import { UNIT_ROWS } from '../../core/src/unit/table';
import { allBars, leaveRows } from './all-bars';
import { forms } from './forms';
import { judging, refused } from './judging';
import { CHAIN, calls } from './libraries';
import { median, percentile, type Row, row, table } from './measure';
import { namedByChance } from './random-numbers';
import { reading } from './reading';
import { record } from './record';
import { replay } from './replay';
import { namingSlips } from './slips';

/** The bench runs from the folder of the house. */
const ROOT = process.cwd();
const CLI = join(ROOT, 'cli', 'dist', 'tidy-sum.mjs');

function routes(): Row {
	const symbols = UNIT_ROWS.filter(({ offset }) => !offset);
	let state = 12345;
	const pick = <T>(of: readonly T[]): T => {
		state = (Math.imul(state, 1103515245) + 12345) >>> 0;
		return of[(state >>> 8) % of.length] as T;
	};
	const unit = () => {
		const one = pick(symbols);
		const prefix = one.prefixes === 'all' ? pick(['', '', 'k', 'm', 'c', 'µ']) : '';
		return `${prefix}${one.symbol}${pick(['', '', '', '^2', '^3'])}`;
	};
	const kinds = new Map<string, string[]>();
	for (const { symbol, dimension } of symbols) {
		const key = JSON.stringify(dimension);
		kinds.set(key, [...(kinds.get(key) ?? []), symbol]);
	}
	const families = [...kinds.values()].filter((family) => family.length > 1);
	const rate = () => {
		const [top, bottom] = [pick(families), pick(families)];
		return [`${pick(top)}/${pick(bottom)}`, `${pick(top)}/${pick(bottom)}`];
	};
	const pairs = Array.from({ length: 2000 }, (_, i) => (i % 2 ? [unit(), unit()] : rate()) as [string, string]);
	const timed = () =>
		pairs.map(([from, to]) => {
			const began = performance.now();
			route(from, to);
			return performance.now() - began;
		});
	// A shared machine stops for whole seconds now and then: the better of two rounds is the route's own time.
	const again = timed();
	const times = timed().map((time, i) => Math.min(time, again[i] as number));
	process.stdout.write(
		`Routes between 2000 random pairs, half of them rates of one kind: median ${median(times).toFixed(3)} ms, slowest ${Math.max(...times).toFixed(1)} ms\n`,
	);
	return row('a route between any two units, 99th percentile', percentile(times, 0.99), { most: 2 }, 'ms');
}

/** Cases of the contract without wrong answers, which are searched for slips. */
function mixedRequests(count: number): string {
	const folder = join(ROOT, 'cli', 'vectors');
	// Answers, and texts that are read, are timed by themselves, so that the mix stays what it was.
	const asks = readdirSync(folder)
		.filter((file) => !/^(?:answers|read|working)/.test(file))
		.flatMap((file) =>
			readFileSync(join(folder, file), 'utf8')
				.split('\n')
				.filter(Boolean)
				.map((line) => JSON.parse(line) as { ask: Record<string, unknown>; expect: { right?: boolean } })
				.filter(({ expect }) => expect.right !== false)
				.map(({ ask: request }) => request),
		);
	return Array.from({ length: count }, (_, id) => JSON.stringify({ id, ...asks[id % asks.length] })).join('\n');
}

function seconds(args: readonly string[], input = ''): number {
	const began = performance.now();
	const { status } = spawnSync(process.execPath, args, { input, maxBuffer: 2 ** 30 });
	if (status !== 0) throw new Error(`${args.join(' ')} ended with ${status}`);
	return (performance.now() - began) / 1000;
}

function commandLine(): readonly Row[] {
	const count = 100000;
	const input = mixedRequests(count);
	const starts = Array.from({ length: 9 }, () => [seconds([CLI, 'ask']), seconds(['-e', ''])] as const);
	const start = median(starts.map(([ours]) => ours));
	const empty = median(starts.map(([, bare]) => bare));
	const busy = median(Array.from({ length: 5 }, () => seconds([CLI, 'ask'], input) - start));
	process.stdout.write(
		`tidy-sum ask: starts in ${(start * 1000).toFixed(0)} ms; an empty node script in ${(empty * 1000).toFixed(0)} ms\n`,
	);
	return [
		row('tidy-sum ask, requests a second on mixed cases', count / busy, { least: 20000 }, ''),
		row('its start, in empty node scripts', start / empty, { most: 3 }, 'times'),
	];
}

/** From here on a request is looked at twice. */
const SLOW_MS = 25;

function fuzz(): Row {
	const timed = (input: string) => {
		const began = performance.now();
		JSON.stringify(ask(input));
		return performance.now() - began;
	};
	const slow: string[] = [];
	for (const input of fuzzInputs(casesIn(join(ROOT, 'cli', 'vectors')), 200000))
		if (timed(input) > SLOW_MS) slow.push(input);
	// Those that were slow once are timed again, lest a stop of the machine is now theirs.
	const [slowest, line] = slow.reduce<readonly [number, string]>(
		(worst, input) => {
			const took = Math.min(timed(input), timed(input));
			return took > worst[0] ? [took, input] : worst;
		},
		[0, ''],
	);
	process.stdout.write(`Over ${SLOW_MS} ms at first: ${slow.length}; the slowest of them: ${line.slice(0, 160)}\n`);
	return row('the slowest of 200 000 spoiled requests', slowest, { most: 100 }, 'ms');
}

function scriptSize(): Row {
	const { outputFiles } = buildSync({
		entryPoints: [join(ROOT, 'core', 'src', 'index.ts')],
		bundle: true,
		minify: true,
		format: 'esm',
		write: false,
	});
	const size = gzipSync(outputFiles[0]?.contents ?? Buffer.alloc(0)).length / 1000;
	return row('script of the core, gzipped', size, { most: 60 }, 'KB');
}

/** The right slip among those named, by code, on lines of our own making; and how long a check takes with the search. */
function slips(): readonly Row[] {
	const { byCode, singles, pairs, first, three, withLine, both, medianMs, slowMs } = namingSlips();
	const percent = (share: number) => `${share.toFixed(0)} %`;
	process.stdout.write(
		table('Slips laid on lines of our own, by code', [
			['', 'laid', 'first', 'of three', 'first, with the line', 'with its place'],
			...byCode.map((one) => [
				one.code,
				`${one.count}`,
				...[one.first, one.three, one.withLine, one.pointed].map(percent),
			]),
		]),
	);
	return [
		row(`one slip laid on ${singles} lines: named first`, first, { least: 70 }, '%'),
		row('one slip: among the first three', three, { least: 92 }, '%'),
		row('one slip with its line: named first', withLine, { least: 70 }, '%'),
		row(`two slips laid on ${pairs} lines: both among the five named`, both, { least: 50 }, '%'),
		row('a random wrong number within 15 % of the key, named', namedByChance(true).named, { most: 3 }, '%'),
		row('a random wrong number further off, named', namedByChance(false).named, { most: 1 }, '%'),
		row('naming, median', medianMs, { most: 50 }, 'ms'),
		row('naming, 99th percentile', slowMs, { most: 16 }, 'ms'),
	];
}

/** How long an answer is judged, and right ones in random writings. */
function answers(): readonly Row[] {
	const { right, rightByRoute, wrong, wrongNamed } = judging();
	return [
		row('a right answer with a key line, judged', right, { most: 60 }, 'µs'),
		row('the same over a route', rightByRoute, { most: 250 }, 'µs'),
		row('a wrong answer, its four lines', wrong, { most: 300 }, 'µs'),
		row('the same with its slips', wrongNamed / 1000, { most: 5 }, 'ms'),
		row('of 200 000 right answers as people write them, refused or accused', refused(200_000), { most: 0 }, ''),
	];
}

/** A line of six whose answer no single slip explains, so that other lines and pairs are gone through; with a key line and without. */
function namingOnSix(): readonly Row[] {
	const exercise: Exercise = { prompt: '', start: CHAIN.start, facts: [], want: { unit: 'm/s' }, rounding: 'figures' };
	const answers = Array.from({ length: 150 }, (_, i) => `${(1.37 + i * 0.131).toFixed(2)}e${(i % 7) - 2} m/s`);
	const timed = (of: Exercise) => {
		// A shared machine stops now and then: the better of two rounds is the search's own time.
		const rounds = [0, 1].map(() =>
			answers.map((answer) => {
				const began = performance.now();
				check(of, answer);
				return performance.now() - began;
			}),
		);
		return answers.map((_, i) => Math.min(...rounds.map((round) => round[i] as number)));
	};
	const [withLine, without] = [timed({ ...exercise, line: CHAIN.factors }), timed(exercise)];
	return [
		row('naming on a line of six, pairs included, median', median(withLine), { most: 50 }, 'ms'),
		row('the same, 99th percentile', percentile(withLine, 0.99), { most: 16 }, 'ms'),
		row('the same without a key line, 99th percentile', percentile(without, 0.99), { most: 16 }, 'ms'),
	];
}

/** Sets of ten from every skill and level, until there are a thousand exercises. */
function freshExercises(): Row {
	const sets = SKILLS.flatMap(({ skill }) => [1, 2, 3].map((level) => ({ skill, level })));
	const make = (seed: number) => {
		for (let i = 0; i < 100; i++)
			fresh({ ...(sets[i % sets.length] as (typeof sets)[number]), seed: `${seed} ${i}`, count: 10 });
	};
	make(0);
	const began = performance.now();
	make(1);
	return row('1 000 fresh exercises', performance.now() - began, { most: 1000 }, 'ms');
}

/** What a person pastes, read. */
function readings(): readonly Row[] {
	const { problem, page, working } = reading();
	return [
		row('the text of a problem, 1 000 characters, read', problem, { most: 3 }, 'ms'),
		row('a page of 60 problems, cut and read', page, { most: 150 }, 'ms'),
		row('a working of ten factors, read', working, { most: 3 }, 'ms'),
	];
}

function main(): void {
	const all = [
		...calls(),
		routes(),
		...slips(),
		...answers(),
		...namingOnSix(),
		freshExercises(),
		...readings(),
		...commandLine(),
		...forms(CLI),
		replay(),
		record(),
		fuzz(),
		scriptSize(),
	];
	leaveRows('core', all);
	process.stdout.write(allBars());
	if (all.some(({ met }) => !met)) process.exitCode = 1;
}

main();
