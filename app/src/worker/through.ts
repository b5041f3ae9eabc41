import type { Later, NamesOf } from './later-jobs';

/** The jobs of a worker, reached through its door; comlink comes when it is first needed. */
export async function through<J>(worker: Worker, names: NamesOf<J>): Promise<Later<J>> {
	const { wrap } = await import('comlink');
	const jobs = wrap(worker) as unknown as Record<string, (...asked: unknown[]) => Promise<unknown>>;
	// The door answers to any name, “then” too: it must not be taken for a promise.
	return Object.fromEntries(
		Object.keys(names).map((name) => [name, (...asked: unknown[]) => jobs[name]?.(...asked)]),
	) as Later<J>;
}
