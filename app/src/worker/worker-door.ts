import type { Later, NamesOf } from './later-jobs';
import { through } from './through';

type Running<J> = { readonly end: () => void; readonly jobs: Promise<Later<J>>; readonly stops: Set<() => void> };

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

/** The jobs in the page itself, where the browser gives no worker. */
async function inPage<J>(here: () => Promise<J>, names: NamesOf<J>): Promise<Later<J>> {
	const jobs = (await here()) as Record<string, (...asked: unknown[]) => unknown>;
	return Object.fromEntries(
		Object.keys(names).map((name) => [name, async (...asked: unknown[]) => jobs[name]?.(...asked)]),
	) as Later<J>;
}

/**
 * A door to a worker.
 * @param start starts it: the bundler makes a script of its own of what is named there.
 * @param here the same jobs in the page, where there are no workers.
 */
export function workerDoor<J>(start: () => Worker, here: () => Promise<J>, names: NamesOf<J>): WorkerDoor<J> {
	let running: Running<J> | null = null;
	const begin = (): Running<J> => {
		if (typeof Worker === 'undefined') return { end: () => {}, jobs: inPage(here, names), stops: new Set() };
		const worker = start();
		return { end: () => worker.terminate(), jobs: through<J>(worker, names), stops: new Set() };
	};
	return {
		work: (job) => {
			running ??= begin();
			const { jobs, stops } = running;
			return new Promise((resolve, reject) => {
				const stop = () => reject(new Stopped('the job was stopped'));
				stops.add(stop);
				void jobs
					.then(job)
					.then(resolve, reject)
					.finally(() => stops.delete(stop));
			});
		},
		stopWork: () => {
			running?.end();
			for (const stop of running?.stops ?? []) stop();
			running = null;
		},
	};
}
