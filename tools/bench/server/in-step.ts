import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import { schedules } from '../../in-step/schedules';
import { askAt, runSchedule } from '../../in-step/two-devices';
import { type Row, row } from '../measure';
import { startProcess } from './asking';

const RUNS = Number(process.env.SCHEDULES ?? 1000);

/** Random schedules of two devices over the real keeper and a real server: how many end wrong. */
export async function inStep(): Promise<readonly Row[]> {
	const folder = mkdtempSync(join(tmpdir(), 'tidy-sum-bench-'));
	const server = await startProcess('server/src/main.ts', { DATA_DIR: folder });
	askAt(server.url);
	const wrong: string[] = [];
	for (const happenings of fc.sample(schedules, RUNS)) {
		const outcome = await runSchedule(happenings);
		if (outcome.wrong) wrong.push(`${JSON.stringify(happenings)}\n${outcome.wrong}`);
	}
	server.child.kill('SIGTERM');
	await server.ended;
	rmSync(folder, { recursive: true, force: true });
	if (wrong[0]) process.stderr.write(`${wrong[0]}\n`);
	return [row(`schedules of two devices that end apart or lose something, of ${RUNS}`, wrong.length, { most: 0 }, '')];
}
