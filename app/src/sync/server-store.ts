import { conflictSchema, errorSchema, type StoredWork, workSchema, worksSchema, z } from '@tidy-sum/schema';
import {
	changedSchema,
	changesSchema,
	type DeskEvent,
	devicesSchema,
	GENERATION_HEADER,
	type Head,
	historySchema,
	joinedSchema,
	keptSchema,
	type ListedDevice,
	type ListedLook,
	lookedAtSchema,
	looksSchema,
	madeCodeSchema,
	madeLookSchema,
	type NewLook,
	type Shown,
	sumSchema,
	type TriesOf,
	triesOfSchema,
	triesSchema,
} from '@tidy-sum/schema/desk';
import type { WorkEntry } from '../work/works-reducer';
import { readEvents } from './read-events';

/**
 * What kept the server from answering: it is away; it wants this asked later, in so many milliseconds; the desk is not open to
 * this device; the desk was erased; a backup was brought back since, so that what is here and there is to be compared first; or
 * it would not take what was sent, and says why.
 */
export type Failed =
	| { readonly came: 'away' | 'shut' | 'erased' | 'restored' }
	| { readonly came: 'later'; readonly ms: number }
	| { readonly came: 'refused'; readonly why: string };

/** What came of sending a version: kept, parted from another one, or the piece was erased. */
export type Sent =
	| { readonly came: 'kept'; readonly version: number; readonly seq?: number | undefined }
	| { readonly came: 'parted'; readonly kept: StoredWork }
	| { readonly came: 'gone' }
	| Failed;

/** An answer of the server, or what kept it from answering. */
export type Answer<T> = { readonly came: 'here'; readonly value: T } | Failed;

/** Pieces of work that can be read, and how many cannot: those are set aside, and kept. */
export type WorksKept = { readonly works: readonly StoredWork[]; readonly aside: readonly string[] };

export type Changes = {
	readonly works: readonly Head[];
	readonly seq: number;
	readonly more: boolean;
	readonly generation?: string | undefined;
};

/** What is heard of a desk: how far its changes go, with the heads of those just made; or that the key opens it no more. */
export type Heard =
	| { readonly seq: number; readonly heads: readonly Head[]; readonly generation?: string | undefined }
	| { readonly closed: true };

/** One desk on the server, as the key of this device opens it. */
export type ServerStore = {
	readonly changes: (after: number) => Promise<Answer<Changes>>;
	readonly bodies: (ids: readonly string[]) => Promise<Answer<WorksKept>>;
	readonly tries: (
		from: number,
	) => Promise<Answer<{ readonly tries: readonly TriesOf[]; readonly next: number | null }>>;
	/** How many pieces it has, and the sum of their heads. */
	readonly sum: () => Promise<Answer<{ readonly pieces: number; readonly sum: string }>>;
	/** The generation of what it keeps, as it was last told; null before anything was. */
	readonly generation: () => string | null;
	/** Sends a version; `of` is the generation in which it was counted, null where none is known. */
	readonly send: (entry: WorkEntry, of: string | null) => Promise<Sent>;
	readonly erase: (id: string) => Promise<Answer<null>>;
	/**
	 * Listens to the desk until the signal says to stop.
	 * @returns when nothing more is heard; whether anything was.
	 */
	readonly listen: (hear: (heard: Heard) => void, stop: AbortSignal) => Promise<boolean>;
};

/** What opens a desk, and how long the server keeps it without use. */
export type Devices = { readonly devices: readonly ListedDevice[]; readonly keepDays: number | null };

