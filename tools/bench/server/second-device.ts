import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { roundName } from '../../../core/src';
import { roundCode, SKILLS } from '../../../core/src/practice';
import { Browser, PHONE } from '../../../e2e/src/browser';
import { byId } from '../../../e2e/src/parts';
import { median, type Row, row } from '../measure';
import { ask, bodyOf, inParallel, newDeskKey, startProcess } from './asking';

const PIECES = 3000;
const ROUNDS = 3;
const SLOWED = 4;

/** The exercises of many Rounds, each a name of its own. */
const NAMES: readonly string[] = [1, 2, 3, 4, 5, 6].flatMap((seed) =>
	SKILLS.flatMap(({ skill }) => {
		const code = roundCode({ skills: [skill], level: 1, count: 20, seed });
		return Array.from({ length: 20 }, (_, i) => roundName(code, i));
	}),
);

/** A piece of work with tries, as a student leaves it. */
function worked(i: number): string {
	const { body } = JSON.parse(bodyOf(8));
	const number = `${100 + i}`;
	const made = {
		when: Date.now() - (PIECES - i) * 600_000,
		seconds: 60,
		right: i % 3 !== 0,
		slips: i % 3 ? [] : ['flipped-factor'],
		nudges: 0,
		shown: false,
		answer: `${number} cm`,
		start: { number, unit: 'in' },
		factors: [{ top: { number: '2.54', unit: 'cm' }, bottom: { number: '1', unit: 'in' } }],
	};
	return JSON.stringify({ base: 0, body: { ...body, exercise: NAMES[i], tries: [made] } });
}

/** Notes in the page when each of these was there first, in milliseconds since it began to load. */
const NOTE = `
	window.seen = {};
	new MutationObserver(() => {
		for (const id of ['week', 'begin-due'])
			if (!window.seen[id] && document.querySelector('[data-testid="' + id + '"]')) window.seen[id] = performance.now();
	}).observe(document, { childList: true, subtree: true });
`;

/** How long a second device takes, four times slowed, from being let in to Today, with 3 000 pieces of work on the desk. */
export async function secondDevice(): Promise<readonly Row[]> {
	const folder = mkdtempSync(join(tmpdir(), 'tidy-sum-bench-'));
	const server = await startProcess('server/src/main.ts', { DATA_DIR: folder, DEMO: 'yes' });
	const { url } = server;
	const { desk, key } = newDeskKey();
	const ids = Array.from({ length: PIECES }, (_, i) => i);
	const save = async (i: number) => {
		const { status, body } = await ask(url, 'PUT', `/api/desks/${desk}/works/bench-piece-${i}`, {
			key,
			body: worked(i),
		});
		if (status !== 200) throw new Error(`a piece was not kept: ${body}`);
	};
	await save(0);
	await inParallel(ids.slice(1), 16, save);
	const today: number[] = [];
	const due: number[] = [];
	const all: number[] = [];
	for (let round = 0; round < ROUNDS; round++) {
		const browser = await Browser.open({ screen: PHONE, alone: true });
		const { code } = JSON.parse((await ask(url, 'POST', `/api/desks/${desk}/codes`, { key, body: '{}' })).body);
		await browser.driver.get(`${url}/join#${code}`);
		await browser.command('Emulation.setCPUThrottlingRate', { rate: SLOWED });
		await browser.command('Page.addScriptToEvaluateOnNewDocument', { source: NOTE });
		const from = Date.now();
		await browser.press(byId('join-go'));
		await browser.find(byId('begin-due'), 60_000);
		const seen = await browser.driver.executeScript<Record<string, number>>('return window.seen');
		// The week stands there as soon as the work is known; what is due is told once all tries have come.
		today.push(seen.week ?? Number.NaN);
		due.push(seen['begin-due'] ?? Number.NaN);
		await browser.driver.wait(
			async () =>
				(await browser.driver.executeScript<number>(
					'return new Promise((done) => { const open = indexedDB.open("tidy-sum"); open.onsuccess = () => { const ask = open.result.transaction("kept").objectStore("kept").getAllKeys(); ask.onsuccess = () => done(ask.result.filter((key) => String(key).startsWith("work:")).length); }; })',
				)) >= PIECES,
			60_000,
		);
		all.push(Date.now() - from);
		await browser.close();
	}
	server.child.kill('SIGTERM');
	await server.ended;
	rmSync(folder, { recursive: true, force: true });
	return [
		row(`Today on a second device, ${PIECES} pieces, ${SLOWED} times slowed`, median(today) / 1000, { most: 3 }, 's'),
		{
			name: 'what is due on it, by all the tries',
			measured: `${(median(due) / 1000).toFixed(1)} s`,
			bar: '',
			met: true,
		},
		{
			name: 'all of them kept on it, without their steps',
			measured: `${(median(all) / 1000).toFixed(1)} s`,
			bar: '',
			met: true,
		},
	];
}
