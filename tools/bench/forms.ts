import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { BOOK } from '../../core/src';
import { answerKey, fresh, SKILLS } from '../../core/src/practice';
import { answersCsv, markerOf } from '../../exchange/src/marking';
import { readPackage, setPackage } from '../../exchange/src/qti';
import {
	bookInSet,
	type ExerciseSet,
	mutable,
	readSetCsv,
	type SetExercise,
	setCsv,
	setJson,
	setOf,
} from '../../exchange/src/set';
import { median, type Row, row } from './measure';

const TIMES = 7;

/** Milliseconds of some work, by the median of a few turns. */
function milliseconds(work: () => unknown): number {
	return median(
		Array.from({ length: TIMES }, () => {
			const began = performance.now();
			work();
			return performance.now() - began;
		}),
	);
}

/** The book and fresh exercises of every skill, so many in all. */
function setOfMany(count: number): ExerciseSet {
	const each = Math.min(100, Math.ceil(count / (SKILLS.length * 3)));
	const made = SKILLS.flatMap(({ skill }) =>
		[1, 2, 3].flatMap((level): SetExercise[] => {
			const set = fresh({ skill, seed: 'bench', level, count: each });
			return set.ok ? set.value.map((one, i) => ({ name: `${skill}-${level}-${i}`, ...mutable(one) })) : [];
		}),
	);
	const all = [...bookInSet(BOOK), ...made];
	return setOf(
		'Bench',
		Array.from({ length: count }, (_, i) => ({ ...(all[i % all.length] as SetExercise), name: `e${i}` })),
	);
}

/** Answers of so many students to the exercises of a set: two of three right, the others off in one way or another. */
function answersTo(set: ExerciseSet, students: number) {
	const keys = set.exercises.map((exercise) => {
		const key = answerKey(exercise);
		return key.ok ? key.value.text : '';
	});
	const spoiled = (key: string, i: number) =>
		[
			key,
			key,
			key.replace(/(\d)(?=\D*$)/u, '$17'),
			key,
			key.replace(/\d/u, (digit) => `${(Number(digit) + 3) % 10}`),
			key.split(' ')[0] ?? '',
		][i % 6] ?? '';
	return Array.from({ length: students }, (_, student) =>
		keys.map((key, i) => ({
			student: `S${student}`,
			exercise: set.exercises[i]?.name ?? '',
			answer: spoiled(key, student * 7 + i),
		})),
	).flat();
}

/** How much memory marking many rows takes at most, in megabytes, and how many rows a second it marks. */
function marking(cli: string): { readonly memory: number; readonly rate: number } {
	const folder = mkdtempSync(join(tmpdir(), 'tidy-sum-bench-'));
	try {
		const set = setOfMany(40);
		const rows = answersTo(set, 2500);
		writeFileSync(join(folder, 'set.json'), setJson(set));
		writeFileSync(join(folder, 'answers.csv'), answersCsv(rows));
		const args = [
			'mark',
			join(folder, 'answers.csv'),
			'--set',
			join(folder, 'set.json'),
			'-o',
			join(folder, 'marked.csv'),
		];
		const script = `process.argv.push('tidy-sum', ...${JSON.stringify(args)}); process.on('exit', () => process.stderr.write('\\n' + process.resourceUsage().maxRSS)); await import(${JSON.stringify(cli)});`;
		const began = performance.now();
		const { stderr, stdout } = spawnSync(process.execPath, ['--input-type=module', '-e', script], { encoding: 'utf8' });
		if (!stdout.startsWith(`${rows.length} answers`)) throw new Error(`the answers were not marked: ${stderr}`);
		const seconds = (performance.now() - began) / 1000;
		return { memory: Number(stderr.trim().split('\n').at(-1)) / 1024, rate: rows.length / seconds };
	} finally {
		rmSync(folder, { recursive: true, force: true });
	}
}

function seconds(args: readonly string[]): number {
	const began = performance.now();
	spawnSync(process.execPath, [...args]);
	return (performance.now() - began) / 1000;
}

/** Sets in open forms, a class's answers, and a command for people. */
export function forms(cli: string): readonly Row[] {
	const hundred = setOfMany(100);
	const { bytes } = setPackage(hundred);
	const many = setOfMany(10_000);
	const csv = setCsv(many);
	const class30 = setOfMany(20);
	const answers = answersTo(class30, 30).map((one, i) => ({ ...one, at: i + 2, working: '' }));
	const byItems = milliseconds(() => readPackage(bytes, { items: true }));
	process.stdout.write(`QTI package of 100 exercises, read by its items alone: ${byItems.toFixed(0)} ms\n`);
	const starts = Array.from(
		{ length: 15 },
		() => [seconds([cli, 'convert', '26 mi/h', 'ft/s']), seconds(['-e', ''])] as const,
	);
	const { memory, rate } = marking(cli);
	process.stdout.write(`100 000 answers marked as a stream: ${rate.toFixed(0)} a second\n`);
	return [
		row(
			'QTI package of 100 exercises, written',
			milliseconds(() => setPackage(hundred)),
			{ most: 300 },
			'ms',
		),
		row(
			'the same, read',
			milliseconds(() => readPackage(bytes)),
			{ most: 500 },
			'ms',
		),
		row(
			'CSV of 10 000 exercises, rows read a second',
			1e7 / milliseconds(() => readSetCsv(csv)),
			{ least: 20_000 },
			'',
		),
		row(
			'600 answers of a class marked, slips named',
			milliseconds(() => {
				const { mark } = markerOf(class30);
				for (const one of answers) mark(one);
			}),
			{ most: 3000 },
			'ms',
		),
		row('100 000 answers marked as a stream, memory at most', memory, { most: 300 }, 'MB'),
		row(
			'tidy-sum convert, in empty node scripts',
			median(starts.map(([ours]) => ours)) / median(starts.map(([, bare]) => bare)),
			{ most: 2 },
			'times',
		),
	];
}
