import { z } from '@tidy-sum/schema';
import {
	classDoorSchema,
	classSchema,
	classTriesSchema,
	HANDED_OUT_LIMIT,
	handedSetSchema,
	handOutSchema,
	keptTriesSchema,
	leaveSchema,
	newClassSchema,
	SEAT_TRIES_LIMIT,
	SEATS_LIMIT,
	seatViewSchema,
	sendTriesSchema,
	takenSeatSchema,
	takeSeatSchema,
} from '@tidy-sum/schema/class';
import { doneSchema, placeSchema } from '@tidy-sum/schema/desk';
import { handedSchema } from '@tidy-sum/schema/handed';
import { noClass } from '../class-admission';
import { RequestFault } from '../errors';
import { triesAfter } from '../keeping/class-tries';
import {
	accessToClass,
	classOf,
	classSeqOf,
	eraseClass,
	handOut,
	leaveSeat,
	renameClass,
	seatViewOf,
	setDoor,
	setOf,
	takeSeat,
	takeSetBack,
} from '../keeping/classes';
import { streamEvents } from './event-stream';
import { type Asked, type Route, route } from './route';
import { tryCode } from './try-code';
import * as words from './words';

const DONE = { done: true } as const;

/** Tells those who listen to a class that a key of it opens it no more. */
async function toldOfKeys({ parts: { events, db }, at: { id } }: Asked<unknown, unknown>): Promise<void> {
	const one = [{ desk: id, keys: true }] as const;
	await events.tell(db, one);
	events.committed(one);
}

const make = route({
	method: 'put',
	path: '/classes/:class',
	says: words.makesOrRenamesAClass,
	who: 'anyone',
	body: newClassSchema,
	reply: doneSchema,
	codes: ['no-class', 'class-erased', 'shape', 'not-json', 'full', 'too-many'],
	answer: async ({ ctx, parts, params: { class: id = '' }, body: { title } }) => {
		const { isMade } = await parts.classAdmission.admitOrMake(ctx, id, title);
		if (!isMade) await renameClass(parts.db, id, title);
		return DONE;
	},
});

const view = route({
	method: 'get',
	path: '/classes/:class',
	says: words.aClassAsItsTeacherSees,
	who: 'teacher',
	reply: classSchema,
	codes: ['no-class', 'class-erased'],
	answer: ({ parts: { db }, at: { id } }) => classOf(db, id),
});

const erase = route({
	method: 'delete',
	path: '/classes/:class',
	says: words.erasesAClassWithEverything,
	who: 'teacher',
	reply: doneSchema,
	codes: ['no-class', 'class-erased'],
	answer: async (asked) => {
		await eraseClass(asked.parts.db, asked.at.id);
		asked.parts.note(asked.ctx, 'class-erased', {});
		await toldOfKeys(asked);
		return DONE;
	},
});

const door = route({
	method: 'put',
	path: '/classes/:class/door',
	says: words.opensAClassToStudentsOr,
	who: 'teacher',
	body: classDoorSchema,
	reply: z.object({ code: z.string().nullable() }),
	codes: ['no-class', 'class-erased', 'shape', 'not-json'],
	answer: async ({ parts: { db }, at: { id }, body: { open, renew } }) => ({
		code: await setDoor(db, id, open, renew),
	}),
});

const handing = route({
	method: 'put',
	path: '/classes/:class/handed/:id',
	says: words.handsASetOut,
	who: 'teacher',
	body: handOutSchema,
	reply: doneSchema,
	codes: ['no-class', 'class-erased', 'shape', 'not-json', 'too-large', 'too-much'],
	answer: async ({ parts: { db, now }, at, params: { id = '' }, body }) => {
		if (await handOut(db, at.id, id, body, now())) return DONE;
		throw new RequestFault(413, 'too-much', words.aClassCanHaveUpToSets(HANDED_OUT_LIMIT));
	},
});

const set = route({
	method: 'get',
	path: '/classes/:class/handed/:id',
	says: words.theExercisesOfASet,
	who: 'member',
	reply: handedSetSchema,
	codes: ['no-class', 'class-erased', 'no-handed'],
	answer: async ({ parts: { db }, at, params: { id = '' } }) => {
		const found = handedSchema.safeParse(await setOf(db, at.id, id));
		if (found.success) return { set: found.data };
		throw new RequestFault(404, 'no-handed', words.thisSetWasTakenBack);
	},
});

