import fc from 'fast-check';
import { schedules, schedulesWithBackups } from '../in-step/schedules';
import { serverHere } from '../in-step/server-here';
import { type Happening, runSchedule } from '../in-step/two-devices';

jest.setTimeout(300_000);

/** So many schedules here; `npm run bench:server` runs 1 000. */
const RUNS = 50;

let server: Awaited<ReturnType<typeof serverHere>>;

// As a browser does: what is read from a row is of the page that reads it.
globalThis.structuredClone = (value) => JSON.parse(JSON.stringify(value));

beforeAll(async () => {
	server = await serverHere();
});

afterAll(async () => {
	await server.close();
});

/** A fresh one in each run; SEED=n makes the same schedules again. */
const seed = Number(process.env.SEED ?? Math.floor(Math.random() * 2 ** 31));

const onFirst = { on: 0, exercise: 0 } as const;
const onSecond = { on: 1, exercise: 0 } as const;

/** Both have a piece, and each goes on with it by itself. */
const EACH_BY_ITSELF: readonly Happening[] = [
	{ ...onFirst, is: 'step' },
	{ on: 0, is: 'calm' },
	{ on: 1, is: 'offline' },
	{ ...onSecond, is: 'step' },
	{ ...onFirst, is: 'step' },
	{ on: 0, is: 'calm' },
];

/** The second device's line is kept beside the first one's, under an id of its own, and is erased there. */
const KEPT_BESIDE_AND_ERASED: readonly Happening[] = [
	...EACH_BY_ITSELF,
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

/** So many of two windows; `npm run bench:server` runs 500. */
const WINDOW_RUNS = 40;

it('two windows of one device come to the same and lose nothing, with the server away and back', async () => {
	process.stderr.write(`schedules of two windows: SEED=${seed}\n`);
	await fc.assert(
		fc.asyncProperty(schedules, async (happenings) => {
			expect((await runSchedule(happenings, { areWindows: true })).wrong).toBeNull();
		}),
		{ numRuns: WINDOW_RUNS, seed },
	);
});

/** So many with a server that goes back to a backup; `npm run bench:server` runs 200. */
const RESTORED_RUNS = 20;

/** The first device has sent a piece and followed nothing yet when the server goes back. */
const SENT_BEFORE_FOLLOWING: readonly Happening[] = [
	{ ...onFirst, is: 'step' },
	{ ...onFirst, is: 'anew' },
	{ on: 0, is: 'reply lost' },
	{ on: 0, is: 'time', ms: 2500 },
	{ on: 0, is: 'restore' },
];

/** Both have gone on with a piece that the server loses, each from a version of the same number. */
const BOTH_WENT_ON: readonly Happening[] = [
	...EACH_BY_ITSELF,
	{ on: 1, is: 'restore' },
	{ on: 1, is: 'online' },
	{ on: 1, is: 'calm' },
];

it('two devices come to the same and lose nothing where the server goes back to a backup', async () => {
	process.stderr.write(`schedules with backups: SEED=${seed}\n`);
	await fc.assert(
		fc.asyncProperty(schedulesWithBackups, async (happenings) => {
			expect((await runSchedule(happenings, { backups: server.backups })).wrong).toBeNull();
		}),
		{ numRuns: RESTORED_RUNS, seed, examples: [[SENT_BEFORE_FOLLOWING], [BOTH_WENT_ON]] },
	);
});
