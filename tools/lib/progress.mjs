import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { homedir } from 'node:os';
import { dirname, join } from 'node:path';

/** How long each job took the last time on this machine, in milliseconds; a fresh clone finds it too. */
const TOOK = join(process.env.XDG_CACHE_HOME || join(homedir(), '.cache'), 'tidy-sum', 'took.json');

/** How wide the bar in a terminal is, in characters; and how many lines a job has at most elsewhere, beside its first and last. */
const BAR = 24;
const PLAIN_LINES = 4;

function readTook() {
	try {
		return JSON.parse(readFileSync(TOOK, 'utf8'));
	} catch {
		return {};
	}
}

function remember(job, ms) {
	try {
		mkdirSync(dirname(TOOK), { recursive: true });
		writeFileSync(TOOK, JSON.stringify({ ...readTook(), [job]: Math.round(ms) }));
	} catch {
		// The next run has no estimate, and that is all.
	}
}

/** A length of time in words: `48 s`, `3 min 5 s`. */
export function inWords(ms) {
	const seconds = Math.max(1, Math.round(ms / 1000));
	return seconds < 90 ? `${seconds} s` : `${Math.floor(seconds / 60)} min ${seconds % 60} s`;
}

/**
 * Tells how far a long job is: one line with a bar in a terminal, a few plain lines anywhere else.
 * @param job what is being done, as in "building the app".
 * @returns `at(stage, done, of)` to say how far it is, and `end()` once it is done, which keeps how long it took as the
 * estimate for the next time.
 * @example
 * const progress = startProgress('building the app'); // · building the app (48 s last time)
 * progress.at('bundle', 1200, 2978);                  //   bundle 1200 of 2978
 * progress.end();                                     // · building the app: done in 51 s
 */
export function startProgress(job, out = process.stdout) {
	const from = performance.now();
	const last = readTook()[job];
	out.write(`· ${job} (${last !== undefined ? `${inWords(last)} last time` : 'not timed on this machine yet'})\n`);
	let said = '';
	const clear = () => {
		if (out.isTTY && said) out.write('\r\u001b[K');
	};
	return {
		/** How many seconds it took the last time; undefined when it was never timed here. */
		lastSeconds: last === undefined ? undefined : last / 1000,
		at: (stage, done, of) => {
			const text = `${stage} ${Math.round(done)} of ${of}`;
			if (out.isTTY) {
				const full = Math.round((BAR * Math.min(done, of)) / Math.max(1, of));
				clear();
				out.write(`  ${'█'.repeat(full)}${'·'.repeat(BAR - full)} ${text}`);
				said = text;
				return;
			}
			// A line at the start of each stage, at each quarter of it, and at its end.
			const mark = `${stage} ${Math.floor((PLAIN_LINES * done) / Math.max(1, of))}`;
			if (mark === said) return;
			said = mark;
			out.write(`  ${text}\n`);
		},
		end: () => {
			const ms = performance.now() - from;
			clear();
			remember(job, ms);
			out.write(`· ${job}: done in ${inWords(ms)}\n`);
		},
		fail: () => clear(),
	};
}
