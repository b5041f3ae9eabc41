import type { FormJobs } from './form-jobs';
import { workerDoor } from './worker-door';

/** The worker that reads and writes files, and marks answers: what it needs comes with it, and not before. */
export const { work: workOnFiles, stopWork: stopFiles } = workerDoor<FormJobs>(
	() => new Worker(new URL('./form.worker', window.location.href)),
	{
		writeMyWork: true,
		readMyWork: true,
		readFile: true,
		writeProblems: true,
		writeRound: true,
		writeTries: true,
		writeAnswers: true,
		beginMarking: true,
		markOn: true,
		endMarking: true,
	},
);
