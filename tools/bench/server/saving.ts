import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import autocannon from 'autocannon';
import { median, type Row, row } from '../measure';
import { bodyOf, type DeskKey, newDeskKey, type Process, startProcess } from './asking';

const CONNECTIONS = 32;
const ROUNDS = 5;
const SECONDS = 5;
const BODY = bodyOf(20);

type Load = { readonly perSecond: number; readonly p99: number; readonly failed: number };

let count = 0;

/** Saves new pieces over 32 connections, each of a desk of its own, for some seconds. */
async function load({ url }: Process, desks: readonly DeskKey[], seconds = SECONDS): Promise<Load> {
	const result = await autocannon({
		url,
		connections: CONNECTIONS,
		duration: seconds,
		requests: [
			{
				method: 'PUT',
				setupRequest: (request) => {
					count += 1;
					const { desk, key } = desks[count % desks.length] as DeskKey;
					return {
						...request,
						path: `/api/desks/${desk}/works/work-${count}`,
						headers: { 'content-type': 'application/json', authorization: `Bearer ${key}` },
						body: BODY,
					};
				},
			},
		],
	});
	return {
		perSecond: result.requests.average,
		p99: result.latency.p99,
		failed: result.non2xx + result.errors,
	};
}

/** Saving a piece of 20 steps: the server against bare Koa with better-sqlite3, in turn, in one run. */
export async function timeSaving(): Promise<readonly Row[]> {
	const folders = [0, 1].map(() => mkdtempSync(join(tmpdir(), 'tidy-sum-bench-')));
	const [ours, bare] = await Promise.all([
		startProcess('server/src/main.ts', { DATA_DIR: folders[0] as string }),
		startProcess('tools/bench/server/bare-server.ts', { DATA_DIR: folders[1] as string }),
	]);
	const desks = Array.from({ length: CONNECTIONS }, newDeskKey);
	await load(ours, desks, 2);
	await load(bare, desks, 2);
	const rounds: { readonly ours: Load; readonly bare: Load }[] = [];
	for (let i = 0; i < ROUNDS; i++) rounds.push({ ours: await load(ours, desks), bare: await load(bare, desks) });
	for (const { child, ended } of [ours, bare]) {
		child.kill('SIGTERM');
		await ended;
	}
	for (const folder of folders) rmSync(folder, { recursive: true, force: true });
	const failed = rounds.reduce((sum, one) => sum + one.ours.failed, 0);
	if (failed) throw new Error(`${failed} saves failed`);
	const of = (which: 'ours' | 'bare', what: keyof Load) => median(rounds.map((round) => round[which][what]));
	return [
		{
			name: 'saves in a second, and those of bare Koa + better-sqlite3',
			measured: `${of('ours', 'perSecond').toFixed(0)} and ${of('bare', 'perSecond').toFixed(0)}`,
			bar: '',
			met: true,
		},
		row('saves, in shares of the bare server', of('ours', 'perSecond') / of('bare', 'perSecond'), { least: 0.6 }, ''),
		row('p99 of a save, in those of the bare server', of('ours', 'p99') / of('bare', 'p99'), { most: 3 }, ''),
	];
}
