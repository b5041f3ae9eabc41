import { createHash } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { median, percentile, type Row, row } from '../measure';
import { ask, inParallel, newDeskKey, residentKb, startProcess } from './asking';
import { grownOver, listen, type Memory } from './listening';

const CLASSES = 20;
const SEATS = 30;
/** Each seat checks an answer about every 20 seconds, for three minutes. */
const CHECK_EVERY_MS = 20_000;
const FOR_MS = Number(process.env.CLASSES_MS ?? 180_000);
/** The floor is measured at the same rate, for a shorter while. */
const FLOOR_MS = FOR_MS / 3;
const LOOK_EVERY_MS = 2000;

/** The table that is opened: seats, exercises, tries at each. */
const TABLE = { seats: 32, exercises: 20, tries: 3 };
const OPENED = 15;

const HANDED = 'set-of-the-bench';

const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** A try as a device sends it, with a line of two factors. */
function tryAt(problem: number, when: number): string {
	const factor = (top: string, bottom: string) => ({
		top: { number: '2.54', unit: top },
		bottom: { number: '1', unit: bottom },
	});
	const made = {
		when,
		seconds: 40,
		right: when % 3 !== 0,
		slips: when % 3 ? [] : ['inverted'],
		nudges: 0,
		shown: false,
		answer: '12.7 mm/min',
		start: { top: { number: '30.0', unit: 'in' }, bottom: { number: '1', unit: 'h' } },
		factors: [factor('cm', 'in'), factor('mm', 'cm')],
	};
	return JSON.stringify({ tries: [{ handed: HANDED, problem, try: made }] });
}

type SeatHere = { readonly class: string; readonly key: string; readonly sent: Set<number> };
type ClassHere = { readonly id: string; readonly key: string; readonly seats: readonly SeatHere[] };

async function done(url: string, method: string, path: string, key: string, body?: unknown): Promise<string> {
	const reply = await ask(url, method, path, { key, ...(body === undefined ? {} : { body: JSON.stringify(body) }) });
	if (reply.status !== 200) throw new Error(`${method} ${path}: ${reply.status} ${reply.body}`);
	return reply.body;
}

/** A class with its seats, and a set handed out to them. */
async function classWith(url: string, seats: number, exercises: number): Promise<ClassHere> {
	const { desk: id, key } = newDeskKey();
	await done(url, 'PUT', `/api/classes/${id}`, key, { title: 'A class' });
	const { code } = JSON.parse(await done(url, 'PUT', `/api/classes/${id}/door`, key, { open: true }));
	const problems = Array.from({ length: exercises }, (_, i) => ({
		label: `${i + 1}`,
		text: 'Write 30.0 in/h in mm/min.',
	}));
	await done(url, 'PUT', `/api/classes/${id}/handed/${HANDED}`, key, {
		due: null,
		set: { tidySum: 1, title: 'A set', problems },
	});
	const taken: SeatHere[] = [];
	for (let i = 0; i < seats; i++) {
		const own = newDeskKey().key;
		await done(url, 'POST', '/api/seats', own, { code, hash: createHash('sha256').update(own).digest('hex') });
		taken.push({ class: id, key: own, sent: new Set() });
	}
	return { id, key, seats: taken };
}

/** Calls for each of a list about every 20 seconds, for a while; how long each call took, in milliseconds. */
async function often<T>(list: readonly T[], ms: number, each: (one: T) => Promise<void>): Promise<readonly number[]> {
	const waits: number[] = [];
	const from = performance.now();
	await Promise.all(
		list.map(async (one) => {
			await wait(Math.random() * CHECK_EVERY_MS);
			while (performance.now() - from < ms) {
				const begun = performance.now();
				await each(one);
				waits.push(performance.now() - begun);
				await wait(CHECK_EVERY_MS * (0.5 + Math.random()));
			}
		}),
	);
	return waits;
}

/** The floor: the same requests at the same rate to Koa and SQLite alone. */
async function floorP99(): Promise<number> {
	const folder = mkdtempSync(join(tmpdir(), 'tidy-sum-bench-'));
	const bare = await startProcess('tools/bench/server/bare-server.ts', { DATA_DIR: folder });
	const seats = Array.from({ length: CLASSES * SEATS }, newDeskKey);
	const waits = await often(seats, FLOOR_MS, async ({ desk, key }) => {
		const body = JSON.stringify({ base: 0, body: JSON.parse(tryAt(1, Date.now())) });
		await ask(bare.url, 'PUT', `/api/desks/${desk}/works/try-${Date.now()}`, { key, body });
	});
	bare.child.kill('SIGTERM');
	await bare.ended;
	rmSync(folder, { recursive: true, force: true });
	return percentile(waits, 0.99);
}

