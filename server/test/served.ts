import { randomBytes } from 'node:crypto';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import pino, { type Logger } from 'pino';
import { type AppParts, createApp } from '../src/app';
import { type Database, openPostgres, openSqlite } from '../src/keeping/database';
import { hashOf } from '../src/keeping/desks';
import { type Events, eventsHere, eventsOfPostgres } from '../src/keeping/events';
import { type Cluster, postgresBin, startPostgres } from './postgres';
import { makeFolder } from './running';

/** Making a PostgreSQL takes some seconds on a busy machine. */
jest.setTimeout(60_000);

/** A server in this process, with a database of its own. */
export type ServedHere = {
	readonly url: string;
	readonly db: Database;
	readonly events: Events;
	readonly close: () => Promise<void>;
};

/** Serves on a database that is open already. */
export async function serveOn(db: Database, more: Partial<AppParts> = {}): Promise<ServedHere> {
	const folder = makeFolder();
	const events = more.events ?? eventsHere();
	const { app, endStreams } = createApp({
		db,
		events,
		log: pino({ level: 'silent' }),
		appFolder: folder.app,
		version: '9.9.9',
		...more,
	});
	const server = createServer(app.callback()).listen(0, '127.0.0.1');
	await new Promise((resolve) => server.once('listening', resolve));
	return {
		url: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
		db,
		events,
		close: async () => {
			endStreams();
			server.closeAllConnections();
			await new Promise((resolve) => server.close(resolve));
			await events.close();
			folder.remove();
		},
	};
}

/** A kind of database the server runs on: it gives servers that share one, each as a process of its own would be. */
export type Kind = {
	readonly name: string;
	readonly open: () => Promise<void>;
	readonly serve: (more?: Partial<AppParts>) => Promise<ServedHere>;
	readonly close: () => Promise<void>;
};

function sqliteKind(): Kind {
	let folder: ReturnType<typeof makeFolder>;
	let db: Database;
	const served: ServedHere[] = [];
	return {
		name: 'SQLite',
		open: async () => {
			folder = makeFolder();
			db = await openSqlite(folder.data);
		},
		serve: async (more) => {
			const one = await serveOn(db, { events: eventsHere(), ...more });
			served.push(one);
			return one;
		},
		close: async () => {
			for (const one of served) await one.close();
			await db.destroy();
			folder.remove();
		},
	};
}

function postgresKind(bin: string): Kind {
	let cluster: Cluster;
	let address: string;
	const dbs: Database[] = [];
	const served: ServedHere[] = [];
	const quiet: Logger = pino({ level: 'silent' });
	return {
		name: 'PostgreSQL',
		open: async () => {
			cluster = await startPostgres(bin);
			address = await cluster.makeDatabase();
		},
		serve: async (more) => {
			const db = await openPostgres(address);
			dbs.push(db);
			const one = await serveOn(db, { events: await eventsOfPostgres(address, quiet), ...more });
			served.push(one);
			return one;
		},
		close: async () => {
			for (const one of served) await one.close();
			for (const db of dbs) await db.destroy();
			cluster.stop();
		},
	};
}

const bin = postgresBin();

/** The kinds of database there are here. Without Debian's PostgreSQL its tests are skipped, by name. */
export const KINDS: readonly Kind[] = [sqliteKind(), ...(bin ? [postgresKind(bin)] : [])];

if (!bin)
	describe('on PostgreSQL', () => {
		it.skip('is not installed here: on Debian, as root, apt-get install postgresql', () => {});
	});

/** A new key, as a device makes it. */
export function newKey(): string {
	return randomBytes(32).toString('base64url');
}

let count = 0;

/** A new id of a desk. */
export function newDesk(): string {
	count += 1;
	return `desk-${randomBytes(6).toString('hex')}-${count}`;
}

// biome-ignore lint/suspicious/noExplicitAny: what a server answered is looked at as it comes.
export type Answered = any;

export type Reply = { readonly status: number; readonly body: Answered; readonly headers: Headers };

/** One who asks a server, with a key or without one. */
export class Asker {
	constructor(
		readonly url: string,
		readonly key: string | null = newKey(),
	) {}

	get hash(): string {
		return hashOf(this.key ?? '');
	}

	async ask(method: string, path: string, body?: unknown, headers: Record<string, string> = {}): Promise<Reply> {
		const response = await fetch(`${this.url}/api${path}`, {
			method,
			headers: {
				...(this.key === null ? {} : { authorization: `Bearer ${this.key}` }),
				...(body === undefined ? {} : { 'content-type': 'application/json' }),
				...headers,
			},
			body: body === undefined ? null : typeof body === 'string' ? body : JSON.stringify(body),
		});
		const text = await response.text();
		const isJson = response.headers.get('content-type')?.includes('json');
		return { status: response.status, body: isJson ? JSON.parse(text) : text, headers: response.headers };
	}

	get(path: string): Promise<Reply> {
		return this.ask('GET', path);
	}

	keep(desk: string, id: string, base: number, body: unknown): Promise<Reply> {
		return this.ask('PUT', `/desks/${desk}/works/${id}`, { base, body });
	}

	/** All that lies on a desk, with what is in it. */
	async works(desk: string): Promise<readonly Answered[]> {
		const changes = await this.get(`/desks/${desk}/works`);
		const ids = (changes.body.works ?? []).filter((one: Answered) => !one.gone).map((one: Answered) => one.id);
		if (!ids.length) return [];
		return (await this.get(`/desks/${desk}/bodies?ids=${ids.slice(0, 50)}`)).body.works;
	}
}
