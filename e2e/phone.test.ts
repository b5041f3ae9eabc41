import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { By, Key } from 'selenium-webdriver';
import { Browser, PHONE } from './src/browser';
import { clearAway } from './src/clear-away';
import { joinedBy } from './src/joined-by';
import { Whole } from './src/whole';
import { check, place, WORKED, workThrough, write } from './src/work-through';

jest.setTimeout(120_000);

let whole: Whole;
let browser: Browser;

beforeAll(async () => {
	whole = await Whole.start();
});

afterAll(async () => {
	await whole.stop();
});

beforeEach(async () => {
	browser = await Browser.open({ screen: PHONE });
});

afterEach(async () => {
	const errors = await browser.errors();
	await browser.close();
	expect(errors).toEqual([]);
});

async function lineText(): Promise<string> {
	return browser.driver.executeScript(
		'return [...document.querySelectorAll("[data-testid^=unit-]")].map((e) => e.getAttribute("aria-label")).join("; ")',
	);
}

describe('one exercise on a phone', () => {
	it('is worked from the problem to the checked answer', async () => {
		await browser.go(`${whole.url}/desk/new-snow`);
		expect(await browser.text('problem')).toContain('2.75 in/h');
		expect(await browser.text('balance-says')).toBe('2 units must go, 2 units must come.');
		expect(await browser.text('hint')).toContain('“in” and “h”');

		await browser.press('unit--1-top-in', 'fact-1in=2.54cm', 'place-cm-below');
		expect(await browser.text('block-says')).toContain('“in” now stands twice on the top');
		expect(await browser.text('balance-says')).toBe('4 units must go, 2 units must come.');
		await browser.press('turn');
		expect(await browser.text('block-says')).toContain('“in” cancels. Still to go: “cm” and “h”.');
		expect(await lineText()).toContain('inches, on the top, is cancelled, pair a');

		await place(browser, WORKED['new-snow']?.blocks[1] as never);
		await place(browser, WORKED['new-snow']?.blocks[2] as never);
		expect(await browser.text('balance-says')).toBe('The line closes: only mm/min stands.');
		expect(await browser.text('numbers')).toContain('2.75 × 2.54 × 10');
		expect(await browser.text('numbers')).toContain('69.85');
		expect(await browser.text('quotient')).toBe('1.164166666…');
		expect(await browser.text('figures-why')).toBe(
			'The answer may have 3 figures: of the measured inputs 2.75 in/h has the fewest. The exact facts limit nothing.',
		);

		await browser.press('tool-answer', 'key-1', 'key-.', 'key-1', 'key-6', 'key-space', 'key-mm', 'key-/', 'key-min');
		expect(await browser.text('answer-says')).toBe('Reads as 1.16 mm/min · 3 figures');
		await check(browser);
		for (const name of ['line', 'value', 'figures', 'unit'])
			expect(await browser.text(`verdict-${name}`)).toContain('right');
		await browser.until('kept', (text) => text === 'Kept on this device and on the server.');

		await browser.driver.navigate().refresh();
		await browser.find('problem');
		expect(await browser.text('balance-says')).toBe('The line closes: only mm/min stands.');
		await browser.press('tool-answer');
		expect(await browser.text('verdict-value')).toContain('right');
		await browser.press('next');
		await browser.until('problem', (text) => text.includes('gust'));
	});

	it('is worked by touches alone: each acts once, a swipe over a button only scrolls, a finger that strays does nothing', async () => {
		await browser.go(`${whole.url}/desk/new-snow`);
		for (const { unit, fact, below } of WORKED['new-snow']?.blocks ?? []) {
			await browser.tap(unit, `fact-${fact}`, `place-${below}-below`);
			await browser.find('block');
		}
		await browser.until('balance-says', (text) => text.startsWith('The line closes'));
		await browser.tap('undo');
		await browser.until('balance-says', (text) => text.includes('must go'));
		expect(await browser.has('number-2-top')).toBe(false);
		expect(await browser.has('number-1-top')).toBe(true);
		await browser.tap('redo');
		await browser.until('balance-says', (text) => text.startsWith('The line closes'));
		await browser.tap('way-out');
		await browser.find('open-nutrient-tank');
		await browser.drag('open-nutrient-tank', -200);
		await browser.driver.sleep(300);
		expect(await browser.driver.getCurrentUrl()).toContain('/problems');
		await browser.tap('open-nutrient-tank');
		await browser.until('problem', (text) => text.includes('concentrate'));
		await browser.drag('undo', -40);
		await browser.tap('tool-answer', 'key-3', 'key-3');
		const answer = await browser.find('answer');
		await browser.driver.wait(async () => (await answer.getAttribute('value')) === '33', 8000);
	});

	it('says what is wrong with an answer at its place, and loses nothing', async () => {
		await browser.go(`${whole.url}/desk/honey-jar`);
		await place(browser, WORKED['honey-jar']?.blocks[0] as never);
		await browser.press('tool-answer', 'check');
		expect(await browser.text('answer-says')).toBe('There is no number here yet.');
		await write(browser, '12..5 kg');
		expect(await browser.text('answer-says')).toBe('A number has one decimal point; here is a second.');
		expect(await browser.text('fault-place')).toBe('12..5 kg');
		await browser.press('check');
		expect(await browser.has('verdict')).toBe(false);
		await write(browser, '0.454 kgs');
		expect(await browser.text('answer-says')).toMatch(/I do not know “kgs?” as a unit/);
		expect(await (await browser.find('answer')).getAttribute('value')).toBe('0.454 kgs');
		await write(browser, '0.454 m');
		await check(browser);
		expect(await browser.text('verdict-value')).toContain('right');
		expect(await browser.text('verdict-unit')).toContain('m measures a length; kg is wanted.');
		await browser.press('change-answer');
		await write(browser, '454 g');
		await check(browser);
		expect(await browser.text('verdict-unit')).toContain('g is of the right kind, but kg is wanted.');
	});

	it('leaves the next thing to press under the thumb while it looks for what may have happened', async () => {
		await browser.go(`${whole.url}/desk/wind-gust`);
		for (const block of WORKED['wind-gust']?.blocks ?? []) await place(browser, block);
		await browser.press('tool-answer');
		await write(browser, '271 ft/s');
		await browser.driver.executeScript(`
			window.stoodAt = [];
			new MutationObserver(() => {
				const button = document.querySelector('[data-testid="change-answer"]');
				if (button) window.stoodAt.push(Math.round(button.getBoundingClientRect().bottom));
			}).observe(document.body, { subtree: true, childList: true });
		`);
		await check(browser);
		expect(await browser.text('slip')).toContain('the decimal point is not');
		const stoodAt: number[] = await browser.driver.executeScript('return window.stoodAt');
		const { y } = await (await browser.find('tool-answer')).getRect();
		expect(stoodAt.length).toBeGreaterThan(1);
		expect(new Set(stoodAt).size).toBe(1);
		expect(stoodAt[0]).toBeLessThanOrEqual(y);
	});

	it('undoes all the way back and redoes all of it', async () => {
		await browser.go(`${whole.url}/desk/nutrient-tank`);
		await workThrough(browser, 'nutrient-tank');
		expect(await browser.text('verdict-line')).toContain('right');
		const undo = await browser.find('undo');
		let steps = 0;
		while ((await undo.getAttribute('aria-disabled')) !== 'true' && steps < 20) {
			await undo.click();
			steps += 1;
		}
		// Three places, three blocks, the answer and the check.
		expect(steps).toBe(8);
		expect(await browser.text('balance-says')).toBe('Nothing stands on the line yet.');
		for (let i = 0; i < steps; i++) await browser.press('redo');
		expect(await browser.text('balance-says')).toBe('The line closes: only kg stands.');
		await browser.press('tool-answer');
		expect(await browser.text('verdict-line')).toContain('right');
	});

	it.each(Object.keys(WORKED))('%s comes out right', async (name) => {
		await browser.driver.get(`${whole.url}/problems`);
		await browser.press(`open-${name}`);
		await browser.driver.wait(async () => (await browser.driver.getCurrentUrl()).endsWith(name), 5000);
		await workThrough(browser, name);
		for (const line of ['line', 'value', 'figures', 'unit'])
			expect(await browser.text(`verdict-${line}`)).toContain('right');
		await browser.press('way-out');
		expect(await browser.text(`open-${name}`)).toContain('right');
	});

	it('nudges one step at a time to the block that leads on, and never says the answer', async () => {
		await browser.go(`${whole.url}/desk/lamp-power`);
		await browser.press('nudge-open');
		expect(await browser.text('nudge-1')).toContain('“W” must go, “kW” must come');
		expect(await browser.has('nudge-2')).toBe(false);
		await browser.press('nudge-more', 'nudge-more', 'nudge-more');
		expect(await browser.text('nudge-4')).toContain('goes on the bottom: 1 kW over 10');
		await place(browser, { unit: 'unit--1-top-W', fact: '1kW=10^3W', below: 'W' });
		await browser.driver.actions().sendKeys(Key.ESCAPE).perform();
		await browser.press('nudge-open', 'nudge-more', 'nudge-more');
		expect(await browser.text('nudge-3')).toBe('The answer may have 3 to 4 figures.');
		expect(await browser.text('nudge')).not.toContain('1.25');
	});

	it('works the numbers step by step, and says which keys to press', async () => {
		await browser.go(`${whole.url}/desk/wind-gust`);
		for (const block of WORKED['wind-gust']?.blocks ?? []) await place(browser, block);
		await browser.press('steps');
		expect(await browser.text('running')).toContain('680 ft/h');
		expect(await browser.text('calculator-keys')).toBe('18.5 × 5280 ÷ 3600 =');
	});

	it('shows the worked line only when asked, and keeps that it was shown', async () => {
		await browser.go(`${whole.url}/desk/trail-mile`);
		await browser.press('tool-answer');
		await write(browser, '42 yd');
		await check(browser);
		expect(await browser.text('verdict')).not.toContain('4220');
		await browser.press('show-worked');
		expect(await browser.text('worked-line')).toContain('Multiply by 1760 yards over 1 mile. Miles cancel.');
		await browser.press('way-out');
		expect(await browser.text('open-trail-mile')).toContain('line was shown');
	});

	it('shows that the plain factor is not enough for an area', async () => {
		await browser.go(`${whole.url}/desk/vent-pane`);
		await place(browser, { unit: 'unit--1-top-m', fact: '1m=100cm', below: 'm' });
		expect(await browser.text('balance-says')).toBe('1 unit must go, 1 unit must come.');
		await browser.press('power-2');
		expect(await browser.text('balance-says')).toBe('The line closes: only cm2 stands.');
	});

	it('names the block that is not right', async () => {
		await browser.go(`${whole.url}/desk/mast-log`);
		await place(browser, WORKED['mast-log']?.blocks[0] as never);
		await browser.press('tool-answer');
		await write(browser, '11 d');
		await check(browser);
		expect(await browser.text('verdict-line')).toContain('The line ends at d; min is wanted.');
		expect(await browser.text('verdict-unit')).toContain('d is of the right kind, but min is wanted.');
	});
});

