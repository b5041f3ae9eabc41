import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pino from 'pino';
import { createApp } from '../../server/src/app';
import { openSqlite } from '../../server/src/keeping/database';
import { generationOf } from '../../server/src/keeping/generation';
import { backupsIn } from './backups';
import { askAt } from './device';
import type { Backups } from './two-devices';

/** A server in this process, over a SQLite file of its own, to which all requests without a host go from now on. */
export async function serverHere(): Promise<{ readonly backups: Backups; readonly close: () => Promise<void> }> {
	const folder = mkdtempSync(join(tmpdir(), 'tidy-sum-in-step-'));
	const app = join(folder, 'app');
	mkdirSync(app);
	writeFileSync(join(app, 'index.html'), '<!doctype html><title>Tidy Sum</title>');
	const db = await openSqlite(join(folder, 'data'));
	const served = createApp({
		db,
		log: pino({ level: 'silent' }),
		appFolder: app,
		version: '0',
		limitFactor: 1000,
		generation: () => generationOf(db),
	});
	const server = createServer(served.app.callback()).listen(0, '127.0.0.1');
	await new Promise((resolve) => server.once('listening', resolve));
	askAt(`http://127.0.0.1:${(server.address() as AddressInfo).port}`);
	return {
		backups: backupsIn(db, served.endStreams),
		close: async () => {
			server.closeAllConnections();
			await new Promise((resolve) => server.close(resolve));
			await db.destroy();
			rmSync(folder, { recursive: true, force: true });
		},
	};
}
