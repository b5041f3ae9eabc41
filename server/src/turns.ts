import { RequestFault } from './errors';
import * as words from './words';

/** How many wait behind the one whose turn it is; the next is refused. */
const WAITING_LIMIT = 8;

/** Takes what is asked of one desk in turn: one large reply at a time, whatever the others ask. */
export type Turns = <T>(desk: string, work: () => Promise<T>) => Promise<T>;

/**
 * Turns for what is large. What is asked meanwhile of the same desk waits.
 * @returns what the work gives; @throws RequestFault 429 `too-many` where many wait already.
 */
export function createTurns(): Turns {
	const last = new Map<string, { readonly done: Promise<unknown>; readonly waiting: number }>();
	return async (desk, work) => {
		const before = last.get(desk);
		const waiting = (before?.waiting ?? 0) + 1;
		if (waiting > WAITING_LIMIT) throw new RequestFault(429, 'too-many', words.thisDeskAsksForTooMuchAt);
		const mine = (before?.done ?? Promise.resolve()).catch(() => {}).then(work);
		last.set(desk, { done: mine, waiting });
		try {
			return await mine;
		} finally {
			const now = last.get(desk);
			if (now?.done === mine) last.delete(desk);
			else if (now) last.set(desk, { ...now, waiting: now.waiting - 1 });
		}
	};
}
