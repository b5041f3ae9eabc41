import { workerDoor } from '../worker/worker-door';
import type { PageJobs } from './page-jobs';

/** Where what reads pages is served: the page says so in its head, since that changes on its own. */
const place = () => document.querySelector<HTMLMetaElement>('meta[name=reading]')?.content ?? '/reading';

/** The worker that reads pictures, PDFs and Word files. It is fetched when a first one is brought, and not before. */
export const { work: workOnPages, stopWork: stopPages } = workerDoor<PageJobs>(
	() => new Worker(`${place()}/pages.worker.js`),
	{ readPages: true },
);
