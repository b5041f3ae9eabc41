import type { LaterJobs } from '../src/worker/core-worker';

/** A worker that answers nothing by itself. */
class FakeWorker {
	static made: FakeWorker[] = [];
	ended = false;
	onerror: (() => void) | null = null;
	constructor(readonly url: URL) {
		FakeWorker.made.push(this);
	}
	terminate() {
		this.ended = true;
	}
}

type Door = typeof import('../src/worker/core-worker');

/** The door as a fresh page has it, with these jobs behind it. */
function freshDoor(jobs: LaterJobs): Door {
	jest.resetModules();
	FakeWorker.made = [];
	(globalThis as { Worker?: unknown }).Worker = FakeWorker;
	jest.doMock('../src/worker/through', () => ({ through: async () => jobs }));
	return require('../src/worker/core-worker');
}

const never: LaterJobs = {
	round: () => new Promise(() => {}),
	bring: () => new Promise(() => {}),
	tell: async () => [],
	beginRecord: async () => ({ token: 1, tries: 0 }),
	recordPart: async () => null,
	today: () => new Promise(() => {}),
	slips: async () => ({ slips: [], rulesOut: null }),
};

afterEach(() => {
	delete (globalThis as { Worker?: unknown }).Worker;
});

describe('the door to the worker', () => {
	it('starts one worker, when it is first needed, for all jobs', async () => {
		const { work } = freshDoor(never);
		expect(FakeWorker.made).toHaveLength(0);
		expect(await work((jobs) => jobs.slips({} as never, '', undefined))).toEqual({ slips: [], rulesOut: null });
		await work((jobs) => jobs.slips({} as never, '', undefined));
		expect(FakeWorker.made).toHaveLength(1);
		expect(String(FakeWorker.made[0]?.url)).toContain('core.worker');
	});

	it('is stopped at once, whatever it is at, and starts anew for the next job', async () => {
		const { work, stopWork, Stopped } = freshDoor(never);
		const job = work((jobs) => jobs.round('4k7m9ae'));
		stopWork();
		await expect(job).rejects.toBeInstanceOf(Stopped);
		expect(FakeWorker.made[0]?.ended).toBe(true);
		await work((jobs) => jobs.slips({} as never, '', undefined));
		expect(FakeWorker.made).toHaveLength(2);
	});

	it('that cannot be fetched ends its jobs, and another is tried for the next', async () => {
		const { work, Stopped } = freshDoor(never);
		const job = work((jobs) => jobs.round('4k7m9ae'));
		FakeWorker.made[0]?.onerror?.();
		await expect(job).rejects.not.toBeInstanceOf(Stopped);
		await work((jobs) => jobs.slips({} as never, '', undefined));
		expect(FakeWorker.made).toHaveLength(2);
	});

	it('hands on what a job could not do', async () => {
		const { work } = freshDoor({ ...never, round: async () => Promise.reject(new Error('no room')) });
		await expect(work((jobs) => jobs.round('x'))).rejects.toThrow('no room');
	});

	it('is stopped without harm where nothing runs', () => {
		const { stopWork } = freshDoor(never);
		expect(() => stopWork()).not.toThrow();
	});
});
