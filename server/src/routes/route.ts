import type { z } from '@tidy-sum/schema';
import type { Context } from 'koa';
import type { Database } from '../database';
import { RequestFault } from '../errors';

/** What a route has at hand. */
export type RouteParts = { readonly db: Database; readonly version: string; readonly now: () => Date };

/** A request of the API: one file. It sets the body of the reply, and its status where that is not 200. */
export type Route = {
	readonly method: 'get' | 'put';
	/** Its address under /api. */
	readonly path: string;
	/** Whether it comes with a body, in JSON. */
	readonly hasBody?: true;
	readonly answer: (
		ctx: Context & { readonly params: Readonly<Record<string, string>> },
		parts: RouteParts,
	) => Promise<void>;
};

/**
 * A value of a request, read by its schema.
 * @throws RequestFault 422 `shape`, with what is wrong and where.
 */
export function taken<S extends z.ZodType>(schema: S, value: unknown, what: string): z.output<S> {
	const read = schema.safeParse(value);
	if (read.success) return read.data;
	const [issue] = read.error.issues;
	const at = issue?.path.length ? ` (at ${issue.path.join('.')})` : '';
	throw new RequestFault(422, 'shape', `${what} is not of the right shape: ${issue?.message}${at}.`);
}