/** What only the pages about desks and devices ask of the server. */
export type DeskOnServer = {
	/** What opens it, and after how many days without use the server clears it away; null where it never does. */
	readonly devices: () => Promise<Answer<Devices>>;
	/** Who joined it and who was shut out, the last first. */
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

const WAIT_MS = 10_000;

/** A connection on which nothing came for so long is dead: the server sends something every 15 seconds. */
const QUIET_MS = 45_000;

/** How long to wait where the server says "later" and not when. */
const LATER_MS = 5000;

type Init = {
	readonly method?: string;
	readonly key?: string | null;
	readonly body?: unknown;
	readonly headers?: object;
};

async function request(path: string, { method = 'GET', key = null, body, headers }: Init): Promise<Response | null> {
	try {
		return await fetch(`/api${path}`, {
			method,
			headers: {
				...(key === null ? {} : { authorization: `Bearer ${key}` }),
				...(body === undefined ? {} : { 'content-type': 'application/json' }),
				...headers,
			},
			...(body === undefined ? {} : { body: JSON.stringify(body) }),
			signal: AbortSignal.timeout(WAIT_MS),
		});
	} catch {
		return null;
	}
}

async function bodyOf(response: Response): Promise<unknown> {
	return response.json().catch(() => null);
}

/** The code of a refusal; none where it has none. */
function codeOf(body: unknown): string {
	return errorSchema.safeParse(body).data?.error.code ?? '';
}

/** Why an answer is none. */
function failed(response: Response | null, body: unknown): Failed {
	if (!response || response.status >= 500) return { came: 'away' };
	if (response.status === 429) {
		const seconds = Number(response.headers?.get('retry-after'));
		return { came: 'later', ms: seconds > 0 ? seconds * 1000 : LATER_MS };
	}
	const code = codeOf(body);
	if (code === 'no-desk') return { came: 'shut' };
	if (code === 'erased') return { came: 'erased' };
	if (code === 'generation') return { came: 'restored' };
	return { came: 'refused', why: errorSchema.safeParse(body).data?.error.message ?? '' };
}

async function answerOf<T>(asked: Promise<Response | null>, schema: z.ZodType<T>): Promise<Answer<T>> {
	const response = await asked;
	const body = response && (await bodyOf(response));
	if (!response?.ok) return failed(response, body);
	const read = schema.safeParse(body);
	return read.success ? { came: 'here', value: read.data } : { came: 'away' };
}

function mapped<T, U>(answer: Answer<T>, to: (value: T) => U): Answer<U> {
	return answer.came === 'here' ? { came: 'here', value: to(answer.value) } : answer;
}

/** Each of a list that can be read by a schema. */
function eachOf<T>(list: readonly unknown[], schema: z.ZodType<T>): readonly T[] {
	return list.flatMap((one) => {
		const read = schema.safeParse(one);
		return read.success ? [read.data] : [];
	});
}

const anySchema = z.unknown();

/** The ids of what came and cannot be read here. */
function unread(list: readonly unknown[], works: readonly StoredWork[]): readonly string[] {
	const read = new Set(works.map(({ id }) => id));
	return list.flatMap((one) => {
		const id = (one as { readonly id?: unknown } | null)?.id;
		return typeof id === 'string' && !read.has(id) ? [id] : [];
	});
}

/**
 * A desk on the server this page came from.
 * @param key this device's key of it; null for a desk of made-up work, which is open to all.
 * @param says what the device calls itself in the list of devices: a kind of browser.
 */
export function serverStore(desk: string, key: string | null, says = ''): ServerStore {
	const at = `/desks/${desk}`;
	let generation: string | null = null;
	const ask = async (path: string, init: Init): Promise<Response | null> => {
		const response = await request(path, init);
		generation = response?.headers?.get(GENERATION_HEADER) ?? generation;
		return response;
	};
	return {
		generation: () => generation,
		sum: () => answerOf(ask(`${at}/sum`, { key }), sumSchema),
		changes: (after) =>
			answerOf(ask(`${at}/works?after=${after}`, { key, headers: { 'x-device': says } }), changesSchema),
		bodies: async (ids) =>
			mapped(await answerOf(ask(`${at}/bodies?ids=${ids.join(',')}`, { key }), worksSchema), ({ works, aside }) => {
				const read = eachOf(works, workSchema);
				return { works: read, aside: [...aside, ...unread(works, read)] };
			}),
		tries: async (from) =>
			mapped(await answerOf(ask(`${at}/tries?from=${from}`, { key }), triesSchema), ({ tries, next }) => ({
				tries: eachOf(tries, triesOfSchema),
				next,
			})),
		send: async (entry, of) => {
			const response = await ask(`${at}/works/${entry.id}`, {
				method: 'PUT',
				key,
				body: { base: entry.version, body: entry.body },
				headers: { 'x-device': says, ...(of === null ? {} : { [GENERATION_HEADER]: of }) },
			});
			const body = response && (await bodyOf(response));
			if (response?.status === 409) {
				const read = conflictSchema.safeParse(body);
				// A version that cannot be read stays as it is there, and the one from here as it is here.
				return read.success ? { came: 'parted', kept: read.data.kept } : failed(response, body);
			}
			const read = keptSchema.safeParse(body);
			if (response?.ok && read.success) return { came: 'kept', version: read.data.version, seq: read.data.seq };
			if (response?.ok) return { came: 'away' };
			return codeOf(body) === 'piece-erased' ? { came: 'gone' } : failed(response, body);
		},
		erase: async (id) =>
			mapped(await answerOf(ask(`${at}/works/${id}`, { method: 'DELETE', key }), anySchema), () => null),
		listen: async (hear, stop) => {
			const ended = new AbortController();
			const end = () => ended.abort();
			stop.addEventListener('abort', end);
			let quiet = setTimeout(end, QUIET_MS);
			try {
				const headers = { authorization: `Bearer ${key}` };
				const response = await fetch(`/api${at}/events`, { headers, signal: ended.signal });
				if (!response.ok || !response.body) return false;
				await readEvents(
					response.body,
					({ event, data }) => {
						if (event === 'changed') {
							const changed = changedSchema.safeParse(data).data;
							generation = changed?.generation ?? generation;
							hear(changed ?? { seq: 0, heads: [] });
						}
						if (event === 'closed') hear({ closed: true });
					},
					() => {
						clearTimeout(quiet);
						quiet = setTimeout(end, QUIET_MS);
					},
				);
				return true;
			} catch {
				return false;
			} finally {
				clearTimeout(quiet);
				stop.removeEventListener('abort', end);
			}
		},
	};
}

const done = (answer: Answer<unknown>): Answer<null> => mapped(answer, () => null);

/** The same desk, for the pages about desks and devices. */
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
