import { createServer, type Server } from 'node:http';
import type { Middleware } from 'koa';
import { collectDefaultMetrics, Gauge, Histogram, Registry } from 'prom-client';
import { type Database, isPostgres } from './keeping/database';
import * as words from './words';

type Pool = { numUsed(): number; numFree(): number; numPendingAcquires(): number };

/** What is counted of a server, for a program that reads it. */
export type Metrics = {
	/** Counts requests and how long they take, by the row of the API and the status of the reply. */
	readonly counted: Middleware;
	/** Answers `GET /metrics` on a port of its own. */
	readonly serve: () => Server;
};

type Parts = { readonly db: Database; readonly streams: ReadonlySet<unknown> };

/** In seconds. */
const BUCKETS = [0.002, 0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 5];

/**
 * Metrics in the text form of Prometheus: requests, their durations, the pool of connections, open streams, how much is kept,
 * and those of the process. No label holds an id or an address.
 * @see https://prometheus.io/docs/instrumenting/exposition_formats/
 */
export function createMetrics({ db, streams }: Parts): Metrics {
	const registry = new Registry();
	const registers = [registry];
	collectDefaultMetrics({ register: registry });
	const durations = new Histogram({
		name: 'tidy_sum_request_seconds',
		help: words.howLongRequestsTookBy,
		labelNames: ['method', 'route', 'status'],
		buckets: BUCKETS,
		registers,
	});
	new Gauge({
		name: 'tidy_sum_streams',
		help: words.devicesThatListenToTheir,
		registers,
		collect() {
			this.set(streams.size);
		},
	});
	new Gauge({
		name: 'tidy_sum_pool_connections',
		help: words.connectionsToTheDatabaseIn,
		labelNames: ['state'],
		registers,
		collect() {
			const pool: Pool = db.client.pool;
			this.set({ state: 'used' }, pool.numUsed());
			this.set({ state: 'free' }, pool.numFree());
			this.set({ state: 'awaited' }, pool.numPendingAcquires());
		},
	});
	new Gauge({
		name: 'tidy_sum_kept',
		help: words.whatIsStoredDesksPiecesOf,
		labelNames: ['of'],
		registers,
		async collect() {
			const found = await db('desk')
				.where({ erased: false })
				.count({ desks: '*' })
				.sum({ pieces: 'pieces', bytes: 'bytes' })
				.first();
			for (const of of ['desks', 'pieces', 'bytes'] as const) this.set({ of }, Number(found?.[of] ?? 0));
		},
	});
	new Gauge({
		name: 'tidy_sum_database',
		help: words.whichDatabaseTheServerRuns,
		labelNames: ['kind'],
		registers,
		collect() {
			this.set({ kind: isPostgres(db) ? 'PostgreSQL' : 'SQLite' }, 1);
		},
	});
	return {
		counted: async (ctx, next) => {
			const end = durations.startTimer();
			await next();
			// The row of the API, not the address: ids would make a series each.
			const route = typeof ctx._matchedRoute === 'string' ? ctx._matchedRoute : 'app';
			if (ctx.type !== 'text/event-stream') end({ method: ctx.method, route, status: ctx.status });
		},
		serve: () =>
			createServer((request, response) => {
				if (request.url !== '/metrics') {
					response.writeHead(404).end();
					return;
				}
				registry.metrics().then(
					(text) => response.writeHead(200, { 'content-type': registry.contentType }).end(text),
					() => response.writeHead(503).end(),
				);
			}),
	};
}