/** How long opening the table of a large class takes on the server: the class and all its tries, in milliseconds. */
async function opening(url: string): Promise<number> {
	const { id, key, seats } = await classWith(url, TABLE.seats, TABLE.exercises);
	await inParallel(seats, 8, async (seat) => {
		for (let problem = 0; problem < TABLE.exercises; problem++)
			for (let i = 0; i < TABLE.tries; i++)
				await done(url, 'POST', `/api/classes/${id}/tries`, seat.key, JSON.parse(tryAt(problem, 1000 + i)));
	});
	const times: number[] = [];
	for (let round = 0; round < OPENED; round++) {
		const from = performance.now();
		await done(url, 'GET', `/api/classes/${id}`, key);
		for (let after = 0, more = true; more; ) {
			const page = JSON.parse(await done(url, 'GET', `/api/classes/${id}/tries?after=${after}`, key));
			after = page.seq;
			more = page.more;
		}
		times.push(performance.now() - from);
	}
	return median(times);
}

/** Twenty classes at work at once, their tables open; and the table of a large class opened. One process and SQLite. */
export async function timeClasses(): Promise<readonly Row[]> {
	const floor = await floorP99();
	const folder = mkdtempSync(join(tmpdir(), 'tidy-sum-bench-'));
	const server = await startProcess('server/src/main.ts', { DATA_DIR: folder });
	const { url } = server;
	const classes: ClassHere[] = [];
	for (let i = 0; i < CLASSES; i++) classes.push(await classWith(url, SEATS, TABLE.exercises));
	const heard = new Map(classes.map(({ id }) => [id, [] as { readonly seq: number; readonly at: number }[]]));
	const stops = classes.map(({ id, key }) =>
		listen(url, `/api/classes/${id}/events`, key, (seq, at) => heard.get(id)?.push({ seq, at })),
	);
	const memory: Memory[] = [];
	const from = performance.now();
	const look = setInterval(
		async () => memory.push({ at: performance.now() - from, kb: await residentKb(server.child.pid ?? 0) }),
		LOOK_EVERY_MS,
	);
	let failed = 0;
	let when = Date.now();
	const sent: { readonly class: string; readonly at: number }[] = [];
	const waits = await often(
		classes.flatMap(({ seats }) => seats),
		FOR_MS,
		async (seat) => {
			when += 1;
			const made = when;
			const { status } = await ask(url, 'POST', `/api/classes/${seat.class}/tries`, {
				key: seat.key,
				body: tryAt(made % TABLE.exercises, made),
			});
			if (status !== 200) failed += 1;
			else {
				seat.sent.add(made);
				sent.push({ class: seat.class, at: performance.now() });
			}
		},
	);
	clearInterval(look);
	await wait(2500);
	for (const stop of stops) stop();
	// A table has heard of a try in time when an event came that reached as far, at most two seconds after it was kept.
	const counts = new Map<string, number>();
	const late = [...sent]
		.sort((a, b) => a.at - b.at)
		.filter(({ class: id, at }) => {
			const place = (counts.get(id) ?? 0) + 1;
			counts.set(id, place);
			return !heard.get(id)?.some((event) => event.seq >= place && event.at <= at + 2000);
		}).length;
	let wrong = 0;
	for (const { id, key, seats } of classes) {
		const kept: number[] = [];
		for (let after = 0, more = true; more; ) {
			const page = JSON.parse(await done(url, 'GET', `/api/classes/${id}/tries?after=${after}`, key));
			kept.push(...page.tries.map((one: { try: { when: number } }) => one.try.when));
			after = page.seq;
			more = page.more;
		}
		const all = new Set(kept);
		wrong += kept.length - all.size;
		for (const seat of seats) for (const one of seat.sent) if (!all.has(one)) wrong += 1;
	}
	const opened = await opening(url);
	server.child.kill('SIGTERM');
	await server.ended;
	rmSync(folder, { recursive: true, force: true });
	const p99 = percentile(waits, 0.99);
	return [
		{
			name: `${CLASSES} classes of ${SEATS}: ${waits.length} checks, median and p99 of a send`,
			measured: `${median(waits).toFixed(1)} and ${p99.toFixed(1)} ms`,
			bar: '',
			met: true,
		},
		row('p99 of a send, over that of bare Koa and SQLite', p99 / floor, { most: 2 }, '×'),
		row('tables that hear of a check within 2 s', 100 * (1 - late / Math.max(1, sent.length)), { least: 99.9 }, '%'),
		row('tries lost, kept twice or refused', wrong + failed, { most: 0 }, ''),
		row('memory grown in classes over the last two thirds', grownOver(memory, FOR_MS) * 100, { most: 5 }, '%'),
		row(
			`opening a table of ${TABLE.seats} × ${TABLE.exercises} with ${TABLE.tries} tries each, on the server`,
			opened,
			{ most: 60 },
			'ms',
		),
	];
}
