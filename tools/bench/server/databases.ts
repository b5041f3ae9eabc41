import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { postgresBin, startPostgres } from '../../../server/test/postgres';

/** A database for one part of the bench: what the server is started with, and what takes it away. */
export type DatabaseHere = {
	readonly name: 'SQLite' | 'PostgreSQL';
	readonly env: Readonly<Record<string, string>>;
	readonly end: () => void;
};

/** A fresh database of each kind that this machine has; PostgreSQL sorts as people do, not by bytes. */
export async function databasesHere(): Promise<readonly DatabaseHere[]> {
	const folder = mkdtempSync(join(tmpdir(), 'tidy-sum-bench-'));
	const remove = () => rmSync(folder, { recursive: true, force: true });
	const sqlite: DatabaseHere = { name: 'SQLite', env: { DATA_DIR: folder }, end: remove };
	const bin = postgresBin();
	if (!bin) return [sqlite];
	const cluster = await startPostgres(bin);
	const env = { DATABASE_URL: await cluster.makeDatabase(), DATA_DIR: folder };
	return [sqlite, { name: 'PostgreSQL', env, end: cluster.stop }];
}