describe('what is kept', () => {
	it('is there after the browser is killed', async () => {
		const profile = mkdtempSync(join(tmpdir(), 'tidy-sum-kept-'));
		const first = await Browser.open({ screen: PHONE, profile });
		await first.go(`${whole.url}/desk/balloon-battery`);
		await place(first, WORKED['balloon-battery']?.blocks[0] as never);
		await new Promise((resolve) => setTimeout(resolve, 300));
		await first.crash();
		const second = await Browser.open({ screen: PHONE, profile });
		await second.driver.get(whole.url);
		await second.press('left-balloon-battery');
		await second.until('block', (text) => text.startsWith('Block 1'));
		expect(await second.driver.findElements(By.css('[data-testid="unit-0-top-A"]'))).toHaveLength(1);
		await second.close();
		clearAway(profile);
	});

	it('goes on while the server is away, and is sent when it is back', async () => {
		let other = await Whole.start();
		await browser.go(`${other.url}/desk/honey-jar`);
		await browser.until('kept', (text) => text.endsWith('on the server.'));
		await other.kill();
		await place(browser, WORKED['honey-jar']?.blocks[0] as never);
		await browser.press('tool-answer');
		await write(browser, '0.454 kg');
		await check(browser);
		expect(await browser.text('verdict-value')).toContain('right');
		await browser.until('kept', (text) => text.startsWith('Kept on this device. The server is away'));
		other = await other.again();
		await browser.until('kept', (text) => text === 'Kept on this device and on the server.', 30_000);
		const away = await browser.errors();
		// What could not be fetched is said by the browser itself: the work, and the script that keeps the app.
		const fetched = /ERR_CONNECTION_REFUSED|ERR_INCOMPLETE_CHUNKED|when fetching the script/;
		expect(away.filter((error) => !fetched.test(error))).toEqual([]);

		const elsewhere = await joinedBy(browser, other.url, PHONE);
		await elsewhere.go(`${other.url}/desk/honey-jar`);
		await elsewhere.until('balance-says', (text) => text === 'The line closes: only kg stands.');
		await elsewhere.press('tool-answer');
		expect(await elsewhere.text('verdict-unit')).toContain('right');
		await elsewhere.close();
		// The page listens to its desk; it is left before its server ends.
		await browser.driver.get('about:blank');
		await other.stop();
	});

	it('opens the demo desk by its link, with work in every state', async () => {
		await browser.driver.get(`${whole.url}/?desk=fennel-ridge-demo`);
		await browser.find('left-new-snow');
		await browser.press('place-problems');
		await browser.until('open-honey-jar', (text) => text.includes('right'));
		expect(await browser.text('open-new-snow')).toContain('begun');
		expect(await browser.text('open-mast-log')).toContain('not begun');
	});
});
