import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { BEFORE } from './before';
import { type Row, table } from './measure';

/** Where each bench leaves its figures, so that the last can show all of them together. */
const FOLDER = join(process.cwd(), 'tools', 'dist', 'bench');

/** The benches, in the order their figures are shown. */
const BENCHES = ['core', 'app', 'server'] as const;

type Bench = (typeof BENCHES)[number];

/** Leaves the figures of a bench; figures of the same name take the place of those before. */
export function leaveRows(bench: Bench, rows: readonly Row[]): void {
	mkdirSync(FOLDER, { recursive: true });
	const names = new Set(rows.map(({ name }) => name));
	const others = readRows(bench).filter(({ name }) => !names.has(name));
	// Its parts can be run one by one.
	const kept = bench === 'core' ? [] : others;
	writeFileSync(join(FOLDER, `${bench}.json`), JSON.stringify({ when: Date.now(), rows: [...kept, ...rows] }));
}

function readRows(bench: Bench): readonly Row[] {
	const file = join(FOLDER, `${bench}.json`);
	return existsSync(file) ? (JSON.parse(readFileSync(file, 'utf8')).rows as Row[]) : [];
}

/** All figures against their bars, those from before beside them; a bench that was never run has none. */
export function allBars(): string {
	const rows = BENCHES.flatMap((bench) => readRows(bench));
	return table('\nAll figures against their bars', [
		['', 'before', 'measured', 'bar', ''],
		...rows.map(({ name, measured, bar, met }) => [
			name,
			BEFORE[name] ?? '',
			measured,
			bar,
			bar ? (met ? 'met' : 'NOT MET') : '',
		]),
	]);
}
