import { execFileSync, spawnSync } from 'node:child_process';
import { chownSync, existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';

const DEBIAN = '/usr/lib/postgresql';

/** The folder of PostgreSQL's own programs, as Debian has them; null where it is not installed. */
export function postgresBin(): string | null {
	const versions = existsSync(DEBIAN) ? readdirSync(DEBIAN).sort((a, b) => Number(b) - Number(a)) : [];
	return versions.map((version) => join(DEBIAN, version, 'bin')).find((bin) => existsSync(join(bin, 'initdb'))) ?? null;
}

async function freePort(): Promise<number> {
	const server = createServer().listen(0, '127.0.0.1');
	await new Promise((resolve) => server.once('listening', resolve));
	const { port } = server.address() as { port: number };
	await new Promise((resolve) => server.close(resolve));
	return port;
}

/** A PostgreSQL of one's own in a folder of its own, on the loopback. */
export type Cluster = {
	/** Makes an empty database, and gives its address. */
	readonly makeDatabase: () => Promise<string>;
	readonly stop: () => void;
};

/** Starts a PostgreSQL of one's own; as root it runs as Debian's user for it, since it will not run as root. */
export async function startPostgres(bin: string): Promise<Cluster> {
	const folder = mkdtempSync(join(tmpdir(), 'tidy-sum-postgres-'));
	const isRoot = process.getuid?.() === 0;
	if (isRoot) {
		const [, , uid, gid] = execFileSync('getent', ['passwd', 'postgres'], { encoding: 'utf8' }).split(':');
		chownSync(folder, Number(uid), Number(gid));
	}
	const run = (program: string, ...args: string[]) => {
		const command = [join(bin, program), ...args];
		const [first, ...rest] = isRoot ? ['runuser', '-u', 'postgres', '--', ...command] : command;
		const ended = spawnSync(first as string, rest, { encoding: 'utf8', cwd: folder });
		if (ended.status !== 0) throw new Error(`${program} ended with ${ended.status}: ${ended.stderr}`);
	};
	const data = join(folder, 'data');
	// Sorted as people do in a country, as most databases are, and not by bytes.
	const collation = ['--locale=C.UTF-8', '--locale-provider=icu', '--icu-locale=en-US'];
	run('initdb', '-D', data, '-A', 'trust', '-U', 'tidy', '--no-sync', '-E', 'UTF8', ...collation);
	const port = await freePort();
	const options = `-p ${port} -c listen_addresses=127.0.0.1 -c unix_socket_directories=${folder} -c fsync=off`;
	run('pg_ctl', '-D', data, '-o', options, '-l', join(folder, 'log'), '-w', 'start');
	const address = (name: string) => `postgres://tidy@127.0.0.1:${port}/${name}`;
	let made = 0;
	return {
		makeDatabase: async () => {
			made += 1;
			const client = new pg.Client({ connectionString: address('postgres') });
			await client.connect();
			await client.query(`create database kept${made}`);
			await client.end();
			return address(`kept${made}`);
		},
		stop: () => {
			run('pg_ctl', '-D', data, '-m', 'immediate', 'stop');
			rmSync(folder, { recursive: true, force: true });
		},
	};
}
