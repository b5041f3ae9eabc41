import { chmodSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { readConfig, StartFault } from '../src/config';
import { makeFolder, startAndEnd, startServer } from './running';
import { Asker } from './served';

// Starting a process takes as long as the machine needs; nothing here is about time.
jest.setTimeout(60_000);

describe('readConfig', () => {
	it('has sensible values for everything', () => {
		expect(readConfig({}, '/home/tidy')).toEqual({
			host: '127.0.0.1',
			port: 4310,
			dataFolder: '/home/tidy/data',
			appFolder: '/home/tidy/app/dist',
			logLevel: 'info',
			demo: true,
			databaseUrl: null,
			proxies: 0,
			specimen: false,
			publicUrl: null,
			limitFactor: 1,
			metricsPort: null,
			backupEveryMs: null,
			backupKeep: 14,
			backupFolder: '/home/tidy/data/backups',
			diskLimit: null,
			keepDays: null,
		});
	});

	it.each([
		[{ PORT: 'http' }, /PORT should be a whole number/],
		[{ PORT: '70000' }, /PORT should be a whole number/],
		[{ HOST: ' ' }, /HOST is empty/],
		[{ DATA_DIR: '' }, /DATA_DIR is empty/],
		[{ LOG_LEVEL: 'loud' }, /LOG_LEVEL should be/],
		[{ DEMO: 'maybe' }, /DEMO should be/],
		[{ DATABASE_URL: 'mysql://here' }, /DATABASE_URL should begin with postgres/],
		[{ TRUST_PROXY: 'yes' }, /TRUST_PROXY should be how many/],
		[{ PUBLIC_URL: 'school' }, /PUBLIC_URL should be the address/],
		[{ LIMIT_FACTOR: '-1' }, /LIMIT_FACTOR should be/],
		[{ METRICS_PORT: 'yes' }, /METRICS_PORT should be/],
		// Longer than a timer of a process can wait.
		[{ BACKUP_EVERY: '600' }, /BACKUP_EVERY should be a whole number of hours, up to 500/],
		[{ BACKUP_KEEP: '0' }, /BACKUP_KEEP should be/],
		[{ DISK_LIMIT: '1.5' }, /DISK_LIMIT should be a whole number of megabytes/],
		[{ KEEP_DAYS: '3' }, /KEEP_DAYS should be a whole number of days, from 10/],
	])('says what is wrong with %j', (env, message) => {
		expect(() => readConfig(env, '/')).toThrow(StartFault);
		expect(() => readConfig(env, '/')).toThrow(message);
	});
});

const WORDS = 'this is no database, only a few words in a file '.repeat(100);

describe('the server as a process', () => {
	const folder = makeFolder();
	const env = { DATA_DIR: folder.data, APP_DIR: folder.app };
	afterAll(folder.remove);

	it('loses nothing it had acknowledged when it is killed, and ends well with a device that listens', async () => {
		const first = await startServer(env);
		const asker = new Asker(first.url);
		const acknowledged: string[] = [];
		const body = { exercise: 'new-snow', steps: [{ do: 'answer', text: '1.16' }] };
		for (let i = 0; i < 40; i++)
			if ((await asker.keep('desk-kill', `work-00${i}`, 0, body)).status === 200) acknowledged.push(`work-00${i}`);
		first.child.kill('SIGKILL');
		await first.ended;
		const second = await startServer(env);
		const again = new Asker(second.url, asker.key);
		const { works } = (await again.get('/desks/desk-kill/works')).body;
		expect(acknowledged).toHaveLength(40);
		expect(works.map(({ id }: { id: string }) => id).sort()).toEqual(acknowledged.sort());
		const listening = await fetch(`${second.url}/api/desks/desk-kill/events`, {
			headers: { authorization: `Bearer ${asker.key}` },
		});
		expect(listening.status).toBe(200);
		second.child.kill('SIGTERM');
		expect(await second.ended).toBe(0);
		await listening.text();
	});

	it('ends well on SIGTERM, and lays the demo only where it may', async () => {
		const running = await startServer({ ...env, DEMO: 'no' });
		expect(running.output()).not.toContain('?desk=');
		running.child.kill('SIGTERM');
		expect(await running.ended).toBe(0);
	});

	it('says that the port is taken, and exits with 1', async () => {
		const other = createServer().listen(0, '127.0.0.1');
		await new Promise((resolve) => other.once('listening', resolve));
		const { port } = other.address() as { port: number };
		const { code, output } = await startAndEnd({ ...env, PORT: `${port}` });
		expect(code).toBe(1);
		expect(output).toContain(`Another program uses port ${port} on 127.0.0.1`);
		await new Promise((resolve) => other.close(resolve));
	});

	it('says that the data folder cannot be written, and exits with 1', async () => {
		const file = join(folder.data, 'not-a-folder');
		mkdirSync(folder.data, { recursive: true });
		writeFileSync(file, '');
		chmodSync(file, 0o444);
		const { code, output } = await startAndEnd({ ...env, DATA_DIR: join(file, 'data') });
		expect(code).toBe(1);
		expect(output).toMatch(/data folder .* cannot be written/);
	});

	it('says that the database cannot be opened, and exits with 1', async () => {
		const broken = join(folder.data, 'broken');
		mkdirSync(broken, { recursive: true });
		writeFileSync(join(broken, 'tidy-sum.sqlite'), WORDS);
		const { code, output } = await startAndEnd({ ...env, DATA_DIR: broken });
		expect(code).toBe(1);
		expect(output).toContain('cannot be opened');
		expect(output).toContain('left as it is');
		expect(readFileSync(join(broken, 'tidy-sum.sqlite'), 'utf8')).toBe(WORDS);
		expect(readdirSync(broken)).toEqual(['tidy-sum.sqlite']);
	});

	it('says that the app is not built, and exits with 1', async () => {
		const { code, output } = await startAndEnd({ ...env, APP_DIR: join(folder.data, 'nowhere') });
		expect(code).toBe(1);
		expect(output).toContain('not built yet');
	});
});
