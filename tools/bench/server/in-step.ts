import fc from 'fast-check';
import { schedules, schedulesWithBackups } from '../../in-step/schedules';
import { serverHere } from '../../in-step/server-here';
import { type Happening, runSchedule, type Setting } from '../../in-step/two-devices';
import { type Row, row } from '../measure';

const RUNS = Number(process.env.SCHEDULES ?? 1000);
const WINDOW_RUNS = Number(process.env.WINDOWS ?? 500);
const RESTORED_RUNS = Number(process.env.RESTORES ?? 200);

/** How many schedules end apart or lose something; the first of them is written out. */
async function wrongOf(list: readonly (readonly Happening[])[], setting: Setting = {}): Promise<number> {
	const server = await serverHere();
	const wrong: string[] = [];
	for (const happenings of list) {
		const outcome = await runSchedule(happenings, { backups: server.backups, ...setting });
		if (outcome.wrong) wrong.push(`${JSON.stringify(happenings)}\n${outcome.wrong}`);
	}
	await server.close();
	if (wrong[0]) process.stderr.write(`${wrong[0]}\n`);
	return wrong.length;
}

/** Random schedules of two devices over the real keeper and a real server: how many end wrong. */
export async function inStep(): Promise<readonly Row[]> {
	const says = 'schedules of two devices that end apart or lose something';
	return [
		row(`${says}, of ${RUNS}`, await wrongOf(fc.sample(schedules, RUNS)), { most: 0 }, ''),
		row(
			`schedules of two windows of one device that end so, of ${WINDOW_RUNS}`,
			await wrongOf(fc.sample(schedules, WINDOW_RUNS), { areWindows: true }),
			{ most: 0 },
			'',
		),
		row(
			`${says}, with backups brought back, of ${RESTORED_RUNS}`,
			await wrongOf(fc.sample(schedulesWithBackups, RESTORED_RUNS)),
			{ most: 0 },
			'',
		),
	];
}
