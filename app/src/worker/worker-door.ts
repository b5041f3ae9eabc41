import type { Later, NamesOf } from './later-jobs';
import { through } from './through';
import * as words from './words';

type Running<J> = {
	readonly end: () => void;
	readonly jobs: Promise<Later<J>>;
	readonly stops: Set<(fault: Error) => void>;
};

/** A job was stopped before it was done. */
export class Stopped extends Error {}

/** A door to one worker. */
export type WorkerDoor<J> = {
	/**
	 * Does a job in the worker, which starts when it is first needed.
	 * @throws Stopped when `stopWork` ends it.
	 */
	readonly work: <T>(job: (jobs: Later<J>) => Promise<T>) => Promise<T>;
	/** Ends whatever the worker is at; the next job starts a new one. */
	readonly stopWork: () => void;
};

/**
 * A door to a worker.
 * @param start starts it: the bundler makes a script of its own of what is named there.
 */
export function workerDoor<J>(start: () => Worker, names: NamesOf<J>): WorkerDoor<J> {
	let running: Running<J> | null = null;
	const begin = (): Running<J> => {
		const worker = start();
		// A worker that cannot be fetched, or that falls over, answers no job.
		worker.onerror = () => end(new Error(words.theWorkerFailed));
		return { end: () => worker.terminate(), jobs: through<J>(worker, names), stops: new Set() };
	};
	const end = (fault: Error) => {
		running?.end();
		for (const stop of running?.stops ?? []) stop(fault);
		running = null;
	};
	return {
		work: (job) => {
			running ??= begin();
			const { jobs, stops } = running;
			return new Promise((resolve, reject) => {
				stops.add(reject);
				void jobs
					.then(job)
					.then(resolve, reject)
					.finally(() => stops.delete(reject));
			});
		},
		stopWork: () => end(new Stopped(words.theJobWasStopped)),
	};
}