const takeBack = route({
	method: 'delete',
	path: '/classes/:class/handed/:id',
	says: words.takesASetBack,
	who: 'teacher',
	reply: doneSchema,
	codes: ['no-class', 'class-erased'],
	answer: async ({ parts: { db }, at, params: { id = '' } }) => {
		await takeSetBack(db, at.id, id);
		return DONE;
	},
});

const shutOut = route({
	method: 'delete',
	path: '/classes/:class/seats/:id',
	says: words.removesASeat,
	who: 'teacher',
	reply: doneSchema,
	codes: ['no-class', 'class-erased'],
	answer: async (asked) => {
		await leaveSeat(asked.parts.db, asked.at.id, asked.params.id ?? '', true);
		await toldOfKeys(asked);
		return DONE;
	},
});

const seat = route({
	method: 'post',
	path: '/seats',
	says: words.takesASeatInAClass,
	who: 'anyone',
	body: takeSeatSchema,
	reply: takenSeatSchema,
	codes: ['no-code', 'shape', 'not-json', 'too-much', 'too-many'],
	answer: async (asked) => {
		const {
			ctx,
			parts: { db, events, now, note },
			body: { code, hash },
		} = asked;
		const taken = await tryCode(asked, hash, () => takeSeat(db, code, hash, now()), words.noClassHasThisCode);
		if (taken.is === 'full') throw new RequestFault(413, 'too-much', words.aClassCanHaveUpToSeats(SEATS_LIMIT));
		note(ctx, 'seat-taken', {});
		const news = [{ desk: taken.class, seq: await classSeqOf(db, taken.class) }];
		await events.tell(db, news);
		events.committed(news);
		const { is, ...place } = taken;
		return place;
	},
});

const mine = route({
	method: 'get',
	path: '/classes/:class/seat',
	says: words.aClassAsAStudentSees,
	who: 'seat',
	reply: seatViewSchema,
	codes: ['no-class', 'class-erased'],
	answer: ({ parts: { db }, at: { id, seat: own } }) => (own === null ? noClass() : seatViewOf(db, id, own)),
});

const leave = route({
	method: 'delete',
	path: '/classes/:class/seat',
	says: words.leavesAClass,
	who: 'seat',
	query: leaveSchema,
	reply: doneSchema,
	codes: ['no-class', 'class-erased', 'shape'],
	answer: async ({ parts: { db }, at: { id, seat: own }, query: { work } }) => {
		await leaveSeat(db, id, own ?? noClass(), work === 'goes');
		return DONE;
	},
});

const send = route({
	method: 'post',
	path: '/classes/:class/tries',
	says: words.sendsTriesOfASeat,
	who: 'seat',
	body: sendTriesSchema,
	reply: keptTriesSchema,
	codes: ['no-class', 'class-erased', 'shape', 'not-json', 'too-large', 'too-much'],
	answer: async ({ parts: { keepTries, now }, at: { id, seat: own }, body: { tries } }) => {
		const kept = await keepTries({ id, seat: own ?? noClass(), tries, now: now() });
		if (kept === null) throw new RequestFault(413, 'too-much', words.aSeatCanSendUpTo(SEAT_TRIES_LIMIT));
		return { kept };
	},
});

const tries = route({
	method: 'get',
	path: '/classes/:class/tries',
	says: words.theTriesOfAClass,
	who: 'teacher',
	query: z.object({ after: placeSchema }),
	reply: classTriesSchema,
	codes: ['no-class', 'class-erased', 'shape'],
	answer: async ({ ctx, parts: { db }, at: { id }, query: { after } }) => {
		ctx.type = 'json';
		ctx.body = await triesAfter(db, id, after);
		return undefined;
	},
});

const events = route({
	method: 'get',
	path: '/classes/:class/events',
	says: words.howFarTheTriesOfAClassGo,
	who: 'teacher',
	reply: z.string(),
	type: 'text/event-stream',
	codes: ['no-class', 'class-erased', 'too-many'],
	answer: async (asked) => {
		const {
			parts: { db },
			at: { id, hash },
		} = asked;
		return streamEvents(asked, {
			of: id,
			says: words.thisClass,
			closed: async () => {
				const { is } = await accessToClass(db, id, hash);
				return is === 'teacher' ? null : is === 'erased' ? 'erased' : 'shut';
			},
			seq: () => classSeqOf(db, id),
			changed: ({ seq }) => ({ seq }),
		});
	},
});

/** A class: what its teacher does with it, and what a seat does in it. */
export const CLASSES: readonly Route[] = [
	make,
	view,
	erase,
	door,
	handing,
	set,
	takeBack,
	shutOut,
	seat,
	mine,
	leave,
	send,
	tries,
	events,
];
