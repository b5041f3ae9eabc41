import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { Browser, PHONE } from '../../e2e/src/browser';
import { Whole } from '../../e2e/src/whole';
import { median, percentile, table } from './measure';

const ROUNDS = 32;
/** How long the line grows before it is taken back. */
const BLOCKS = 8;
const SLOWED = 4;
const SCRIPT_LIMIT_KB = 450;
const PAINT_LIMIT_MS = 100;

/** Sizes of the scripts of the first screen, gzipped as the server sends them. */
function scriptSizes(): number {
	const folder = join(__dirname, '..', '..', 'app', 'dist', '_expo', 'static', 'js', 'web');
	return readdirSync(folder)
		.filter((name) => name.startsWith('entry-') && name.endsWith('.js'))
		.reduce((sum, name) => sum + gzipSync(readFileSync(join(folder, name))).length, 0);
}

/** Notes how long each touch took from the event to the next paint (Event Timing; in steps of 8 ms). */
const WATCH = `
	window.touches = [];
	new PerformanceObserver((list) => {
		for (const { name, duration } of list.getEntries()) if (name === 'click') window.touches.push(duration);
	}).observe({ type: 'event', durationThreshold: 16 });
`;

/** Touches a control with a true input event, and gives the milliseconds until what it changed was painted. */
async function touch(browser: Browser, id: string): Promise<number> {
	await browser.driver.executeScript('window.touches.length = 0');
	await (await browser.find(id)).click();
	const found = await browser.driver
		.wait(
			() =>
				browser.driver.executeScript<number | null>(
					'return window.touches.length ? Math.max(...window.touches) : null',
				),
			1500,
		)
		.catch(() => 16);
	return found ?? 16;
}

async function timePlacing(browser: Browser): Promise<number[]> {
	await browser.driver.executeScript(WATCH);
	const times: number[] = [];
	for (let i = 0; i < ROUNDS; i++) {
		await browser.press('tool-facts', 'fact-1ft=12in');
		await browser.find('place-ft-below');
		times.push(await touch(browser, i % 2 ? 'place-ft-below' : 'place-in-below'));
		await browser.find('block');
		if (i % BLOCKS === BLOCKS - 1) for (let k = 0; k < BLOCKS; k++) await browser.press('undo');
	}
	return times;
}

async function main(): Promise<void> {
	const whole = await Whole.start();
	const browser = await Browser.open({ screen: PHONE });
	try {
		await browser.go(`${whole.url}/desk/new-snow`);
		await browser.command('Emulation.setCPUThrottlingRate', { rate: SLOWED });
		const times = await timePlacing(browser);
		const size = scriptSizes() / 1000;
		const p95 = percentile(times, 0.95);
		process.stdout.write(
			table(`The app on a phone, the processor slowed ${SLOWED} times`, [
				['', 'measured', 'at most'],
				['touch to paint, adding one of eight blocks, median ms', median(times).toFixed(1), ''],
				['touch to paint, adding one of eight blocks, 95th percentile ms', p95.toFixed(1), `${PAINT_LIMIT_MS}`],
				['script of the first screen, KB gzipped', size.toFixed(1), `${SCRIPT_LIMIT_KB}`],
			]),
		);
		if (p95 > PAINT_LIMIT_MS || size > SCRIPT_LIMIT_KB) process.exitCode = 1;
	} finally {
		await browser.close();
		await whole.stop();
	}
}

void main();
