import type { CoreJobs } from './core-jobs';
import { through } from './through';

/** The jobs of the worker, as they look from outside: each answers later. */
export type LaterJobs = {
	readonly [K in keyof CoreJobs]: (...asked: Parameters<CoreJobs[K]>) => Promise<ReturnType<CoreJobs[K]>>;
};

type Running = { readonly end: () => void; readonly jobs: Promise<LaterJobs>; readonly stops: Set<() => void> };

let running: Running | null = null;

/** The jobs in the page itself, where the browser gives no worker. */
async function inPage(): Promise<LaterJobs> {
	const { coreJobs } = await import('./core-jobs');
	return {
		round: async (...asked) => coreJobs.round(...asked),
		bring: async (...asked) => coreJobs.bring(...asked),
		tell: async (...asked) => coreJobs.tell(...asked),
		slips: async (...asked) => coreJobs.slips(...asked),
	};
}

function start(): Running {
	if (typeof Worker === 'undefined') return { end: () => {}, jobs: inPage(), stops: new Set() };
	// The bundler makes a script of its own of what is named here.
	const worker = new Worker(new URL('./core.worker', window.location.href));
	return { end: () => worker.terminate(), jobs: through(worker), stops: new Set() };
}

/** A job was stopped before it was done. */
export class Stopped extends Error {}

/**
 * Does a job in the one worker of the app, which starts when it is first needed.
 * @throws Stopped when `stopWork` ends it.
 */
export async function work<T>(job: (jobs: LaterJobs) => Promise<T>): Promise<T> {
	running ??= start();
	const { jobs, stops } = running;
	return new Promise<T>((resolve, reject) => {
		const stop = () => reject(new Stopped('the job was stopped'));
		stops.add(stop);
		void jobs
			.then(job)
			.then(resolve, reject)
			.finally(() => stops.delete(stop));
	});
}

/** Ends whatever the worker is at; the next job starts a new one. */
export function stopWork(): void {
	running?.end();
	for (const stop of running?.stops ?? []) stop();
	running = null;
}
