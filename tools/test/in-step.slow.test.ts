import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import fc from 'fast-check';
import pino from 'pino';
import { createApp } from '../../server/src/app';
import { type Database, openSqlite } from '../../server/src/keeping/database';
import { makeFolder } from '../../server/test/running';
import { schedules } from '../in-step/schedules';
import { askAt, type Happening, runSchedule } from '../in-step/two-devices';

jest.setTimeout(300_000);

/** So many schedules here; `npm run bench:server` runs 1 000. */
const RUNS = 50;

const folder = makeFolder();
let db: Database;
let server: Server;

beforeAll(async () => {
	db = await openSqlite(folder.data);
	const { app } = createApp({
		db,
		log: pino({ level: 'silent' }),
		appFolder: folder.app,
		version: '0',
		limitFactor: 1000,
	});
	server = createServer(app.callback()).listen(0, '127.0.0.1');
	await new Promise((resolve) => server.once('listening', resolve));
	askAt(`http://127.0.0.1:${(server.address() as AddressInfo).port}`);
});

afterAll(async () => {
	server.closeAllConnections();
	await new Promise((resolve) => server.close(resolve));
	await db.destroy();
	folder.remove();
});

/** A fresh one in each run; SEED=n makes the same schedules again. */
const seed = Number(process.env.SEED ?? Math.floor(Math.random() * 2 ** 31));

const onFirst = { on: 0, exercise: 0 } as const;
const onSecond = { on: 1, exercise: 0 } as const;

/** The second device's line is kept beside the first one's, under an id of its own, and is erased there. */
const KEPT_BESIDE_AND_ERASED: readonly Happening[] = [
	{ ...onFirst, is: 'step' },
	{ on: 0, is: 'calm' },
	{ on: 1, is: 'offline' },
	{ ...onSecond, is: 'step' },
	{ ...onFirst, is: 'step' },
	{ on: 0, is: 'calm' },
	{ on: 1, is: 'online' },
	{ on: 0, is: 'calm' },
	{ on: 0, is: 'calm' },
	{ on: 0, is: 'calm' },
	{ ...onSecond, is: 'erase' },
];

it('two devices come to the same and lose nothing, whatever happens to them', async () => {
	process.stderr.write(`schedules of two devices: SEED=${seed}\n`);
	await fc.assert(
		fc.asyncProperty(schedules, async (happenings) => {
			expect((await runSchedule(happenings)).wrong).toBeNull();
		}),
		{ numRuns: RUNS, seed, examples: [[KEPT_BESIDE_AND_ERASED]] },
	);
});
