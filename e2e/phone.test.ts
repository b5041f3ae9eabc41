import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { By, Key } from 'selenium-webdriver';
import { Browser, PHONE } from './src/browser';
import { clearAway } from './src/clear-away';
import { joinedBy } from './src/joined-by';
import { L, titleOf, verdict } from './src/labels';
import { byId, factOf, numberAt, raisedTo, unitAt, withBelow } from './src/parts';
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
		await browser.sees('2.75 in/h');
		await browser.seesLine('2 units must go, 2 units are missing.');
		await browser.sees('“in” or h');

		await browser.press(unitAt('in', 'top'), factOf('1in=2.54cm'), withBelow('cm'));
		await browser.sees('“in” is now twice on the top');
		await browser.seesLine('4 units must go, 2 units are missing.');
		await browser.press(L.turn);
		await browser.sees('“in” cancels. Still has to go: cm and h.');
		expect(await lineText()).toContain('inches, on the top, is cancelled, pair a');

		await place(browser, WORKED['new-snow']?.blocks[1] as never);
		await place(browser, WORKED['new-snow']?.blocks[2] as never);
		await browser.seesLine('The line is complete. Only mm/min is left.');
		await browser.sees('2.75 × 2.54 × 10');
		await browser.sees('69.85');
		await browser.seesLine('1.164166666…');
		await browser.seesLine(
			'The answer may have 3 figures. Of the measured numbers, 2.75 in/h has the fewest. Exact facts do not limit the figures.',
		);

		await browser.press(L.toolAnswer, '1', '. point', '1', '6', 'mm/min unit mm/min');
		await browser.seesLine('Reads as 1.16 mm/min · 3 figures');
		await check(browser);
		for (const name of ['line', 'value', 'figures', 'unit']) await browser.sees(verdict(name, 'right'));
		await browser.seesLine('Saved on this device and on the server.');

		await browser.driver.navigate().refresh();
		await browser.find(L.problem);
		await browser.seesLine('The line is complete. Only mm/min is left.');
		await browser.press(L.toolAnswer);
		await browser.sees('Value: right');
		await browser.press(L.next);
		await browser.untilSays(L.problem, 'gust');
	});

	it('is worked by touches alone: each acts once, a swipe over a button only scrolls, a finger that strays does nothing', async () => {
		await browser.go(`${whole.url}/desk/new-snow`);
		for (const { unit, fact, below } of WORKED['new-snow']?.blocks ?? []) {
			await browser.tap(unit, factOf(fact), withBelow(below));
		}
		await browser.sees('The line is complete');
		await browser.tap(L.undo);
		await browser.sees('must go');
		expect(await browser.has(numberAt(2, 'top'))).toBe(false);
		expect(await browser.has(numberAt(1, 'top'))).toBe(true);
		await browser.tap(L.redo);
		await browser.sees('The line is complete');
		await browser.tap(L.wayOut);
		await browser.find(titleOf('nutrient-tank'));
		await browser.drag(titleOf('nutrient-tank'), -200);
		await browser.driver.sleep(300);
		expect(await browser.driver.getCurrentUrl()).toContain('/problems');
		await browser.tap(titleOf('nutrient-tank'));
		await browser.sees('concentrate');
		await browser.drag(L.undo, -40);
		await browser.tap(L.toolAnswer, '3', '3');
		const answer = await browser.find(L.answer);
		await browser.driver.wait(async () => (await answer.getAttribute('value')) === '33', 8000);
	});

	it('says what is wrong with an answer at its place, and loses nothing', async () => {
		await browser.go(`${whole.url}/desk/honey-jar`);
		await place(browser, WORKED['honey-jar']?.blocks[0] as never);
		await browser.press(L.toolAnswer, L.check);
		await browser.seesLine('Write a number first.');
		await write(browser, '12..5 kg');
		await browser.seesLine('A number has only one decimal point. This is a second one.');
		await browser.seesLine('12..5 kg');
		await browser.press(L.check);
		expect(await browser.has(L.checked)).toBe(false);
		await write(browser, '0.454 kgz');
		await browser.sees('I do not know “kgz” as a unit');
		expect(await browser.typed(L.answer)).toBe('0.454 kgz');
		await write(browser, '0.454 m');
		await check(browser);
		await browser.sees('Value: right');
		await browser.sees('m measures a length. The answer should be in kg.');
		await browser.press(L.changeAnswer);
		await write(browser, '454 g');
		await check(browser);
		await browser.sees('g is the right kind of unit, but the answer should be in kg.');
	});

	it('leaves the next thing to press under the thumb while it looks for what may have happened', async () => {
		await browser.go(`${whole.url}/desk/wind-gust`);
		for (const block of WORKED['wind-gust']?.blocks ?? []) await place(browser, block);
		await browser.press(L.toolAnswer);
		await write(browser, '271 ft/s');
		await browser.driver.executeScript(`
			window.stoodAt = [];
			new MutationObserver(() => {
				const button = document.querySelector('[data-testid="change-answer"]');
				if (button) window.stoodAt.push(Math.round(button.getBoundingClientRect().bottom));
			}).observe(document.body, { subtree: true, childList: true });
		`);
		await check(browser);
		await browser.sees('the decimal point is in the wrong place');
		const stoodAt: number[] = await browser.driver.executeScript('return window.stoodAt');
		const { y } = await (await browser.find(L.toolAnswer)).getRect();
		expect(stoodAt.length).toBeGreaterThan(1);
		expect(new Set(stoodAt).size).toBe(1);
		expect(stoodAt[0]).toBeLessThanOrEqual(y);
	});

	it('undoes all the way back and redoes all of it', async () => {
		await browser.go(`${whole.url}/desk/nutrient-tank`);
		await workThrough(browser, 'nutrient-tank');
		await browser.sees('Line: right');
		const undo = await browser.find(L.undo);
		let steps = 0;
		while ((await undo.getAttribute('aria-disabled')) !== 'true' && steps < 20) {
			await undo.click();
			steps += 1;
		}
		// Three places, three blocks, the answer and the check.
		expect(steps).toBe(8);
		await browser.seesLine('The line is empty.');
		for (let i = 0; i < steps; i++) await browser.press(L.redo);
		await browser.seesLine('The line is complete. Only kg is left.');
		await browser.press(L.toolAnswer);
		await browser.sees('Line: right');
	});

	it.each(Object.keys(WORKED))('%s comes out right', async (name) => {
		await browser.driver.get(`${whole.url}/problems`);
		await browser.press(titleOf(name));
		await browser.driver.wait(async () => (await browser.driver.getCurrentUrl()).endsWith(name), 5000);
		await workThrough(browser, name);
		for (const line of ['line', 'value', 'figures', 'unit']) await browser.sees(verdict(line, 'right'));
		await browser.press(L.wayOut);
		expect(await browser.text(titleOf(name))).toContain('right');
	});

	it('nudges one step at a time to the block that leads on, and never says the answer', async () => {
		await browser.go(`${whole.url}/desk/lamp-power`);
		await browser.press(L.nudgeOpen);
		await browser.sees('W must go, kW is missing');
		expect(await browser.has(byId('nudge-2'))).toBe(false);
		await browser.press(L.nudgeMore, L.nudgeMore, L.nudgeMore);
		await browser.sees('put it on the bottom of the factor: 1 kW over 10');
		await place(browser, { unit: unitAt('W', 'top'), fact: '1kW=10^3W', below: 'W' });
		await browser.driver.actions().sendKeys(Key.ESCAPE).perform();
		await browser.press(L.nudgeOpen, L.nudgeMore, L.nudgeMore);
		await browser.seesLine('The answer may have 3 to 4 figures.');
		expect(await browser.text(L.nudge)).not.toContain('1.25');
	});

	it('works the numbers step by step, and says which keys to press', async () => {
		await browser.go(`${whole.url}/desk/wind-gust`);
		for (const block of WORKED['wind-gust']?.blocks ?? []) await place(browser, block);
		await browser.press(L.steps);
		await browser.sees('680 ft/h');
		await browser.seesLine('18.5 × 5280 ÷ 3600 =');
	});

	it('shows the worked line only when asked, and keeps that it was shown', async () => {
		await browser.go(`${whole.url}/desk/trail-mile`);
		await browser.press(L.toolAnswer);
		await write(browser, '42 yd');
		await check(browser);
		expect(await browser.seesNow('4220')).toBe(false);
		await browser.press(L.showWorked);
		await browser.sees('Multiply by 1760 yards over 1 mile. Miles cancel.');
		await browser.press(L.wayOut);
		expect(await browser.text(titleOf('trail-mile'))).toContain('line was shown');
	});

	it('shows that the plain factor is not enough for an area', async () => {
		await browser.go(`${whole.url}/desk/vent-pane`);
		await place(browser, { unit: unitAt('m', 'top'), fact: '1m=100cm', below: 'm' });
		await browser.seesLine('1 unit must go, 1 unit is missing.');
		await browser.press(raisedTo(2));
		await browser.seesLine('The line is complete. Only cm2 is left.');
	});

	it('names the block that is not right', async () => {
		await browser.go(`${whole.url}/desk/mast-log`);
		await place(browser, WORKED['mast-log']?.blocks[0] as never);
		await browser.press(L.toolAnswer);
		await write(browser, '11 d');
		await check(browser);
		await browser.sees('The line ends at d. It should end at min.');
		await browser.sees('d is the right kind of unit, but the answer should be in min.');
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
		await second.press(titleOf('balloon-battery'));
		await second.seesLine('Factor 1');
		expect(await second.driver.findElements(By.css('[data-testid="unit-0-top-A"]'))).toHaveLength(1);
		await second.close();
		clearAway(profile);
	});

	it('goes on while the server cannot be reached, and is sent when it is back', async () => {
		let other = await Whole.start();
		await browser.go(`${other.url}/desk/honey-jar`);
		await browser.sees('on the server.');
		await other.kill();
		await place(browser, WORKED['honey-jar']?.blocks[0] as never);
		await browser.press(L.toolAnswer);
		await write(browser, '0.454 kg');
		await check(browser);
		await browser.sees('Value: right');
		await browser.sees('Saved on this device. The server cannot be reached');
		other = await other.again();
		await browser.seesLine('Saved on this device and on the server.', 30_000);
		const away = await browser.errors();
		// What could not be fetched is said by the browser itself: the work, and the script that keeps the app.
		const fetched = /ERR_CONNECTION_REFUSED|ERR_INCOMPLETE_CHUNKED|when fetching the script/;
		expect(away.filter((error) => !fetched.test(error))).toEqual([]);

		const elsewhere = await joinedBy(browser, other.url, PHONE);
		await elsewhere.go(`${other.url}/desk/honey-jar`);
		await elsewhere.seesLine('The line is complete. Only kg is left.');
		await elsewhere.press(L.toolAnswer);
		await elsewhere.sees('Unit: right');
		await elsewhere.close();
		// The page listens to its desk; it is left before its server ends.
		await browser.driver.get('about:blank');
		await other.stop();
	});

	it('opens the demo desk by its link, with work in every state', async () => {
		await browser.driver.get(`${whole.url}/?desk=fennel-ridge-demo`);
		await browser.find(titleOf('new-snow'));
		await browser.press(L.placeProblems);
		await browser.until(titleOf('honey-jar'), (text) => text.includes('right'));
		expect(await browser.text(titleOf('new-snow'))).toContain('started');
		expect(await browser.text(titleOf('mast-log'))).toContain('not started');
	});
});
