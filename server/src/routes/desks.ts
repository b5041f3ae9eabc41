import { setTimeout } from 'node:timers/promises';
import {
	devicesSchema,
	doneSchema,
	historySchema,
	joinedSchema,
	joinSchema,
	looksSchema,
	madeCodeSchema,
	madeLookSchema,
	newKeySchema,
	newLookSchema,
} from '@tidy-sum/schema/desk';
import { RequestFault } from '../errors';
import type { Database } from '../keeping/database';
import { addKey, eraseDesk, listDevices, makeCode, shutOut, takeCode } from '../keeping/desks';
import { historyOf, noteOnDesk } from '../keeping/history';
import { addLook, LOOKS_LIMIT, listLooks, takeBack } from '../keeping/looks';
import { type Asked, type Route, route } from './route';

/** The most keys of one desk: devices, and recovery sheets. */
const KEYS_LIMIT = 40;

/** How long a code waits that comes from an address of many wrong ones. */
const SLOWLY_MS = 200;

const DONE = { done: true } as const;

async function told({ parts: { events, db }, by: { desk } }: Asked<unknown, unknown>): Promise<void> {
	const one = [{ desk, keys: true }] as const;
	await events.tell(db, one);
	events.committed(one);
}

/** @throws RequestFault 413 `too-much`: the desk has as many keys as it may. */
function fullOfKeys(): never {
	throw new RequestFault(413, 'too-much', `A desk has up to ${KEYS_LIMIT} devices. Shut one out first.`);
}

/** @throws RequestFault 413 `too-much` where the desk has as many keys as it may. */
async function hasRoom(db: Database, desk: string, key: string): Promise<void> {
	if ((await listDevices(db, desk, key)).length >= KEYS_LIMIT) fullOfKeys();
}

const devices = route({
	method: 'get',
	path: '/desks/:desk/keys',
	says: 'The devices and recovery sheets that have a key of a desk; no key and no hash stands in it.',
	who: 'desk',
	reply: devicesSchema,
	codes: ['no-desk', 'erased'],
	answer: async ({ parts: { db, keepDays }, by: { desk, key } }) => ({
		devices: [...(await listDevices(db, desk, key))],
		keepDays,
	}),
});

const addDevice = route({
	method: 'post',
	path: '/desks/:desk/keys',
	says: 'Gives a desk one more key, of which only the hash is sent: for a recovery sheet, or for a device that came with one.',
	who: 'desk',
	body: newKeySchema,
	reply: doneSchema,
	codes: ['no-desk', 'erased', 'shape', 'not-json', 'too-much'],
	answer: async ({ ctx, parts: { db, now, note }, by: { desk }, body }) => {
		if (!(await addKey(db, desk, body, now(), KEYS_LIMIT))) fullOfKeys();
		note(ctx, 'key-added', { desk, kind: body.kind });
		const what = body.kind === 'sheet' ? 'sheet' : 'joined';
		await noteOnDesk(db, desk, { what, says: body.says }, now());
		return DONE;
	},
});

const removeDevice = route({
	method: 'delete',
	path: '/desks/:desk/keys/:id',
	says: 'Shuts a device or a recovery sheet out: its key opens the desk no more. One that is not there is shut out already.',
	who: 'desk',
	reply: doneSchema,
	codes: ['no-desk', 'erased'],
	answer: async (asked) => {
		const { parts, by, params } = asked;
		const out = (await listDevices(parts.db, by.desk, by.key)).find(({ id }) => id === params.id);
		if (out && (await shutOut(parts.db, by.desk, out.id))) {
			await noteOnDesk(parts.db, by.desk, { what: 'shut-out', says: out.says }, parts.now());
			parts.note(asked.ctx, 'key-shut-out', { desk: by.desk });
			await told(asked);
		}
		return DONE;
	},
});

const code = route({
	method: 'post',
	path: '/desks/:desk/codes',
	says: 'Makes a one-time code that lets one more device in. It holds ten minutes and stands five wrong tries; one made before holds no more.',
	who: 'desk',
	reply: madeCodeSchema,
	codes: ['no-desk', 'erased', 'too-much'],
	answer: async ({ ctx, parts: { db, now, note }, by: { desk, key } }) => {
		await hasRoom(db, desk, key);
		note(ctx, 'code-made', { desk });
		return makeCode(db, desk, now());
	},
});

