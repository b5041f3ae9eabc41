import { conflictSchema, type StoredWork, workSchema, worksSchema } from '@tidy-sum/schema';
import {
	changedSchema,
	changesSchema,
	GENERATION_HEADER,
	type Head,
	keptSchema,
	sumSchema,
	type TriesOf,
	triesOfSchema,
	triesSchema,
} from '@tidy-sum/schema/desk';
import type { WorkEntry } from '../work/works-reducer';
import { listenTo } from './listen-to';
import {
	type Answer,
	answerOf,
	anySchema,
	bodyOf,
	codeOf,
	eachOf,
	type Failed,
	failed,
	type Init,
	mapped,
	request,
} from './server-request';

/** What came of sending a version: kept, parted from another one, or the piece was erased. */
export type Sent =
	| { readonly came: 'kept'; readonly version: number; readonly seq?: number | undefined }
	| { readonly came: 'parted'; readonly kept: StoredWork }
	| { readonly came: 'gone' }
	| Failed;

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
	/** Sends a version; `of` is the generation in which it was counted, or null if that is unknown. */
	readonly send: (entry: WorkEntry, of: string | null) => Promise<Sent>;
	readonly erase: (id: string) => Promise<Answer<null>>;
	/**
	 * Listens to the desk until the signal says to stop.
	 * @returns when nothing more is heard; whether anything was.
	 */
	readonly listen: (hear: (heard: Heard) => void, stop: AbortSignal) => Promise<boolean>;
};

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
		listen: (hear, stop) =>
			listenTo(
				`${at}/events`,
				key ?? '',
				({ event, data }) => {
					if (event === 'changed') {
						const changed = changedSchema.safeParse(data).data;
						generation = changed?.generation ?? generation;
						hear(changed ?? { seq: 0, heads: [] });
					}
					if (event === 'closed') hear({ closed: true });
				},
				stop,
			),
	};
}
