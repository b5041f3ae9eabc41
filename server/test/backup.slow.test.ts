import { spawnSync } from 'node:child_process';
import { copyFileSync, existsSync, mkdirSync, readdirSync, readFileSync, truncateSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import Sqlite from 'better-sqlite3';
import { FILE_NAME, openSqlite } from '../src/keeping/database';
import { makeFolder, startServer } from './running';
import { Asker } from './served';

jest.setTimeout(120_000);

const ROOT = join(__dirname, '..', '..');
const BODY = { exercise: 'new-snow', steps: [{ do: 'answer', text: '1.16' }] };

function run(script: 'backup' | 'restore', data: string, ...args: string[]) {
	const { status, stdout, stderr } = spawnSync(process.execPath, [join(ROOT, 'tools', `${script}.mjs`), ...args], {
		encoding: 'utf8',
		env: { ...process.env, DATA_DIR: data },
	});
	return { status, said: stdout + stderr };
}

describe('backups', () => {
	const folder = makeFolder();
	const env = { DATA_DIR: folder.data, APP_DIR: folder.app, LIMIT_FACTOR: '1000' };
	const at = (name: string) => join(folder.data, name);
	afterAll(folder.remove);

	it('hold all that was acknowledged before they began, while the server goes on saving', async () => {
		const running = await startServer(env);
		const asker = new Asker(running.url);
		const generation = async (url: string) =>
			(await new Asker(url, asker.key).get('/desks/desk-backup/works')).headers.get('x-generation') ?? '';
		await asker.keep('desk-backup', 'work-first', 0, BODY);
		const first = await generation(running.url);
		const acknowledged: string[] = [];
		let saving = true;
		const saved = Promise.all(
			Array.from({ length: 8 }, async (_, who) => {
				for (let i = 0; saving; i++)
					if ((await asker.keep('desk-backup', `work-${who}-${i}`, 0, BODY)).status === 200)
						acknowledged.push(`work-${who}-${i}`);
			}),
		);
		await new Promise((resolve) => setTimeout(resolve, 1500));
		const before = [...acknowledged];
		const backup = await new Promise<{ status: number | null; said: string }>((resolve) => {
			// In another process, so that saving goes on meanwhile.
			const child = require('node:child_process').spawn(
				process.execPath,
				[join(ROOT, 'tools', 'backup.mjs'), at('one.backup')],
				{ env: { ...process.env, DATA_DIR: folder.data } },
			);
			let said = '';
			child.stdout.on('data', (text: Buffer) => (said += text));
			child.stderr.on('data', (text: Buffer) => (said += text));
			child.on('close', (status: number | null) => resolve({ status, said }));
		});
		const after = acknowledged.length;
		saving = false;
		await saved;
		expect(backup).toEqual({ status: 0, said: `The backup is ${at('one.backup')}.\n` });
		expect(before.length).toBeGreaterThan(20);
		expect(after).toBeGreaterThan(before.length);

		// A server that runs keeps its database.
		expect(run('restore', folder.data, at('one.backup'))).toMatchObject({
			status: 1,
			said: expect.stringContaining('The server is running. Stop it first'),
		});
		running.child.kill('SIGTERM');
		await running.ended;
		const restored = run('restore', folder.data, at('one.backup'));
		expect(restored).toMatchObject({ status: 0, said: expect.stringContaining('is the database now') });
		const again = await startServer(env);
		const there = new Asker(again.url, asker.key);
		// A device learns of it by the generation, and is not believed where it counts in the one before.
		const late = await there.ask(
			'PUT',
			'/desks/desk-backup/works/work-late',
			{ base: 0, body: BODY },
			{ 'x-generation': first },
		);
		expect([late.status, late.body.error.code]).toEqual([412, 'generation']);
		expect(await generation(again.url)).not.toBe(first);
		const found = new Set<string>();
		for (let place = 0, more = true; more; ) {
			const { body } = await there.get(`/desks/desk-backup/works?after=${place}`);
			for (const { id } of body.works) found.add(id);
			({ seq: place, more } = body);
		}
		expect(before.filter((id) => !found.has(id))).toEqual([]);
		again.child.kill('SIGTERM');
		await again.ended;
		// What was there is kept, whole.
		const [old] = readdirSync(folder.data).filter((name) => /before-restore-.*\.sqlite$/.test(name));
		const db = new Sqlite(at(`${old}`), { readonly: true });
		expect(db.prepare('select count(*) from work where desk = ?').pluck().get('desk-backup')).toBe(
			acknowledged.length + 1,
		);
		db.close();
	});

	it('are not laid over a file, and nothing that is no backup is brought back', async () => {
		writeFileSync(at('words'), 'only words');
		expect(run('backup', folder.data, at('words'))).toMatchObject({
			status: 1,
			said: expect.stringContaining('Nothing was overwritten'),
		});
		new Sqlite(at('other')).exec('create table plants (name text)').close();
		const before = readFileSync(at(FILE_NAME));
		for (const [file, why] of [
			['words', 'file is not a database'],
			['other', 'it belongs to another program'],
			['nowhere', 'no such file'],
		])
			expect(run('restore', folder.data, at(`${file}`))).toMatchObject({
				status: 1,
				said: expect.stringMatching(new RegExp(`is not a backup of Tidy Sum: .*${why}.*Nothing was changed`)),
			});
		expect(readFileSync(at(FILE_NAME)).equals(before)).toBe(true);
		expect(run('backup', folder.data)).toMatchObject({
			status: 1,
			said: expect.stringContaining('npm run backup -- FILE'),
		});
	});

	it('bring a damaged database back', async () => {
		const data = join(folder.data, 'damaged');
		mkdirSync(data);
		copyFileSync(at('one.backup'), join(data, FILE_NAME));
		truncateSync(join(data, FILE_NAME), 40_000);
		await expect(openSqlite(data)).rejects.toThrow('left as it is');
		expect(run('restore', data, at('one.backup'))).toMatchObject({ status: 0 });
		await (await openSqlite(data)).destroy();
	});

	it('are made by themselves before a migration, and hold what was there', async () => {
		const data = join(folder.data, 'older');
		mkdirSync(data);
		const file = join(data, FILE_NAME);
		const older = new Sqlite(file);
		older.exec(`
			create table desk (id varchar(40) primary key, made varchar(30) not null);
			create table work (desk varchar(40) not null references desk(id), id varchar(40) not null, version integer not null,
				body text not null, kept varchar(30) not null, primary key (desk, id));
			create table knex_migrations (id integer primary key autoincrement, name varchar(255), batch integer, migration_time datetime);
			create table knex_migrations_lock ("index" integer primary key autoincrement, is_locked integer);
			insert into knex_migrations (name, batch) values ('001-desks-and-works', 1);
			insert into knex_migrations_lock (is_locked) values (0);
			insert into desk values ('desk-older', '2025-01-01T00:00:00.000Z');
			insert into work values ('desk-older', 'work-0001', 3, '${JSON.stringify(BODY)}', '2025-01-02T00:00:00.000Z');
			insert into work values ('desk-older', 'work-0002', 1, 'no JSON', '2025-01-01T00:00:00.000Z');
		`);
		older.close();
		const db = await openSqlite(data);
		expect(await db('work').orderBy('seq').select('id', 'seq', 'exercise', 'steps')).toEqual([
			{ id: 'work-0002', seq: 1, exercise: '', steps: 0 },
			{ id: 'work-0001', seq: 2, exercise: 'new-snow', steps: 1 },
		]);
		expect(await db('desk').first()).toMatchObject({ claimed: 0, seq: 2, pieces: 2 });
		await db.destroy();
		const copy = join(data, 'tidy-sum.before-002-keys-and-changes.sqlite');
		expect(existsSync(copy)).toBe(true);
		const before = new Sqlite(copy, { readonly: true });
		expect(before.prepare('select version from work order by id').pluck().all()).toEqual([3, 1]);
		before.close();
		// The way back, as docs/deploy.md has it: the copy is a backup like any other.
		expect(run('restore', data, copy)).toMatchObject({ status: 0 });
	});
});
