import { randomBytes } from 'node:crypto';
import type { Step } from '@tidy-sum/schema';
import { deskOnServer } from '../../app/src/sync/desk-on-server';
import { hashOf } from '../../app/src/sync/key-hash';
import { serverStore } from '../../app/src/sync/server-store';
import { SHELF } from '../../app/src/work/list-names';
import {
	begunAnew,
	did,
	erased,
	tried,
	undid,
	type WorkEntry,
	type WorksState,
} from '../../app/src/work/works-reducer';
import { Device, newRows } from './device';

/** The exercises that are worked on, and one's own Shelf, which is one list on all devices. */
export const EXERCISES = ['new-snow', 'honey-jar', SHELF] as const;

/** One thing that happens to one of two devices. */
export type Happening =
	| { readonly on: 0 | 1; readonly is: 'does'; readonly exercise: number; readonly step: Step }
	| { readonly on: 0 | 1; readonly is: 'step' | 'undo' | 'try' | 'anew' | 'erase'; readonly exercise: number }
	| { readonly on: 0 | 1; readonly is: 'offline' | 'online' | 'kill' | 'reply lost' | 'sent twice' }
	| { readonly on: 0 | 1; readonly is: 'time'; readonly ms: number }
	/** The server is backed up, or goes back to what was last backed up; where nothing was, to its beginning. */
	| { readonly on: 0 | 1; readonly is: 'backup' | 'restore' }
	/** Nothing happens for a while, so that those that are online come into step. */
	| { readonly on: 0 | 1; readonly is: 'calm' };

/** What all pieces of a device come to: for comparing it with another. */
function told({ byId }: WorksState): string {
	const pieces = Object.values<WorkEntry>(byId)
		.map(({ id, version, body }) => ({ id, version, body }))
		.sort((a, b) => (a.id < b.id ? -1 : 1));
	return JSON.stringify(pieces);
}

/** What the server has of a desk, told in the same way. */
async function keptBy(desk: string, key: string): Promise<string> {
	const server = serverStore(desk, key);
	const changes = await server.changes(0);
	const ids = changes.came === 'here' ? changes.value.works.filter((head) => !head.gone).map(({ id }) => id) : [];
	const kept = ids.length ? await server.bodies(ids) : null;
	const works = kept?.came === 'here' ? kept.value.works : [];
	return told({
		byId: Object.fromEntries(works.map((work) => [work.id, { ...work, ahead: false }])),
		open: {},
		last: null,
	});
}

const breath = () => new Promise((resolve) => setImmediate(resolve));

/** How long a calm lasts, and in how many turns. */
const CALM_MS = 8000;
const CALM_TURNS = 8;

/** How long requests may take that are under way, in real time, before the schedule goes on all the same. */
const ANSWERED_WITHIN_MS = 500;

/** Waits until no request is under way, and what was answered is taken in. */
async function answered(devices: readonly Device[]): Promise<void> {
	const until = Date.now() + ANSWERED_WITHIN_MS;
	for (let idle = 0; idle < 3 && Date.now() < until; idle = devices.some(({ net }) => net.asking) ? 0 : idle + 1)
		await breath();
}

/** How long the two may take to come to the same, in real time. */
const AGREE_WITHIN_MS = 20_000;

/** What backs a desk up on the server, and brings it back. */
export type Backups = {
	readonly backUp: (desk: string) => Promise<void>;
	readonly restore: (desk: string) => Promise<void>;
};

const NO_BACKUPS: Backups = { backUp: async () => {}, restore: async () => {} };

export type Setting = {
	readonly backups?: Backups;
	/** Whether the two are windows of one device: they have its key, and its rows. */
	readonly areWindows?: boolean;
};

/** What came of a schedule: nothing wrong, or what. */
export type Outcome = { readonly wrong: string | null };

/**
 * Two devices of one desk, over the real keeper and a real server, through what happens to them; then both are online, and
 * time passes until nothing moves. They must then have the same, the server too, and no step and no try may be lost but those
 * of pieces that were erased.
 */
