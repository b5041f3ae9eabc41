import type { CoreJobs } from './core-jobs';
import type { LaterJobs } from './core-worker';

/** The jobs of a worker, reached through its door; comlink comes when it is first needed. */
export async function through(worker: Worker): Promise<LaterJobs> {
	const { wrap } = await import('comlink');
	const jobs = wrap<CoreJobs>(worker) as unknown as LaterJobs;
	// The door answers to any name, “then” too: it must not be taken for a promise.
	return {
		round: (...asked) => jobs.round(...asked),
		bring: (...asked) => jobs.bring(...asked),
		tell: (...asked) => jobs.tell(...asked),
		slips: (...asked) => jobs.slips(...asked),
	};
}
