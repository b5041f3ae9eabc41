import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

type Progress = { at: (stage: string, done: number, of: number) => void; end: () => void; fail: () => void };
type Out = { isTTY?: boolean; write: (text: string) => void };

const cache = mkdtempSync(join(tmpdir(), 'tidy-sum-cache-'));

let startProgress: (job: string, out: Out) => Progress;
let inWords: (ms: number) => string;

beforeAll(() => {
	process.env.XDG_CACHE_HOME = cache;
	({ startProgress, inWords } = jest.requireActual('../lib/progress.mjs'));
});

afterAll(() => rmSync(cache, { recursive: true }));

/** Where it is said to, and all that was said there. */
function heard(isTTY = false): { readonly out: Out; readonly said: () => string } {
	const texts: string[] = [];
	return { out: { isTTY, write: (text) => void texts.push(text) }, said: () => texts.join('') };
}

describe('how far a long job is', () => {
	it('is told in a few plain lines, with what it took the last time as the estimate of the next', () => {
		const first = heard();
		const job = startProgress('building a thing', first.out);
		for (let done = 0; done <= 100; done++) job.at('part', done, 100);
		job.end();
		expect(first.said()).toContain('· building a thing (not timed on this machine yet)\n');
		expect(first.said().match(/ {2}part \d+ of 100\n/g)).toEqual(
			[0, 25, 50, 75, 100].map((n) => `  part ${n} of 100\n`),
		);
		expect(first.said()).toMatch(/building a thing: done in \d+ s\n$/);
		const next = heard();
		startProgress('building a thing', next.out);
		expect(next.said()).toMatch(/\(\d+ s last time\)/);
	});

	it('is a bar in a terminal, in one line that ends when the job does', () => {
		const { out, said } = heard(true);
		const job = startProgress('another thing', out);
		job.at('part', 12, 24);
		expect(said()).toContain(`${'█'.repeat(12)}${'·'.repeat(12)} part 12 of 24`);
		job.at('part', 24, 24);
		job.end();
		expect(
			said()
				.split('\n')
				.filter((line) => line.includes('█')),
		).toHaveLength(1);
	});

	it('says times as people do', () => {
		expect([400, 48_000, 185_000].map(inWords)).toEqual(['1 s', '48 s', '3 min 5 s']);
	});
});
