import type { Browser } from '../../e2e/src/browser';
import { byId } from '../../e2e/src/parts';
import { manyTries } from './record';
import { ask, newDeskKey } from './server/asking';
import { type Paced, pace, touch, WATCH } from './touching';

const ROUNDS = 6;

/** Touches that go through Today and the Record, each with what is there once it was answered. */
export const TOUCHES: readonly (readonly [id: string, then: string])[] = [
	['to-record', 'record'],
	['skill-one-prefix', 'weeks'],
	['weeks-before', 'weeks-point'],
	['skill-one-prefix', 'skills'],
	['record-slips', 'slips'],
	['slip-times-before', 'slip-times-point'],
	['record-time', 'times'],
	['record-due', 'due'],
	['due-after', 'due-point'],
	['record-everything', 'everything'],
	['sort-1', 'everything'],
	['to-today', 'today'],
];

/** Keeps 5 000 tries on a new desk of the server, as a device would; gives a code that lets another device in. */
export async function layTries(url: string): Promise<string> {
	const { desk, key } = newDeskKey();
	const rest = { answer: '1 m', start: null, factors: [] };
	for (const [i, { exercise, tries }] of manyTries().entries()) {
		const body = { exercise, steps: [{ do: 'check' }], tries: tries.map((one) => ({ ...one, ...rest })) };
		const path = `/api/desks/${desk}/works/bench-piece-${i}`;
		const reply = await ask(url, 'PUT', path, { key, body: JSON.stringify({ base: 0, body }) });
		if (reply.status !== 200) throw new Error(`a piece is not kept: ${reply.body}`);
	}
	return JSON.parse((await ask(url, 'POST', `/api/desks/${desk}/codes`, { key, body: '{}' })).body).code;
}

/** Goes through Today and the Record with 5 000 tries, and gives the milliseconds of each touch. */
export async function timePages(browser: Browser, url: string): Promise<readonly Paced[]> {
	const code = await layTries(url);
	await browser.driver.get(`${url}/join#${code}`);
	await browser.press(byId('join-go'));
	await browser.find(byId('begin-due'), 60_000);
	// What was fetched is laid on the device first.
	await new Promise((resolve) => setTimeout(resolve, 8000));
	await browser.driver.executeScript(WATCH);
	const times: Paced[] = [];
	for (let i = 0; i < ROUNDS; i++)
		for (const [id, then] of TOUCHES) {
			const first = await pace(browser);
			await browser.driver.executeScript(
				'arguments[0].scrollIntoView({ block: "center" })',
				await browser.find(byId(id), 20_000),
			);
			await new Promise((resolve) => setTimeout(resolve, 300));
			const ms = await touch(browser, id, then);
			times.push({ ms, pace: Math.max(first, await pace(browser)) });
		}
	return times;
}
