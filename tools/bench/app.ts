import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { Browser, PHONE } from '../../e2e/src/browser';
import { Whole } from '../../e2e/src/whole';
import { median, percentile, table } from './measure';

const ROUNDS = 25;
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

/** Milliseconds from a touch on a control to the second frame after it, when what it changed has been painted. */
const TOUCH = `
	const [id, done] = [arguments[0], arguments[arguments.length - 1]];
	const target = document.querySelector('[data-testid="' + id + '"]');
	const { x, y, width, height } = target.getBoundingClientRect();
	const at = { bubbles: true, cancelable: true, clientX: x + width / 2, clientY: y + height / 2, button: 0 };
	const from = performance.now();
	target.dispatchEvent(new PointerEvent('pointerdown', at));
	target.dispatchEvent(new MouseEvent('mousedown', at));
	target.dispatchEvent(new PointerEvent('pointerup', at));
	target.dispatchEvent(new MouseEvent('mouseup', at));
	target.dispatchEvent(new MouseEvent('click', at));
	requestAnimationFrame(() => requestAnimationFrame(() => done(performance.now() - from)));
`;

async function timePlacing(browser: Browser): Promise<number[]> {
	const times: number[] = [];
	for (let i = 0; i < ROUNDS; i++) {
		await browser.press('tool-facts', 'fact-1ft=12in');
		await browser.find('place-ft-below');
		times.push((await browser.driver.executeAsyncScript(TOUCH, i % 2 ? 'place-ft-below' : 'place-in-below')) as number);
		await browser.find('block');
		if (i % 8 === 7) for (let k = 0; k < 8; k++) await browser.press('undo');
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
				['touch to paint, adding a block, median ms', median(times).toFixed(1), ''],
				['touch to paint, adding a block, 95th percentile ms', p95.toFixed(1), `${PAINT_LIMIT_MS}`],
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