const join = route({
	method: 'post',
	path: '/joining',
	says: 'Joins a desk with a one-time code. The hash of the new device’s own key goes with it; the key itself stays on the device.',
	who: 'anyone',
	body: joinSchema,
	reply: joinedSchema,
	codes: ['no-code', 'shape', 'not-json', 'too-many'],
	answer: async ({ ctx, parts: { db, now, limits, turns, note }, body: { code, hash, says } }) => {
		// A code by itself stands five wrong tries; who guesses at many is stopped by what they come with.
		if (await limits.isReached('codeFrom', hash)) await limits.count(ctx, 'codeFrom', hash);
		// Past the limit of an address codes are tried slowly, one after another: a right one is still taken.
		const isOften = await limits.isReached('code', ctx.ip);
		const tried = () => takeCode(db, code, now());
		const desk = await (isOften ? turns(`codes ${ctx.ip}`, () => setTimeout(SLOWLY_MS).then(tried)) : tried());
		if (desk === null) {
			await limits.count(ctx, 'codeFrom', hash);
			await limits.count(ctx, 'code', ctx.ip);
			throw new RequestFault(
				404,
				'no-code',
				'This code does not hold, or holds no more. Make a new one on the other device.',
			);
		}
		if (!(await addKey(db, desk, { hash, kind: 'device', says }, now(), KEYS_LIMIT))) fullOfKeys();
		note(ctx, 'code-used', { desk });
		await noteOnDesk(db, desk, { what: 'joined', says }, now());
		return { desk };
	},
});

const erase = route({
	method: 'delete',
	path: '/desks/:desk',
	says: 'Erases a desk with all that is on it. Its devices are told so when they come again, and bring nothing back.',
	who: 'desk',
	reply: doneSchema,
	codes: ['no-desk', 'erased'],
	answer: async (asked) => {
		await eraseDesk(asked.parts.db, asked.by.desk);
		asked.parts.note(asked.ctx, 'desk-erased', { desk: asked.by.desk });
		await told(asked);
		return DONE;
	},
});

const history = route({
	method: 'get',
	path: '/desks/:desk/history',
	says: 'Who joined a desk and who was shut out, and when: the last 50, the last first.',
	who: 'desk',
	reply: historySchema,
	codes: ['no-desk', 'erased'],
	answer: async ({ parts: { db }, by: { desk } }) => ({ events: [...(await historyOf(db, desk))] }),
});

const looks = route({
	method: 'get',
	path: '/desks/:desk/looks',
	says: 'The links to look at that were made of a desk.',
	who: 'desk',
	reply: looksSchema,
	codes: ['no-desk', 'erased'],
	answer: async ({ parts: { db }, by: { desk } }) => ({ looks: [...(await listLooks(db, desk))] }),
});

const makeLook = route({
	method: 'post',
	path: '/desks/:desk/looks',
	says: 'Makes a link to look at one piece of work, or at one Round, for 30 days or without an end. Its id and its secret are made on the device; the hash of the secret is kept. The same link again is given another end.',
	who: 'desk',
	body: newLookSchema,
	reply: madeLookSchema,
	codes: ['no-desk', 'erased', 'shape', 'not-json', 'too-much'],
	answer: async ({ parts: { db, now }, by: { desk }, body }) => {
		const until = await addLook(db, desk, body, now());
		if (until === false)
			throw new RequestFault(413, 'too-much', `A desk has up to ${LOOKS_LIMIT} links to look at. Take one back first.`);
		return { until };
	},
});

const takeLookBack = route({
	method: 'delete',
	path: '/desks/:desk/looks/:id',
	says: 'Takes a link to look at back. One that is not there is taken back already.',
	who: 'desk',
	reply: doneSchema,
	codes: ['no-desk', 'erased'],
	answer: async ({ parts: { db }, by: { desk }, params: { id = '' } }) => {
		await takeBack(db, desk, id);
		return DONE;
	},
});

/** A desk itself: its keys, its codes, its links, and its end. */
export const DESKS: readonly Route[] = [
	devices,
	addDevice,
	removeDevice,
	code,
	join,
	erase,
	history,
	looks,
	makeLook,
	takeLookBack,
];
