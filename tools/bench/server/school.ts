import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { median, percentile, type Row, row } from '../measure';
import { ask, bodyOf, type DeskKey, inParallel, newDeskKey, residentKb, startProcess } from './asking';
import { grownOver, listen, type Memory } from './listening';

const DESKS = 600;
const SECOND_DEVICES = 100;
/** Each desk saves about every three seconds, for three minutes. */
const SAVE_EVERY_MS = 3000;
const FOR_MS = Number(process.env.SCHOOL_MS ?? 180_000);
/** How often the memory of the server is looked at. */
const LOOK_EVERY_MS = 2000;
/** So many pieces each desk works on in turn. */
const PIECES = 12;

/** A school's hour on one machine: desks that save, of which some are open on a second device. */
export async function schoolHour(): Promise<readonly Row[]> {
	const folder = mkdtempSync(join(tmpdir(), 'tidy-sum-bench-'));
	const server = await startProcess('server/src/main.ts', { DATA_DIR: folder });
	const { url } = server;
	const desks = Array.from({ length: DESKS }, () => ({ ...newDeskKey(), versions: new Map<string, number>(), seq: 0 }));
	const waits: number[] = [];
	const late: number[] = [];
	let unheard = 0;
	let failed = 0;
	const save = async (desk: (typeof desks)[number]): Promise<number | null> => {
		const id = `work-${Math.floor(Math.random() * PIECES)}-piece`;
		const base = desk.versions.get(id) ?? 0;
		const { status, body } = await ask(url, 'PUT', `/api/desks/${desk.desk}/works/${id}`, {
			key: desk.key,
			body: bodyOf(12 + (base % 20), base),
		});
		if (status !== 200) {
			failed += 1;
			return null;
		}
		desk.versions.set(id, base + 1);
		return JSON.parse(body).seq;
	};
	await inParallel(desks, 16, async (desk) => {
		await save(desk);
	});
	const heard = desks.slice(0, SECOND_DEVICES).map(() => new Map<number, number>());
	const stops = heard.map((of, i) => {
		const { desk, key } = desks[i] as DeskKey;
		// To hear of a later place is to hear of those before it.
		return listen(url, `/api/desks/${desk}/events`, key, (seq, when) => of.set(seq, when));
	});
	const memory: Memory[] = [];
	const from = performance.now();
	const look = setInterval(
		async () => memory.push({ at: performance.now() - from, kb: await residentKb(server.child.pid ?? 0) }),
		LOOK_EVERY_MS,
	);
	const saved: { readonly desk: number; readonly seq: number; readonly at: number }[] = [];
	await Promise.all(
		desks.map(async (desk, i) => {
			const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
			await wait(Math.random() * SAVE_EVERY_MS);
			while (performance.now() - from < FOR_MS) {
				const begun = performance.now();
				const seq = await save(desk);
				const ended = performance.now();
				waits.push(ended - begun);
				if (seq && i < SECOND_DEVICES) saved.push({ desk: i, seq, at: ended });
				await wait(SAVE_EVERY_MS * (0.5 + Math.random()) - (ended - begun));
			}
		}),
	);
	clearInterval(look);
	await new Promise((resolve) => setTimeout(resolve, 2500));
	for (const { desk, seq, at } of saved) {
		const when = [...(heard[desk] ?? [])].filter(([place]) => place >= seq).map(([, moment]) => moment);
		if (when.length) late.push(Math.max(0, Math.min(...when) - at));
		else unheard += 1;
	}
	for (const stop of stops) stop();
	let lost = 0;
	await inParallel(desks, 16, async ({ desk, key, versions }) => {
		const { body } = await ask(url, 'GET', `/api/desks/${desk}/works`, { key });
		const kept = new Map<string, number>(
			JSON.parse(body).works.map((one: { id: string; version: number }) => [one.id, one.version]),
		);
		for (const [id, version] of versions) if ((kept.get(id) ?? 0) < version) lost += 1;
	});
	server.child.kill('SIGTERM');
	await server.ended;
	rmSync(folder, { recursive: true, force: true });
	const inTime = late.filter((ms) => ms <= 2000).length / Math.max(1, late.length + unheard);
	return [
		{
			name: `a school’s hour: ${DESKS} desks, ${waits.length} saves, median of a save`,
			measured: `${median(waits).toFixed(1)} ms`,
			bar: '',
			met: true,
		},
		row('p99 of a save in it', percentile(waits, 0.99), { most: 100 }, 'ms'),
		row('events seen within 2 s', inTime * 100, { least: 99 }, '%'),
		row('acknowledged saves lost, and saves that failed', lost + failed, { most: 0 }, ''),
		row('memory grown over the last two thirds', grownOver(memory, FOR_MS) * 100, { most: 5 }, '%'),
	];
}
