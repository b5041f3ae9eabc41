import { errorSchema, z } from '@tidy-sum/schema';

/**
 * What kept the server from answering: it is away; it wants this asked later, in so many milliseconds; the desk or class is not
 * open to this device; it was erased; a backup was brought back since, so that what is here and there is to be compared first; or
 * it would not take what was sent, and says why.
 */
export type Failed =
	| { readonly came: 'away' | 'shut' | 'erased' | 'restored' }
	| { readonly came: 'later'; readonly ms: number }
	| { readonly came: 'refused'; readonly why: string };

/** An answer of the server, or what kept it from answering. */
export type Answer<T> = { readonly came: 'here'; readonly value: T } | Failed;

const WAIT_MS = 10_000;

/** How long to wait where the server says "later" and not when. */
const LATER_MS = 5000;

/** What goes with a request: its method, the key of the desk, a body that is sent as JSON. */
export type Init = {
	readonly method?: string;
	readonly key?: string | null;
	readonly body?: unknown;
	readonly headers?: object;
};

/** The header that carries a key. */
export function withKey(key: string): { readonly authorization: string } {
	return { authorization: `Bearer ${key}` };
}

/** Asks the server; null where it cannot be reached. */
export async function request(
	path: string,
	{ method = 'GET', key = null, body, headers }: Init,
): Promise<Response | null> {
	try {
		return await fetch(`/api${path}`, {
			method,
			headers: {
				...(key === null ? {} : withKey(key)),
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

/** The body of a reply, read as JSON; null where it cannot be. */
export async function bodyOf(response: Response): Promise<unknown> {
	return response.json().catch(() => null);
}

/** The code of a refusal; none where it has none. */
export function codeOf(body: unknown): string {
	return errorSchema.safeParse(body).data?.error.code ?? '';
}

/** Why an answer is none. */
export function failed(response: Response | null, body: unknown): Failed {
	if (!response || response.status >= 500) return { came: 'away' };
	if (response.status === 429) {
		const seconds = Number(response.headers?.get('retry-after'));
		return { came: 'later', ms: seconds > 0 ? seconds * 1000 : LATER_MS };
	}
	const code = codeOf(body);
	if (code === 'no-desk' || code === 'no-class') return { came: 'shut' };
	if (code === 'erased' || code === 'class-erased') return { came: 'erased' };
	if (code === 'generation') return { came: 'restored' };
	return { came: 'refused', why: errorSchema.safeParse(body).data?.error.message ?? '' };
}

/** A reply read by a schema; one of another shape counts as no answer. */
export async function answerOf<T>(asked: Promise<Response | null>, schema: z.ZodType<T>): Promise<Answer<T>> {
	const response = await asked;
	const body = response && (await bodyOf(response));
	if (!response?.ok) return failed(response, body);
	const read = schema.safeParse(body);
	return read.success ? { came: 'here', value: read.data } : { came: 'away' };
}

/** An answer with another value in it. */
export function mapped<T, U>(answer: Answer<T>, to: (value: T) => U): Answer<U> {
	return answer.came === 'here' ? { came: 'here', value: to(answer.value) } : answer;
}

/** Each of a list that can be read by a schema. */
export function eachOf<T>(list: readonly unknown[], schema: z.ZodType<T>): readonly T[] {
	return list.flatMap((one) => {
		const read = schema.safeParse(one);
		return read.success ? [read.data] : [];
	});
}

/** For a reply whose body does not matter. */
export const anySchema = z.unknown();
