import { mkdirSync, readdirSync, writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import pino from 'pino';
import { createApp } from '../src/app';
import { FILE_NAME, openSqlite } from '../src/keeping/database';
import { backUpInto } from '../src/keeping/scheduled-backups';
import { makeFolder } from './running';
import { Asker, KINDS, newDesk, type ServedHere } from './served';

const BODY = { exercise: 'new-snow', steps: [{ do: 'answer', text: 'a secret of mine' }] };

describe.each(KINDS)('what an operator is told on $name', (kind) => {
	let served: ServedHere;
	const lines: string[] = [];

	beforeAll(async () => {
		await kind.open();
		const log = pino({ level: 'info' }, { write: (line: string) => void lines.push(line) });
		served = await kind.serve({ log });
	});

	afterAll(() => kind.close());

	it('every event of security is a line with the id of its request, and without a key, a code or a text', async () => {
		const asker = new Asker(served.url);
		const desk = newDesk();
		await asker.keep(desk, 'work-0001', 0, BODY);
		lines.length = 0;
		const { body: made } = await asker.ask('POST', `/desks/${desk}/codes`);
		const other = new Asker(served.url);
		await other.ask('POST', '/joining', { code: made.code, hash: other.hash, says: 'Phone' });
		const { devices } = (await other.get(`/desks/${desk}/keys`)).body;
		await asker.ask('DELETE', `/desks/${desk}/keys/${devices.find(({ here }: { here: boolean }) => here).id}`);
		const refused = await other.get(`/desks/${desk}/works`);
		await other.get(`/desks/${desk}/works`);
		await asker.ask('DELETE', `/desks/${desk}`);
		const events = lines.map((line) => JSON.parse(line)).filter(({ security }) => security);
		// Of keys that do not fit the first is said, and then how many there were, once a minute.
		expect(events.map(({ security }) => security)).toEqual([
			'code-made',
			'code-used',
			'key-shut-out',
			'key-refused',
			'desk-erased',
		]);
		expect(events[3].request).toBe(refused.headers.get('x-request-id'));
		const all = lines.join('');
		for (const secret of [asker.key, asker.hash, other.key, other.hash, made.code, 'a secret of mine'])
			expect(all).not.toContain(secret);
	});
});

describe('a database that is brought to the newest migration', () => {
	it('tells which were made, and nothing where there are none left', async () => {
		const folder = makeFolder();
		const told: (readonly string[])[] = [];
		await (await openSqlite(folder.data, (names) => told.push(names))).destroy();
		await (await openSqlite(folder.data, (names) => told.push(names))).destroy();
		expect(told).toHaveLength(1);
		expect(told[0]?.length).toBeGreaterThan(4);
		folder.remove();
	});
});

describe('metrics', () => {
	it('tell of requests by their row, of streams, of the pool and of what is kept, and name nobody', async () => {
		const folder = makeFolder();
		const db = await openSqlite(folder.data);
		const { app, metrics } = createApp({
			db,
			log: pino({ level: 'silent' }),
			appFolder: folder.app,
			version: '0',
			metered: true,
		});
		const server = app.listen(0, '127.0.0.1');
		if (!metrics) throw new Error('the server is not metered');
		const own = metrics.serve().listen(0, '127.0.0.1');
		await new Promise((resolve) => own.once('listening', resolve));
		const at = (of: typeof server) => `http://127.0.0.1:${(of.address() as AddressInfo).port}`;
		const asker = new Asker(at(server));
		const desk = newDesk();
		await asker.keep(desk, 'work-0001', 0, BODY);
		const read = await fetch(`${at(own)}/metrics`);
		const text = await read.text();
		expect(read.headers.get('content-type')).toContain('text/plain');
		expect(text).toContain(
			'tidy_sum_request_seconds_count{method="PUT",route="/api/desks/:desk/works/:id",status="200"} 1',
		);
		expect(text).toContain('tidy_sum_kept{of="pieces"} 1');
		expect(text).toContain('tidy_sum_streams 0');
		expect(text).not.toContain(desk);
		expect((await fetch(`${at(own)}/`)).status).toBe(404);
		// The port of the app has no metrics.
		expect((await fetch(`${at(server)}/metrics`)).headers.get('content-type')).not.toContain('version=0.0.4');
		for (const one of [server, own]) await new Promise((resolve) => one.close(resolve));
		await db.destroy();
		folder.remove();
	});
});

describe('backups by schedule', () => {
	it('are kept as many as are asked for, the oldest go first, and nothing else is taken away', async () => {
		const folder = makeFolder();
		const db = await openSqlite(folder.data);
		const to = join(folder.data, 'backups');
		mkdirSync(to);
		writeFileSync(join(to, 'mine.sqlite'), '');
		const make = (day: number) =>
			backUpInto({
				file: join(folder.data, FILE_NAME),
				to,
				keep: 2,
				now: new Date(Date.UTC(2026, 2, day)),
			});
		for (const day of [1, 2, 3]) await make(day);
		const there = ['mine.sqlite', 'tidy-sum.2026-03-02T00-00-00.sqlite', 'tidy-sum.2026-03-03T00-00-00.sqlite'];
		expect(readdirSync(to).sort()).toEqual(there);
		// One that cannot be made takes none away.
		await expect(make(3)).rejects.toThrow('Nothing was overwritten');
		expect(readdirSync(to).sort()).toEqual(there);
		await db.destroy();
		folder.remove();
	});
});
