import { existsSync, readFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { DEMO_DESK, TERM_DESK } from '@tidy-sum/schema';
import pino from 'pino';
import { createApp } from './app';
import { readConfig, StartFault } from './config';
import { connectionsHere, keepRoom } from './connection-room';
import { layDemo } from './demo';
import { clearOldClasses } from './keeping/classes';
import { FILE_NAME, openDatabase } from './keeping/database';
import { clearEmpty, clearUnused } from './keeping/desks';
import { eventsHere, eventsOfPostgres } from './keeping/events';
import { holdFolder } from './keeping/hold-folder';
import { backUpInto } from './keeping/scheduled-backups';
import { listen } from './listen';
import * as words from './words';

/** How long a stop waits for requests under way. */
const STOP_WITHIN_MS = 800;

/** How long a connection may take: heads and bodies that never end are cut, and so is one on which nothing comes. */
const PATIENCE = {
	headersTimeout: 15_000,
	requestTimeout: 15_000,
	keepAliveTimeout: 75_000,
	connectionsCheckingInterval: 5000,
};

/** How often empty desks are cleared away. */
const CLEAR_EVERY_MS = 86_400_000;

async function start(): Promise<void> {
	const root = join(dirname(fileURLToPath(import.meta.url)), '..', '..');
	const config = readConfig(process.env, root);
	const log = pino({ level: config.logLevel });
	const { version } = JSON.parse(readFileSync(join(root, 'package.json'), 'utf8'));
	if (!existsSync(join(config.appFolder, 'index.html'))) throw new StartFault(words.theAppIsNotBuiltYetRunNpm);
	const onLost = () => {
		log.error({ security: 'folder-lost', data: config.dataFolder }, 'another server has the data folder');
		process.kill(process.pid, 'SIGTERM');
	};
	const letGo = config.databaseUrl ? async () => {} : await holdFolder(config.dataFolder, onLost);
	const onMigrated = (names: readonly string[]) => log.info({ security: 'migration', names }, 'database migrated');
	const db = await openDatabase(config, onMigrated).catch(async (fault) => {
		await letGo();
		throw fault;
	});
	if (config.demo) await layDemo(db, new Date());
	const events = config.databaseUrl ? await eventsOfPostgres(config.databaseUrl, log) : eventsHere();
	const { app, endStreams, metrics } = createApp({
		db,
		log,
		appFolder: config.appFolder,
		version,
		events,
		proxies: config.proxies,
		secure: config.publicUrl?.startsWith('https:') ?? false,
		limitFactor: config.limitFactor,
		diskLimit: config.diskLimit,
		keepDays: config.keepDays,
		metered: config.metricsPort !== null,
		specimen: config.specimen,
	});
	const server = createServer(PATIENCE, app.callback());
	const most = connectionsHere();
	if (most !== null) keepRoom(server, most, log);
	const metricsServer = metrics?.serve() ?? null;
	const close = async () => {
		metricsServer?.close();
		metricsServer?.closeAllConnections();
		await events.close();
		await db.destroy();
		await letGo();
	};
	const listening = (to: Server, at: number) =>
		listen(to, at, config.host).catch(async (fault) => {
			await close();
			throw fault;
		});
	const port = await listening(server, config.port);
	const metricsPort =
		metricsServer && config.metricsPort !== null ? await listening(metricsServer, config.metricsPort) : null;
	const clear = () =>
		void clearEmpty(db, new Date()).then(
			(count) => count && log.info({ count }, 'empty desks deleted'),
			(error) => log.error({ code: error.code }, 'empty desks were not deleted'),
		);
	const clearOld = () => {
		void clearOldClasses(db, new Date()).then(
			(count) => count && log.info({ security: 'class-cleared', count }, 'old classes deleted'),
			(error) => log.error({ code: error.code }, 'old classes were not deleted'),
		);
		if (config.keepDays === null) return;
		clearUnused(db, new Date(), config.keepDays).then(
			(count) => count && log.info({ security: 'desk-cleared', count }, 'unused desks deleted'),
			(error) => log.error({ code: error.code }, 'unused desks were not deleted'),
		);
	};
	const backUp = () =>
		void backUpInto({
			file: join(config.dataFolder, FILE_NAME),
			to: config.backupFolder,
			keep: config.backupKeep,
			now: new Date(),
		}).then(
			(path) => log.info({ security: 'backup', path }, 'backup made'),
			(error) => log.error({ security: 'backup-failed', why: error.message }, 'backup failed'),
		);
	clear();
	clearOld();
	setInterval(() => {
		clear();
		clearOld();
	}, CLEAR_EVERY_MS).unref();
	if (config.backupEveryMs && !config.databaseUrl) setInterval(backUp, config.backupEveryMs).unref();
	const own = `http://${config.host.includes(':') ? `[${config.host}]` : config.host}:${port}`;
	const address = config.publicUrl ?? own;
	let stopping = false;
	const stop = (signal: string) => {
		if (stopping) return;
		stopping = true;
		log.info({ signal }, 'stopping');
		const late = setTimeout(() => server.closeAllConnections(), STOP_WITHIN_MS);
		server.close(async () => {
			clearTimeout(late);
			await close();
			process.exit(0);
		});
		endStreams();
		server.closeIdleConnections();
	};
	process.on('SIGINT', stop);
	process.on('SIGTERM', stop);

	// Said last: whoever reads it may stop the server at once.
	log.info({ address, data: config.databaseUrl ? 'PostgreSQL' : config.dataFolder, metricsPort }, 'started');
	process.stdout.write(words.tidySumIsAt(address));
	if (config.demo) process.stdout.write(words.aDeskWithSomeWorkOnItDeskA(address, DEMO_DESK, TERM_DESK));
}

start().catch((error) => {
	const foreseen = error instanceof StartFault;
	process.stderr.write(words.tidySumDidNotStart(foreseen ? error.message : (error as Error).stack));
	process.exit(1);
});
