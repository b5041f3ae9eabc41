import { mkdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { hostname } from 'node:os';
import { join } from 'node:path';
import { openSqlite } from '../src/keeping/database';
import { holdFolder } from '../src/keeping/hold-folder';
import { makeFolder } from './running';

const folder = makeFolder();

afterAll(() => folder.remove());

describe('a data folder', () => {
	it('is held by one server, and free again once that lets go', async () => {
		const data = join(folder.data, 'one');
		const letGo = await holdFolder(data);
		await expect(holdFolder(data)).rejects.toThrow(/^Another server uses .*DATA_DIR to another folder\.$/);
		await letGo();
		await (await holdFolder(data))();
	});

	it('is taken over at once from a server that was killed, and not from one of another machine', async () => {
		const data = join(folder.data, 'killed');
		const held = (host: string) => {
			mkdirSync(join(data, 'server.lock'), { recursive: true });
			// No process has so large a number.
			writeFileSync(join(data, 'holder.json'), JSON.stringify({ host, pid: 2 ** 22 + 1 }));
		};
		held('another-machine');
		await expect(holdFolder(data)).rejects.toThrow('Another server');
		held(hostname());
		await (await holdFolder(data))();
	});

	it('says so once it has lost its lock for good', async () => {
		const data = join(folder.data, 'lost');
		let lost = () => {};
		const isLost = new Promise<void>((resolve) => {
			lost = resolve;
		});
		await holdFolder(data, lost);
		rmSync(data, { recursive: true });
		await isLost;
		mkdirSync(data);
		await (await holdFolder(data))();
	});

	it('is read by nobody else on the machine', async () => {
		const data = join(folder.data, 'own');
		const db = await openSqlite(data);
		await db.destroy();
		expect(statSync(data).mode & 0o777).toBe(0o700);
		expect(statSync(join(data, 'tidy-sum.sqlite')).mode & 0o777).toBe(0o600);
	});
});
