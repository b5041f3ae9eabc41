import type { Browser } from '../../e2e/src/browser';
import { byId } from '../../e2e/src/parts';

/** How many keys are typed, and how long one waits between two, in ms: some fall into a pause in which the text is read. */
const KEYS = 'How many metres is 12.5 km of the 3.2 kg rope? ';
const WAITS = [60, 90, 140, 220, 320];

/** As much text as is marked while one types. */
const TEXT = 'At the mast 12.5 km of rope and 3.2 kg of wax were left, and 14 jars. '.repeat(60).slice(0, 3900);

/** Notes how long each key took from its press to the next paint (Event Timing; in steps of 8 ms). */
const WATCH = `
	window.keys = [];
	new PerformanceObserver((list) => {
		for (const { name, duration } of list.getEntries()) if (name === 'keydown' || name === 'input') window.keys.push(duration);
	}).observe({ type: 'event', durationThreshold: 16 });
`;

/** Types into a long text on the page where problems are brought; gives the milliseconds of each key, 16 where none was noted. */
export async function timeTyping(browser: Browser, url: string): Promise<readonly number[]> {
	await browser.driver.get(`${url}/bring`);
	const field = await browser.find(byId('bring-text'));
	await browser.driver.executeScript(
		`const set = Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value').set;
		set.call(arguments[0], arguments[1]); arguments[0].dispatchEvent(new Event('input', { bubbles: true }));
		arguments[0].focus(); arguments[0].setSelectionRange(arguments[1].length, arguments[1].length);`,
		field,
		TEXT,
	);
	await browser.find(byId('places'));
	await browser.driver.executeScript(WATCH);
	const times: number[] = [];
	for (const [i, key] of [...KEYS, ...KEYS].entries()) {
		await browser.driver.executeScript('window.keys.length = 0');
		await browser.driver.actions().sendKeys(key).perform();
		await new Promise((resolve) => setTimeout(resolve, WAITS[i % WAITS.length]));
		const noted = await browser.driver.executeScript<number[]>('return window.keys');
		times.push(Math.max(16, ...noted));
	}
	return times;
}
