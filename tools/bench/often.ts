import type { Browser } from '../../e2e/src/browser';
import { byId } from '../../e2e/src/parts';
import { openAnswer, workThrough, write } from '../../e2e/src/work-through';
import { type Paced, pace, touch, WATCH } from './touching';

const ROUNDS = 12;

/** What is touched often beside a block: a panel, a key of the keypad, the check, a prefix of the Ladder; each with what is there then. */
const OFTEN = {
	'a panel opened': ['tool-facts', 'facts'],
	'a key of the keypad': ['key-7', 'answer'],
	'the check': ['check', 'verdict'],
	'a prefix of the Ladder': ['target-up', 'between'],
} as const;

export type Often = keyof typeof OFTEN;

async function timed(browser: Browser, id: string, then: string): Promise<Paced> {
	const first = await pace(browser);
	await browser.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', await browser.find(byId(id)));
	await browser.settled();
	const ms = await touch(browser, id, then);
	return { ms, pace: Math.max(first, await pace(browser)) };
}

/** A page with one button and nothing else: what touching and painting take by themselves. */
const BARE = `
	document.body.innerHTML = '<button data-testid="bare" style="height:44px">Go</button><p data-testid="bare-says">0</p>';
	document.querySelector('button').onclick = () => {
		document.querySelector('p').textContent = String(Date.now());
	};
`;

/** How long a touch takes where nothing is behind it: the floor of the others, in the same browser. */
export async function timeBare(browser: Browser, url: string): Promise<readonly Paced[]> {
	await browser.driver.get(`${url}/metadata.json`);
	await browser.driver.executeScript(BARE);
	await browser.driver.executeScript(WATCH);
	const times: Paced[] = [];
	for (let i = 0; i < ROUNDS; i++) times.push(await timed(browser, 'bare', 'bare-says'));
	return times;
}

/** Touches each of them again and again on a slowed phone, and gives the milliseconds of each. */
export async function timeOften(browser: Browser, url: string): Promise<Readonly<Record<Often, readonly Paced[]>>> {
	const times: Record<Often, Paced[]> = {
		'a panel opened': [],
		'a key of the keypad': [],
		'the check': [],
		'a prefix of the Ladder': [],
	};
	await browser.go(`${url}/desk/wind-gust`);
	await workThrough(browser, 'wind-gust');
	await browser.driver.executeScript(WATCH);
	for (let i = 0; i < ROUNDS; i++) {
		times['a panel opened'].push(await timed(browser, ...OFTEN['a panel opened']));
		await openAnswer(browser);
		await write(browser, i % 2 ? '27.1 ft/s' : '2.71 ft/s');
		times['a key of the keypad'].push(await timed(browser, ...OFTEN['a key of the keypad']));
		times['the check'].push(await timed(browser, ...OFTEN['the check']));
	}
	await browser.driver.get(`${url}/shelf/ladder?value=2.5%20km&to=mm`);
	await browser.find(byId('between'));
	await browser.driver.executeScript(WATCH);
	for (let i = 0; i < ROUNDS; i++)
		times['a prefix of the Ladder'].push(await timed(browser, ...OFTEN['a prefix of the Ladder']));
	return times;
}
