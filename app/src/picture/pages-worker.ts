import { workerDoor } from '../worker/worker-door';
import type { PageJobs } from './page-jobs';

/** Where what reads pages is served: named when the app is built. */
const READING = process.env.EXPO_PUBLIC_READING ?? '/reading';

/** The worker that reads pictures, PDFs and Word files. It is fetched when a first one is brought, and not before. */
export const { work: workOnPages, stopWork: stopPages } = workerDoor<PageJobs>(
	() => new Worker(`${READING}/pages.worker.js`),
	{ readPages: true },
);
