/** The worker's door as it opens in a test: on the jobs themselves, since jsdom has no workers. */
export function jobsHere() {
	const { coreJobs } = jest.requireActual('../src/worker/core-jobs');
	const jobs = {
		round: async (code: string) => coreJobs.round(code),
		bring: async (text: string) => coreJobs.bring(text),
		tell: async (texts: readonly string[]) => coreJobs.tell(texts),
		today: async (...asked: unknown[]) => coreJobs.today(...asked),
		beginRecord: async (...asked: unknown[]) => coreJobs.beginRecord(...asked),
		recordPart: async (...asked: unknown[]) => coreJobs.recordPart(...asked),
		slips: async (...asked: unknown[]) => coreJobs.slips(...asked),
	};
	return { work: (job: (of: typeof jobs) => Promise<unknown>) => job(jobs), stopWork: () => {} };
}
