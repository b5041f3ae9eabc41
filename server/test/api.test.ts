import { createServer, get, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { gunzipSync } from 'node:zlib';
import { bookExercise, type Chain, type Exercise, goalOf } from '@tidy-sum/core';
import { check, readRoundCode, roundExercises } from '@tidy-sum/core/practice';
import {
	DEMO_DESK,
	errorSchema,
	healthSchema,
	type StoredWork,
	TERM_DESK,
	type WorkBody,
	worksSchema,
} from '@tidy-sum/schema';
import pino from 'pino';
import { createApp } from '../src/app';
import { type Database, openDatabase } from '../src/database';
import { DEMO_ROUND, layDemo } from '../src/demo';
import { makeFolder } from './running';

const folder = makeFolder();
let db: Database;
let server: Server;
let url: string;

beforeAll(async () => {
	db = await openDatabase(folder.data);
	const app = createApp({
		db,
		log: pino({ level: 'silent' }),
		appFolder: folder.app,
		version: '9.9.9',
		now: () => new Date('2026-02-03T04:05:06Z'),
	});
	server = createServer(app.callback()).listen(0, '127.0.0.1');
	await new Promise((resolve) => server.once('listening', resolve));
	url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});

afterAll(async () => {
	await new Promise((resolve) => server.close(resolve));
	await db.destroy();
	folder.remove();
});

const BODY: WorkBody = {
	exercise: 'new-snow',
	steps: [
		{ do: 'place', block: 'b1', factor: { top: { number: '2.54', unit: 'cm' }, bottom: { number: '1', unit: 'in' } } },
		{ do: 'turn', block: 'b1' },
		{ do: 'answer', text: '1.16 mm/min' },
	],
};

const UNDO = { do: 'undo' } as const;

async function put(
	path: string,
	body: unknown,
	headers: Record<string, string> = { 'content-type': 'application/json' },
) {
	const response = await fetch(url + path, {
		method: 'PUT',
		headers,
		body: typeof body === 'string' ? body : JSON.stringify(body),
	});
	return { status: response.status, body: await response.json() };
}

async function listed(desk: string) {
	return worksSchema.parse(await (await fetch(`${url}/api/desks/${desk}/works`)).json());
}

async function works(desk: string): Promise<readonly StoredWork[]> {
	return (await listed(desk)).works as StoredWork[];
}

/** Puts a row into the database as a version of the server long gone may have left it. */
async function leave(desk: string, id: string, body: string): Promise<void> {
	await db('desk').insert({ id: desk, made: '2020' }).onConflict('id').ignore();
	await db('work').insert({ desk, id, version: 1, body, kept: '2020-01-01T00:00:00.000Z' });
}

describe('health', () => {
	it('says it is well, its version and how much is kept', async () => {
		const response = await fetch(`${url}/api/health`);
		expect(response.status).toBe(200);
		const health = healthSchema.parse(await response.json());
		expect(health).toMatchObject({ ok: true, version: '9.9.9' });
		expect(response.headers.get('cache-control')).toBe('no-store');
	});
});

describe('keeping work', () => {
	it('gives back just what was kept', async () => {
		const kept = await put('/api/desks/desk-0001/works/work-0001', { base: 0, body: BODY });
		expect(kept).toEqual({
			status: 200,
			body: { id: 'work-0001', version: 1, body: BODY, kept: '2026-02-03T04:05:06.000Z' },
		});
		expect(await works('desk-0001')).toEqual([kept.body]);
	});

	it('takes the same version twice as once', async () => {
		for (let i = 0; i < 2; i++)
			expect(await put('/api/desks/desk-0002/works/work-0001', { base: 0, body: BODY })).toMatchObject({
				status: 200,
				body: { version: 1 },
			});
		expect(await works('desk-0002')).toHaveLength(1);
	});

	it('counts versions up, and overwrites nothing that it does not follow', async () => {
		const path = '/api/desks/desk-0003/works/work-0001';
		const mine = { ...BODY, steps: [...BODY.steps, UNDO] };
		const theirs = { ...BODY, steps: BODY.steps.slice(0, 1) };
		await put(path, { base: 0, body: BODY });
		expect(await put(path, { base: 1, body: mine })).toMatchObject({ status: 200, body: { version: 2 } });
		expect(await put(path, { base: 1, body: theirs })).toMatchObject({
			status: 409,
			body: { error: { code: 'conflict' }, kept: { version: 2, body: mine } },
		});
		expect((await works('desk-0003'))[0]?.body).toEqual(mine);
	});

	it('keeps one of two versions sent at once, and tells the other', async () => {
		const path = '/api/desks/desk-0004/works/work-0001';
		const sent = await Promise.all(
			[1, 2].map((many) => put(path, { base: 0, body: { ...BODY, steps: BODY.steps.slice(0, many) } })),
		);
		expect(sent.map(({ status }) => status).sort()).toEqual([200, 409]);
	});

	it('keeps a version that follows one this server never had', async () => {
		expect(await put('/api/desks/desk-0005/works/work-0001', { base: 7, body: BODY })).toMatchObject({
			status: 200,
			body: { version: 1 },
		});
	});

	it('keeps the tries at an exercise with it, and refuses what is none with its place', async () => {
		const path = '/api/desks/desk-0008/works/work-0001';
		const made = {
			when: 1_800_000_000_000,
			seconds: 42,
			right: false,
			slips: ['flipped-factor'],
			nudges: 1,
			shown: false,
			answer: '9.73e-7 ft/s',
			start: { number: '18.5', unit: 'mi/h' },
			factors: [{ top: { number: '1', unit: 'mi' }, bottom: { number: '5280', unit: 'ft' } }],
		};
		const body = { ...BODY, exercise: 'round-910kh26fgh-02', tries: [made, { ...made, start: null, factors: [] }] };
		expect(await put(path, { base: 0, body })).toMatchObject({ status: 200 });
		expect((await works('desk-0008'))[0]?.body).toEqual(body);
		for (const wrong of [{ seconds: -1 }, { slips: 'flipped' }, { when: 'today' }, { factors: [{ top: 5 }] }])
			expect(await put(path, { base: 1, body: { ...body, tries: [{ ...made, ...wrong }] } })).toMatchObject({
				status: 422,
				body: { error: { code: 'shape' } },
			});
		const many = Array.from({ length: 101 }, () => made);
		expect(await put(path, { base: 1, body: { ...body, tries: many } })).toMatchObject({ status: 422 });
	});

	it('keeps work of before undo was a step, as if the rest had been undone', async () => {
		const kept = await put('/api/desks/desk-0009/works/work-0001', { base: 0, body: { ...BODY, at: 2 } });
		expect(kept).toMatchObject({ status: 200, body: { body: { steps: [...BODY.steps, UNDO] } } });
		await leave('desk-0009', 'work-0002', JSON.stringify({ ...BODY, at: 1 }));
		const old = (await works('desk-0009')).find(({ id }) => id === 'work-0002');
		expect(old?.body.steps).toEqual([...BODY.steps, UNDO, UNDO]);
	});

	it('sets a piece aside that it cannot read, tells of it, and keeps it beside the others', async () => {
		await put('/api/desks/desk-0010/works/work-0001', { base: 0, body: BODY });
		await leave('desk-0010', 'work-0002', '{"exercise":"new-snow","steps":[{"do":"fly"}]}');
		await leave('desk-0010', 'work-0003', 'no JSON at all');
		const { works: read, aside } = await listed('desk-0010');
		expect(read).toMatchObject([{ id: 'work-0001' }]);
		expect([...aside].sort()).toEqual(['work-0002', 'work-0003']);
		expect(await put('/api/desks/desk-0010/works/work-0002', { base: 0, body: BODY })).toMatchObject({
			status: 409,
			body: { error: { code: 'unreadable' } },
		});
		expect(await db('work').where({ desk: 'desk-0010', id: 'work-0003' }).first()).toMatchObject({
			body: 'no JSON at all',
		});
	});

	it('keeps desks apart', async () => {
		await put('/api/desks/desk-0006/works/work-0001', { base: 0, body: BODY });
		expect(await works('desk-0007')).toEqual([]);
	});
});

describe('what it cannot take', () => {
	const path = '/api/desks/desk-0001/works/work-0009';
	it.each<[string, string, unknown, Record<string, string> | undefined, number, string]>([
		['a body that is not JSON', path, '{"base":', undefined, 400, 'not-json'],
		['a body of another type', path, 'base=0', { 'content-type': 'text/plain' }, 415, 'not-json'],
		[
			'a body that is too large',
			path,
			{ base: 0, body: { ...BODY, steps: [{ do: 'answer', text: 'x'.repeat(3_200_000) }] } },
			undefined,
			413,
			'too-large',
		],
		['a body of the wrong shape', path, { base: -1, body: BODY }, undefined, 422, 'shape'],
		['a step it does not know', path, { base: 0, body: { ...BODY, steps: [{ do: 'fly' }] } }, undefined, 422, 'shape'],
		['a count of steps past the last', path, { base: 0, body: { ...BODY, at: 4 } }, undefined, 422, 'shape'],
		['an id it cannot be', '/api/desks/desk-0001/works/a.b', { base: 0, body: BODY }, undefined, 422, 'shape'],
		['a desk it cannot be', '/api/desks/x/works/work-0001', { base: 0, body: BODY }, undefined, 422, 'shape'],
	])('%s gets a code', async (_, where, body, headers, status, code) => {
		const reply = await put(where, body, headers);
		expect(reply).toMatchObject({ status, body: { error: { code, message: expect.stringMatching(/\.$/) } } });
	});

	it('an address or a method it does not have gets a code, and the server goes on', async () => {
		expect((await fetch(`${url}/api/nothing`)).status).toBe(404);
		expect((await fetch(`${url}/api/health`, { method: 'DELETE' })).status).toBe(405);
		expect((await fetch(`${url}/%`)).status).toBe(400);
		expect((await fetch(`${url}/api/health`)).status).toBe(200);
	});

	it('does not fall over when the database does', async () => {
		const fallen = createServer(
			createApp({
				db: (() => {
					throw new Error('the disk is gone');
				}) as unknown as Database,
				log: pino({ level: 'silent' }),
				appFolder: folder.app,
				version: '0',
			}).callback(),
		).listen(0);
		const response = await fetch(`http://127.0.0.1:${(fallen.address() as AddressInfo).port}/api/health`);
		expect([response.status, errorSchema.parse(await response.json()).error.code]).toEqual([500, 'server-fault']);
		await new Promise((resolve) => fallen.close(resolve));
	});
});

describe('serving the app', () => {
	it('gives the page for any address of the app, to be asked for anew', async () => {
		for (const path of ['/', '/desk/new-snow']) {
			const response = await fetch(url + path, { headers: { accept: 'text/html' } });
			expect([response.status, response.headers.get('cache-control')]).toEqual([200, 'no-cache']);
			expect(await response.text()).toContain('<title>Tidy Sum</title>');
		}
	});

	it('gives hashed files for a year, compressed', async () => {
		const { headers, data } = await new Promise<{ headers: Record<string, unknown>; data: Buffer }>((resolve) => {
			get(`${url}/_expo/static/entry-abc.js`, { headers: { 'accept-encoding': 'gzip' } }, (response) => {
				const parts: Buffer[] = [];
				response.on('data', (part) => parts.push(part));
				response.on('end', () => resolve({ headers: response.headers, data: Buffer.concat(parts) }));
			});
		});
		expect(headers).toMatchObject({
			'cache-control': 'public, max-age=31536000, immutable',
			'content-encoding': 'gzip',
		});
		expect(gunzipSync(data).toString()).toContain('a script');
	});

	it('does not give the page for a file that is not there, nor a file outside its folder', async () => {
		expect((await fetch(`${url}/missing.js`, { headers: { accept: 'text/html' } })).status).toBe(404);
		const outside = await fetch(`${url}/..%2f..%2fpackage.json`, { headers: { accept: '*/*' } });
		expect(await outside.text()).not.toContain('workspaces');
	});

	it('sends headers that keep other sites out', async () => {
		const { headers } = await fetch(url, { headers: { accept: 'text/html' } });
		expect(headers.get('content-security-policy')).toContain("default-src 'self'");
		expect(headers.get('x-content-type-options')).toBe('nosniff');
		expect(headers.get('x-powered-by')).toBeNull();
	});
});

describe('the demo', () => {
	it('has a Round whose tries are judged as the check judges them', async () => {
		await layDemo(db, new Date('2026-02-03T04:05:06Z'));
		const plan = readRoundCode(DEMO_ROUND);
		const made = plan.ok ? roundExercises(plan.value) : plan;
		if (!made.ok) throw new Error(made.fault.message);
		const round = (await works(DEMO_DESK)).filter(({ id }) => id.startsWith('demo-round'));
		expect(round).toHaveLength(4);
		for (const { body } of round) {
			const exercise = made.value[Number(body.exercise.slice(-2)) - 1] as Exercise;
			expect(body.exercise).toMatch(new RegExp(`^round-${DEMO_ROUND}-`));
			for (const { answer, start, factors, right, slips } of body.tries ?? []) {
				const chain = { start, factors, want: goalOf(exercise) } as Chain;
				const judged = check(exercise, answer, chain);
				expect(judged).toMatchObject({ ok: true, value: { right, first: slips[0] ?? null } });
			}
		}
	});

	it('marks the quantities of a problem where the book has them', async () => {
		await layDemo(db, new Date());
		const tank = (await works(DEMO_DESK)).find(({ id }) => id === 'demo-nutrient-tank');
		const [placed] = tank?.body.steps ?? [];
		if (placed?.do !== 'together') throw new Error('the places are given with one touch');
		const marked = placed.steps.flatMap((step) => (step.do === 'mark' ? { at: step.at, role: step.role } : []));
		expect(marked).toEqual(bookExercise('nutrient-tank')?.marks);
	});

	it('has a desk with a term’s work, each try judged as the check judges it, and slips that become rarer', async () => {
		const now = Date.UTC(2026, 1, 3);
		await layDemo(db, new Date(now));
		const term = (await works(TERM_DESK)).filter(({ id }) => id.startsWith('term-'));
		expect(term.length).toBeGreaterThan(200);
		const tries = term.flatMap(({ body }) => {
			const exercise = body.posed ?? bookExercise(body.exercise);
			if (!exercise) throw new Error(`${body.exercise} is not there`);
			return (body.tries ?? []).map((one) => ({ ...one, exercise }));
		});
		for (const { exercise, answer, start, factors, right, slips } of tries) {
			const judged = check(exercise, answer, start ? { start, factors, want: goalOf(exercise) ?? '' } : undefined);
			expect(judged).toMatchObject({ ok: true, value: { right, first: slips[0] ?? null } });
		}
		// Nothing lies in the time to come, and a term is behind it.
		const whens = tries.map(({ when }) => when);
		expect(Math.max(...whens)).toBeLessThan(now);
		expect(Math.min(...whens)).toBeLessThan(now - 90 * 86_400_000);
		const half = now - 49 * 86_400_000;
		const wrong = (of: typeof tries) => of.filter(({ right }) => !right).length / of.length;
		expect(wrong(tries.filter(({ when }) => when < half))).toBeGreaterThan(
			wrong(tries.filter(({ when }) => when >= half)),
		);
		expect(new Set(tries.flatMap(({ slips }) => slips[0] ?? [])).size).toBeGreaterThan(2);
	});

	it('is laid once, and stays as it is: a change is refused, whoever sends it', async () => {
		await layDemo(db, new Date());
		const before = await works(DEMO_DESK);
		// Three pieces of the book and four exercises of the Round.
		expect(before).toHaveLength(10);
		const [first] = before;
		for (const [id, base] of [
			[first?.id, 1],
			['work-of-mine', 0],
		])
			expect(await put(`/api/desks/${DEMO_DESK}/works/${id}`, { base, body: BODY })).toMatchObject({
				status: 403,
				body: { error: { code: 'read-only' } },
			});
		await layDemo(db, new Date());
		expect(await works(DEMO_DESK)).toEqual(before);
	});
});
