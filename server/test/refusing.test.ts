import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import pino from 'pino';
import { createApp } from '../src/app';
import { isDatabaseAway } from '../src/errors';
import { type Database, openSqlite } from '../src/keeping/database';
import { makeFolder } from './running';
import { Asker, newDesk, type ServedHere, serveOn } from './served';

const BODY = { exercise: 'new-snow', steps: [{ do: 'answer', text: '1.16' }] };

const folder = makeFolder();
let db: Database;
let served: ServedHere;
const said: string[] = [];

beforeAll(async () => {
	db = await openSqlite(folder.data);
	const log = pino({ level: 'debug' }, { write: (line: string) => said.push(line) });
	served = await serveOn(db, { log, secure: true });
});

afterAll(async () => {
	await served.close();
	await db.destroy();
	folder.remove();
});

describe('what it cannot take', () => {
	const path = '/desks/desk-0001/works/work-0009';
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
		['a version no database holds', path, { base: 2 ** 53 - 1, body: BODY }, undefined, 422, 'shape'],
		['a version past what both databases hold', path, { base: 2 ** 31 - 1, body: BODY }, undefined, 422, 'shape'],
		[
			'a text with a sign that PostgreSQL does not hold',
			path,
			{ base: 0, body: { ...BODY, steps: [{ do: 'answer', text: 'a\u0000b' }] } },
			undefined,
			422,
			'shape',
		],
		['an id it cannot be', '/desks/desk-0001/works/a.b', { base: 0, body: BODY }, undefined, 422, 'shape'],
		['a desk it cannot be', '/desks/x/works/work-0001', { base: 0, body: BODY }, undefined, 422, 'shape'],
	])('%s gets a code', async (_, where, body, headers, status, code) => {
		const reply = await new Asker(served.url).ask('PUT', where, body, headers);
		expect(reply).toMatchObject({ status, body: { error: { code, message: expect.stringMatching(/\.$/) } } });
	});

	it('an address or a method it does not have gets a code, and the server goes on', async () => {
		const asker = new Asker(served.url);
		expect((await asker.get('/nothing')).status).toBe(404);
		expect((await asker.ask('DELETE', '/health')).status).toBe(405);
		expect((await fetch(`${served.url}/%`)).status).toBe(400);
		expect(await asker.get('/health')).toMatchObject({ status: 200, body: { ok: true, version: '9.9.9' } });
	});

	it('tells a stranger of its health and of nothing it keeps', async () => {
		const { body } = await new Asker(served.url, null).get('/health');
		expect(Object.keys(body).sort()).toEqual(['ok', 'version']);
	});

	it('says that the disk is full, loses nothing it kept, and goes on once there is room', async () => {
		const asker = new Asker(served.url);
		const desk = newDesk();
		await asker.keep(desk, 'work-0001', 0, BODY);
		const { page_count: pages } = (await db.raw('pragma page_count'))[0];
		await db.raw(`pragma max_page_count = ${pages}`);
		const large = { ...BODY, steps: Array.from({ length: 900 }, () => ({ do: 'answer', text: 'x'.repeat(900) })) };
		expect(await asker.keep(desk, 'work-0002', 0, large)).toMatchObject({
			status: 507,
			body: { error: { code: 'full', message: expect.stringContaining('saved on your device') } },
		});
		expect((await asker.works(desk)).map(({ id }) => id)).toEqual(['work-0001']);
		await db.raw('pragma max_page_count = 1073741823');
		expect((await asker.keep(desk, 'work-0002', 0, large)).status).toBe(200);
	});

	it('writes no key, no code, no hash and no body into its log', async () => {
		const asker = new Asker(served.url);
		const desk = newDesk();
		await asker.keep(desk, 'work-0001', 0, { ...BODY, steps: [{ do: 'answer', text: 'seven cubits' }] });
		const { code } = (await asker.ask('POST', `/desks/${desk}/codes`)).body;
		await asker.ask('POST', '/joining', { code, hash: asker.hash, says: '' });
		await asker.keep(desk, 'work-0001', 5, { ...BODY, steps: [{ do: 'fly' }] });
		expect(said.length).toBeGreaterThan(4);
		for (const secret of [asker.key, asker.hash, code, 'cubits', 'fly']) expect(said.join('\n')).not.toContain(secret);
	});

	it('has browsers come by https alone where people come so', async () => {
		const { headers } = await new Asker(served.url).get('/health');
		expect(headers.get('strict-transport-security')).toContain('max-age=15552000');
	});

	it('does not fall over when the database does', async () => {
		const broken = new Proxy(() => {}, {
			apply: () => {
				throw new Error('the disk is gone');
			},
			get: (_, name) =>
				name === 'client' ? { config: { client: 'better-sqlite3' } } : () => Promise.reject(new Error('gone')),
		});
		const { app } = createApp({
			db: broken as unknown as Database,
			log: pino({ level: 'silent' }),
			appFolder: folder.app,
			version: '0',
		});
		const fallen = createServer(app.callback()).listen(0);
		const ask = async (path: string) => {
			const response = await fetch(`http://127.0.0.1:${(fallen.address() as AddressInfo).port}/api${path}`);
			const json = (await response.json()) as { readonly error?: { readonly code: string } };
			return [response.status, response.headers.get('retry-after'), json.error?.code];
		};
		const [ready, live, health] = [await ask('/health/ready'), await ask('/health/live'), await ask('/health')];
		fallen.closeAllConnections();
		await new Promise((resolve) => fallen.close(resolve));
		expect(ready).toEqual([503, '5', 'away']);
		expect(health).toEqual([503, '5', 'away']);
		expect(live).toEqual([200, null, undefined]);
	});

	it.each([
		['SQLite is locked by another program', { code: 'SQLITE_BUSY' }, true],
		['its file is damaged', { code: 'SQLITE_CORRUPT' }, true],
		['PostgreSQL shuts down', { code: '57P01' }, true],
		['a statement was given up', { code: '57014' }, true],
		['the connection is refused', { code: 'ECONNREFUSED' }, true],
		['no connection came in time', { name: 'KnexTimeoutError' }, true],
		['a value is not of its type', { code: '22P02' }, false],
		['a row is there already', { code: 'SQLITE_CONSTRAINT_UNIQUE' }, false],
		['a mistake of ours', new TypeError('x is not a function'), false],
	])('tells a database that is away from other errors: %s', (_, error, away) => {
		expect(isDatabaseAway(error)).toBe(away);
	});

	it('sends headers that leave no way to load, frame or send what is not ours', async () => {
		const { headers } = await fetch(served.url);
		expect(headers.get('content-security-policy')).toMatch(/base-uri 'none'.*form-action 'self'/);
		expect(headers.get('permissions-policy')).toContain('camera=()');
	});
});
