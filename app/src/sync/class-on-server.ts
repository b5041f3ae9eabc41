import { z } from '@tidy-sum/schema';
import {
	type ClassTry,
	type ClassView,
	classChangedSchema,
	classSchema,
	classTriesSchema,
	classTrySchema,
	handedSetSchema,
	keptTriesSchema,
	type SeatView,
	type SentTry,
	seatViewSchema,
	takenSeatSchema,
} from '@tidy-sum/schema/class';
import { doneSchema } from '@tidy-sum/schema/desk';
import type { Handed } from '@tidy-sum/schema/handed';
import { listenTo } from './listen-to';
import { type Answer, answerOf, eachOf, type Init, mapped, request } from './server-request';

/** What is heard of a class: how far its tries go, or that its key opens it no more. */
export type ClassHeard = { readonly seq: number } | { readonly closed: true };

/** A page of the tries of a class. */
export type ClassTries = { readonly tries: readonly ClassTry[]; readonly seq: number; readonly more: boolean };

type Done = Answer<unknown>;

/** A class on the server, as its teacher's key opens it. */
export type TaughtOnServer = {
	readonly make: (title: string) => Promise<Done>;
	readonly view: () => Promise<Answer<ClassView>>;
	readonly door: (open: boolean, renew?: boolean) => Promise<Answer<string | null>>;
	readonly handOut: (id: string, due: string | null, set: Handed) => Promise<Done>;
	readonly takeBack: (id: string) => Promise<Done>;
	readonly set: (id: string) => Promise<Answer<Handed>>;
	readonly removeSeat: (id: string) => Promise<Done>;
	readonly erase: () => Promise<Done>;
	readonly tries: (after: number) => Promise<Answer<ClassTries>>;
	readonly listen: (hear: (heard: ClassHeard) => void, stop: AbortSignal) => Promise<boolean>;
};

/** A class on the server, as the key of a seat opens it. */
export type SeatOnServer = {
	readonly view: () => Promise<Answer<SeatView>>;
	readonly set: (id: string) => Promise<Answer<Handed>>;
	readonly send: (tries: readonly SentTry[]) => Promise<Answer<number>>;
	readonly leave: (work: 'stays' | 'goes') => Promise<Done>;
};

function asking(id: string, key: string) {
	return (path: string, init: Init = {}) => request(`/classes/${id}${path}`, { key, ...init });
}

async function setOf(asked: Promise<Response | null>): Promise<Answer<Handed>> {
	return mapped(await answerOf(asked, handedSetSchema), ({ set }) => set);
}

/** The class of this id, for its teacher. */
export function taughtOnServer(id: string, key: string): TaughtOnServer {
	const ask = asking(id, key);
	const done = (path: string, init: Init) => answerOf(ask(path, init), doneSchema);
	return {
		make: (title) => done('', { method: 'PUT', body: { title } }),
		view: () => answerOf(ask(''), classSchema),
		door: async (open, renew = false) =>
			mapped(
				await answerOf(
					ask('/door', { method: 'PUT', body: { open, renew } }),
					z.object({ code: z.string().nullable() }),
				),
				({ code }) => code,
			),
		handOut: (handed, due, set) => done(`/handed/${handed}`, { method: 'PUT', body: { due, set } }),
		takeBack: (handed) => done(`/handed/${handed}`, { method: 'DELETE' }),
		set: (handed) => setOf(ask(`/handed/${handed}`)),
		removeSeat: (seat) => done(`/seats/${seat}`, { method: 'DELETE' }),
		erase: () => done('', { method: 'DELETE' }),
		tries: async (after) =>
			mapped(await answerOf(ask(`/tries?after=${after}`), classTriesSchema), ({ tries, seq, more }) => ({
				tries: eachOf(tries, classTrySchema),
				seq,
				more,
			})),
		listen: (hear, stop) =>
			listenTo(
				`/classes/${id}/events`,
				key,
				({ event, data }) => {
					if (event === 'changed') hear(classChangedSchema.safeParse(data).data ?? { seq: 0 });
					if (event === 'closed') hear({ closed: true });
				},
				stop,
			),
	};
}

/** The class of this id, for one of its seats. */
export function seatOnServer(id: string, key: string): SeatOnServer {
	const ask = asking(id, key);
	return {
		view: () => answerOf(ask('/seat'), seatViewSchema),
		set: (handed) => setOf(ask(`/handed/${handed}`)),
		send: async (tries) =>
			mapped(await answerOf(ask('/tries', { method: 'POST', body: { tries } }), keptTriesSchema), ({ kept }) => kept),
		leave: (work) => answerOf(ask(`/seat?work=${work}`, { method: 'DELETE' }), doneSchema),
	};
}

/** Takes a seat with the code of a class; the key stays on the desk, and only its hash is sent. */
export function takeSeat(code: string, hash: string): Promise<Answer<z.infer<typeof takenSeatSchema>>> {
	return answerOf(request('/seats', { method: 'POST', body: { code, hash } }), takenSeatSchema);
}
