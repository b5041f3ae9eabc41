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
import { tryCode } from './try-code';
import * as words from './words';

/** The most keys of one desk: devices, and recovery sheets. */
const KEYS_LIMIT = 40;

const DONE = { done: true } as const;

async function told({ parts: { events, db }, by: { desk } }: Asked<unknown, unknown>): Promise<void> {
	const one = [{ desk, keys: true }] as const;
	await events.tell(db, one);
	events.committed(one);
}

/** @throws RequestFault 413 `too-much`: the desk has as many keys as it may. */
function fullOfKeys(): never {
	throw new RequestFault(413, 'too-much', words.aDeskCanHaveUpToDevices(KEYS_LIMIT));
}

/** @throws RequestFault 413 `too-much` where the desk has as many keys as it may. */
async function hasRoom(db: Database, desk: string, key: string): Promise<void> {
	if ((await listDevices(db, desk, key)).length >= KEYS_LIMIT) fullOfKeys();
}

const devices = route({
	method: 'get',
	path: '/desks/:desk/keys',
	says: words.theDevicesAndRecovery,
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
	says: words.addsAKeyToADeskForA,
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
	says: words.removesADeviceOrARecovery,
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
	says: words.makesAOneTimeCodeThatLets,
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
	says: words.joinsADeskWithAOneTimeCode,
	who: 'anyone',
	body: joinSchema,
	reply: joinedSchema,
	codes: ['no-code', 'shape', 'not-json', 'too-many'],
	answer: async (asked) => {
		const {
			ctx,
			parts: { db, now, note },
			body: { code, hash, says },
		} = asked;
		const desk = await tryCode(asked, hash, () => takeCode(db, code, now()), words.thisCodeIsWrongOrHas);
		if (!(await addKey(db, desk, { hash, kind: 'device', says }, now(), KEYS_LIMIT))) fullOfKeys();
		note(ctx, 'code-used', { desk });
		await noteOnDesk(db, desk, { what: 'joined', says }, now());
		return { desk };
	},
});

const erase = route({
	method: 'delete',
	path: '/desks/:desk',
	says: words.erasesADeskWithEverything,
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
	says: words.whichDevicesJoinedADeskOr,
	who: 'desk',
	reply: historySchema,
	codes: ['no-desk', 'erased'],
	answer: async ({ parts: { db }, by: { desk } }) => ({ events: [...(await historyOf(db, desk))] }),
});

const looks = route({
	method: 'get',
	path: '/desks/:desk/looks',
	says: words.theViewOnlyLinksOfADesk,
	who: 'desk',
	reply: looksSchema,
	codes: ['no-desk', 'erased'],
	answer: async ({ parts: { db }, by: { desk } }) => ({ looks: [...(await listLooks(db, desk))] }),
});

const makeLook = route({
	method: 'post',
	path: '/desks/:desk/looks',
	says: words.makesAViewOnlyLinkToOne,
	who: 'desk',
	body: newLookSchema,
	reply: madeLookSchema,
	codes: ['no-desk', 'erased', 'shape', 'not-json', 'too-much'],
	answer: async ({ parts: { db, now }, by: { desk }, body }) => {
		const until = await addLook(db, desk, body, now());
		if (until === false) throw new RequestFault(413, 'too-much', words.aDeskCanHaveUpToViewOnly(LOOKS_LIMIT));
		return { until };
	},
});

const takeLookBack = route({
	method: 'delete',
	path: '/desks/:desk/looks/:id',
	says: words.withdrawsAViewOnlyLink,
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
