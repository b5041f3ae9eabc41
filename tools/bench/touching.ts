import type { Browser } from '../../e2e/src/browser';
import { byId } from '../../e2e/src/parts';
import { median } from './measure';

/**
 * Notes how long each touch took from lifting the finger to the next paint (Event Timing; in steps of 8 ms), by
 * whichever of its events was answered.
 */
export const WATCH = `
	window.touches = [];
	new PerformanceObserver((list) => {
		for (const { name, duration } of list.getEntries()) if (['pointerup', 'touchend', 'mouseup', 'click'].includes(name)) window.touches.push(duration);
	}).observe({ type: 'event', durationThreshold: 16 });
`;

/** How long a finger rests on the glass. */
const REST_MS = 70;

/**
 * Touches a control as a finger does, and gives the milliseconds from lifting it until what changed was painted.
 * @param id the test id of the control.
 * @param then the test id of what is there once it was answered.
 */
export async function touch(browser: Browser, id: string, then: string): Promise<number> {
	const { x, y, width, height } = await (await browser.find(byId(id))).getRect();
	await browser.driver.executeScript('window.touches.length = 0');
	const point = { x: x + width / 2, y: y + height / 2 };
	await browser.command('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [point] });
	await new Promise((resolve) => setTimeout(resolve, REST_MS));
	await browser.command('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
	await browser.find(byId(then));
	await new Promise((resolve) => setTimeout(resolve, 300));
	const found = await browser.driver.executeScript<number[]>('return window.touches');
	// Nothing is noted below the threshold of 16 ms.
	return Math.max(16, ...found);
}

/** Something timed, and how long a fixed sum took just before and after it. */
export type Paced = { readonly ms: number; readonly pace: number };

/** A sum that is always the same: what it takes says whether the machine is at its usual pace. */
export async function pace(browser: Browser): Promise<number> {
	return browser.driver.executeScript<number>(
		'const from = performance.now(); let sum = 0; for (let i = 0; i < 300000; i++) sum += Math.sqrt(i); return sum && performance.now() - from;',
	);
}

/** How much longer than usual the sum may take before a touch beside it is not counted. */
const SLACK = 1.5;

/** Those timed while the machine was at its usual pace: one that is shared stops now and then. */
export function atUsualPace<T extends Paced>(times: readonly T[]): readonly T[] {
	const usual = median(times.map((one) => one.pace));
	return times.filter((one) => one.pace <= usual * SLACK);
}