export async function runSchedule(
	happenings: readonly Happening[],
	{ backups = NO_BACKUPS, areWindows = false }: Setting = {},
): Promise<Outcome> {
	const desk = randomBytes(12).toString('base64url');
	const [mine = '', other = ''] = [randomBytes(32), randomBytes(32)].map((bytes) => bytes.toString('base64url'));
	const keys = [mine, areWindows ? mine : other] as const;
	const first = { id: 'work-first', body: { exercise: 'mast-log', steps: [] }, version: 0, ahead: true };
	await serverStore(desk, keys[0]).send(first, null);
	if (!areWindows) await deskOnServer(desk, mine).addKey(hashOf(other), 'device', '');
	const rows = newRows();
	const devices = keys.map((key) => new Device(desk, key, areWindows ? rows : newRows(), areWindows)) as [
		Device,
		Device,
	];
	for (const device of devices) await device.begin();
	/** What was done, with the piece it was done on. */
	const made: { readonly sign: string; readonly piece: string }[] = [];
	const gone = new Set<string>();
	/** What the pieces held that were erased: a line that was kept beside another has an id that is not the one it was made under. */
	const erasedBodies: string[] = [];
	/** A backup may bring back what was erased since. */
	let wentBack = false;
	let count = 0;

	await backups.backUp(desk);
	const happen = async (one: Happening): Promise<void> => {
		const device = devices[one.on];
		const exercise = 'exercise' in one ? (EXERCISES[one.exercise % EXERCISES.length] as string) : '';
		const piece = () => device.works.open[exercise] ?? '';
		count += 1;
		switch (one.is) {
			case 'step': {
				const step: Step =
					exercise === SHELF
						? {
								do: 'keep',
								id: `fact-${count}`,
								fact: { left: { number: `${count}`, unit: 'cm' }, right: { number: '1', unit: 'in' } },
							}
						: {
								do: 'place',
								block: `block-${count}`,
								factor: { top: { number: '1', unit: 'm' }, bottom: { number: `${count}`, unit: 'cm' } },
							};
				device.dispatch(did(exercise, step));
				made.push({ sign: exercise === SHELF ? `"fact-${count}"` : `"block-${count}"`, piece: piece() });
				return;
			}
			case 'does':
				// What is generated has no prototype, and is then like nothing that was written and read again.
				return device.dispatch(did(exercise, JSON.parse(JSON.stringify(one.step)) as Step));
			case 'undo':
				return device.dispatch(undid(exercise));
			case 'try':
				if (exercise === SHELF || !device.works.byId[piece()]) return;
				device.dispatch(
					tried({
						exercise,
						made: {
							when: 1_770_000_000_000 + count,
							seconds: 1,
							right: true,
							slips: [],
							nudges: 0,
							shown: false,
							answer: `try-${count}`,
							start: null,
							factors: [],
						},
					}),
				);
				made.push({ sign: `"try-${count}"`, piece: piece() });
				return;
			case 'anew':
				return exercise === SHELF ? undefined : device.dispatch(begunAnew(exercise));
			case 'erase':
				if (exercise === SHELF || !device.works.byId[piece()]) return;
				gone.add(piece());
				erasedBodies.push(JSON.stringify(device.works.byId[piece()]?.body));
				device.dispatch(erased([piece()]));
				return;
			case 'offline':
				device.net.online = false;
				return;
			case 'online':
				device.net.online = true;
				return;
			case 'kill':
				return device.begin();
			case 'reply lost':
				device.net.loses = true;
				return;
			case 'sent twice':
				device.net.twice = true;
				return;
			case 'time':
				device.clock.pass(one.ms);
				return answered([device]);
			case 'backup':
				await answered(devices);
				return backups.backUp(desk);
			case 'restore':
				// The server is stopped for it: it answers what it was asked, and nothing more until it is back.
				wentBack = true;
				for (const { net } of devices) net.isStopped = true;
				while (devices.some(({ net }) => net.asking)) await breath();
				await backups.restore(desk);
				for (const { net } of devices) net.isStopped = false;
				return;
			case 'calm':
				for (let i = 0; i < CALM_TURNS; i++) {
					for (const { clock } of devices) clock.pass(CALM_MS / CALM_TURNS);
					await answered(devices);
				}
				return;
		}
	};

	for (const one of happenings) {
		await happen(one);
		await breath();
	}
	for (const { net } of devices) Object.assign(net, { online: true, loses: false, twice: false });
	const until = Date.now() + AGREE_WITHIN_MS;
	const agree = () => devices.every(({ isDone }) => isDone) && told(devices[0].works) === told(devices[1].works);
	// What both have is held against the server: neither may have heard yet of what it keeps.
	let server = '';
	while (Date.now() < until) {
		if (agree()) {
			server = await keptBy(desk, keys[0]);
			if (agree() && server === told(devices[0].works)) break;
		}
		for (const { clock, net } of devices) if (net.asking === 0) clock.pass(Math.min(clock.next() ?? 0, 6000));
		await breath();
		await new Promise((resolve) => setTimeout(resolve, 1));
	}
	for (const device of devices) device.end();

	const here = told(devices[0].works);
	if (!agree()) return { wrong: `the two differ:\n${here}\n${told(devices[1].works)}` };
	if (server !== here) return { wrong: `the server differs:\n${here}\n${server}` };
	const wasErased = (sign: string) => erasedBodies.some((body) => body.includes(sign));
	const lost = made.filter(({ sign, piece }) => !gone.has(piece) && !here.includes(sign) && !wasErased(sign));
	if (lost.length) return { wrong: `lost: ${JSON.stringify(lost)}\n${here}` };
	const back = wentBack ? [] : [...gone].filter((id) => here.includes(`"${id}"`));
	return { wrong: back.length ? `came back: ${back.join(', ')}` : null };
}
