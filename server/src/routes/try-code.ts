import { setTimeout } from 'node:timers/promises';
import { RequestFault } from '../errors';
import type { Asked } from './route';

/** How long a code waits that comes from an address of many wrong ones. */
const SLOWLY_MS = 200;

/**
 * Tries a code that a device came with. A code allows five wrong tries. A device that guesses at many is stopped by the hash of the
 * key it comes with. Past the limit of an address codes are tried slowly, one after another: a right one is still taken.
 * @param tried gives what the code opens; null where it opens nothing.
 * @throws RequestFault 404 `no-code` with what is said, 429 `too-many`.
 */
export async function tryCode<T>(
	{ ctx, parts: { limits, turns } }: Asked<unknown, unknown>,
	hash: string,
	tried: () => Promise<T | null>,
	says: string,
): Promise<T> {
	if (await limits.isReached('codeFrom', hash)) await limits.count(ctx, 'codeFrom', hash);
	const isOften = await limits.isReached('code', ctx.ip);
	const found = await (isOften ? turns(`codes ${ctx.ip}`, () => setTimeout(SLOWLY_MS).then(tried)) : tried());
	if (found !== null) return found;
	await limits.count(ctx, 'codeFrom', hash);
	await limits.count(ctx, 'code', ctx.ip);
	throw new RequestFault(404, 'no-code', says);
}
