import { type StoredWork, workSchema } from '@tidy-sum/schema';
import {
	type DeskEvent,
	devicesSchema,
	historySchema,
	joinedSchema,
	type ListedDevice,
	type ListedLook,
	lookedAtSchema,
	looksSchema,
	madeCodeSchema,
	madeLookSchema,
	type NewLook,
	type Shown,
} from '@tidy-sum/schema/desk';
import { type Answer, answerOf, anySchema, eachOf, mapped, request } from './server-request';

/** What opens a desk, and how long the server keeps it without use. */
export type Devices = { readonly devices: readonly ListedDevice[]; readonly keepDays: number | null };

/** What only the pages about desks and devices ask of the server. */
export type DeskOnServer = {
	/** What opens it, and after how many days without use the server clears it away; null where it never does. */
	readonly devices: () => Promise<Answer<Devices>>;
	/** Who joined it and who was removed, the last first. */
	readonly history: () => Promise<Answer<readonly DeskEvent[]>>;
	readonly addKey: (hash: string, kind: 'device' | 'sheet', says: string) => Promise<Answer<null>>;
	readonly shutOut: (id: string) => Promise<Answer<null>>;
	readonly makeCode: () => Promise<Answer<{ readonly code: string; readonly until: string }>>;
	readonly eraseDesk: () => Promise<Answer<null>>;
	readonly looks: () => Promise<Answer<readonly ListedLook[]>>;
	/** Makes a link, or gives it another end; until when it holds. */
	readonly makeLook: (look: NewLook) => Promise<Answer<string | null>>;
	readonly takeBack: (id: string) => Promise<Answer<null>>;
};

const done = (answer: Answer<unknown>): Answer<null> => mapped(answer, () => null);

/** A desk on the server, for the pages about desks and devices. */
export function deskOnServer(desk: string, key: string): DeskOnServer {
	const at = `/desks/${desk}`;
	const post = (path: string, body?: unknown) => request(`${at}${path}`, { method: 'POST', key, body });
	const remove = async (path: string) =>
		done(await answerOf(request(`${at}${path}`, { method: 'DELETE', key }), anySchema));
	return {
		devices: () => answerOf(request(`${at}/keys`, { key }), devicesSchema),
		history: async () =>
			mapped(await answerOf(request(`${at}/history`, { key }), historySchema), ({ events }) => events),
		addKey: async (hash, kind, says) => done(await answerOf(post('/keys', { hash, kind, says }), anySchema)),
		shutOut: (id) => remove(`/keys/${id}`),
		makeCode: () => answerOf(post('/codes'), madeCodeSchema),
		eraseDesk: () => remove(''),
		looks: async () => mapped(await answerOf(request(`${at}/looks`, { key }), looksSchema), ({ looks }) => looks),
		makeLook: async (look) => mapped(await answerOf(post('/looks', look), madeLookSchema), ({ until }) => until),
		takeBack: (id) => remove(`/looks/${id}`),
	};
}

/** Joins a desk with a one-time code: its id. */
export async function joinWithCode(code: string, hash: string, says: string): Promise<Answer<string>> {
	const asked = request('/joining', { method: 'POST', body: { code, hash, says } });
	return mapped(await answerOf(asked, joinedSchema), ({ desk }) => desk);
}

/** What a link to look at shows. */
export async function lookAt(
	id: string,
	secret: string,
): Promise<Answer<{ readonly shows: Shown; readonly works: readonly StoredWork[] }>> {
	const answer = await answerOf(request(`/looks/${id}`, { key: secret }), lookedAtSchema);
	return mapped(answer, ({ shows, works }) => ({ shows, works: eachOf(works, workSchema) }));
}
