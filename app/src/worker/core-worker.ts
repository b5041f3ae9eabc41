import type { CoreJobs } from './core-jobs';
import type { Later } from './later-jobs';
import { workerDoor } from './worker-door';

export { Stopped } from './worker-door';

export type LaterJobs = Later<CoreJobs>;

/** The one worker that reads, checks and makes Rounds. */
export const { work, stopWork } = workerDoor<CoreJobs>(
	() => new Worker(new URL('./core.worker', window.location.href)),
	{ round: true, bring: true, tell: true, beginRecord: true, recordPart: true, today: true, slips: true },
);
