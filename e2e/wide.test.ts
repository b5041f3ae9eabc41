import { Key } from 'selenium-webdriver';
import { Browser, DESKTOP } from './src/browser';
import { L, SHELF, verdict } from './src/labels';
import { field, region, type Target } from './src/named';
import { factOf, numberAt, unitAt, withBelow } from './src/parts';
import { Whole } from './src/whole';
import { WORKED } from './src/work-through';

jest.setTimeout(120_000);

let whole: Whole;
let browser: Browser;

beforeAll(async () => {
	whole = await Whole.start();
	browser = await Browser.open({ screen: DESKTOP });
});

afterAll(async () => {
	await browser.close();
	await whole.stop();
});

const tabTo = (target: Target) => browser.tabTo(target);
const enter = (...targets: readonly Target[]) => browser.enter(...targets);

describe('one exercise on a wide screen', () => {
	it('is worked by keyboard alone, with the Shelf beside the line', async () => {
		await browser.go(`${whole.url}/desk/new-snow`);
		await browser.find(region('Facts'));
		const [problem, facts] = await Promise.all(
			[L.problem, region('Facts')].map(async (target) => (await browser.find(target)).getRect()),
		);
		expect(facts && problem && facts.x >= problem.x + problem.width).toBe(true);

		for (const { unit, fact, below } of WORKED['new-snow']?.blocks ?? [])
			await enter(unit, factOf(fact), withBelow(below));
		await browser.seesLine('The line is complete. Only mm/min is left.');
		await enter(L.toolAnswer);
		await tabTo(L.answer);
		await browser.driver.actions().sendKeys('1.16 mm/min', Key.ENTER).perform();
		for (const name of ['line', 'value', 'figures', 'unit']) await browser.sees(verdict(name, 'right'));
		expect(await browser.errors()).toEqual([]);
	});

	it('has a sheet of its keys, and walks the blocks by arrow', async () => {
		await browser.driver.actions().sendKeys('?').perform();
		expect(await browser.text(L.keys)).toContain('turn the open factor over');
		await browser.driver.actions().sendKeys(Key.ESCAPE, Key.ARROW_RIGHT, Key.ARROW_RIGHT).perform();
		await browser.seesLine('Factor 2');
		await browser.driver.actions().sendKeys('t').perform();
		await browser.sees('is now twice on');
		await browser.driver.actions().sendKeys('t').perform();
		await browser.sees('The line is complete');
		expect(await browser.errors()).toEqual([]);
	});

	it('turns a block over and takes it back by keyboard', async () => {
		await enter(numberAt(0, 'top'), L.turn);
		await browser.sees('is now twice on');
		await browser.driver.actions().keyDown(Key.CONTROL).sendKeys('z').keyUp(Key.CONTROL).perform();
		await browser.sees('The line is complete');
		await browser.driver.actions().keyDown(Key.CONTROL).sendKeys('y').keyUp(Key.CONTROL).perform();
		await browser.sees('must go');
		await enter(L.undo);
		await browser.seesLine('The line is complete. Only mm/min is left.');
		expect(await browser.errors()).toEqual([]);
	});

	it('has the first line, together, worked by keyboard alone', async () => {
		await browser.driver.get(`${whole.url}/settings`);
		await browser.find(L.workTogether);
		await enter(L.workTogether);
		for (const [says, touch] of [
			['1 of 3', unitAt('g', 'top')],
			['2 of 3', withBelow('g')],
		] as const) {
			await browser.sees(says);
			await enter(touch);
		}
		await browser.sees('3 of 3');
		await tabTo(L.answer);
		await browser.driver.actions().sendKeys('0.454 kg', Key.ENTER).perform();
		await browser.sees('That was a whole line');
		await enter(L.guideLeave);
		expect(await browser.has(L.guide)).toBe(false);
	});

	it('has a Record whose charts are stepped through by keyboard, and leads from there', async () => {
		await browser.driver.get(`${whole.url}/?desk=fennel-ridge-term`);
		// This device has a desk with work by now: it is asked first.
		await browser.press(L.linkOpen);
		await browser.driver.wait(async () => !(await browser.driver.getCurrentUrl()).includes('desk='), 8000);
		await browser.find(L.beginDue);
		await enter(L.toRecord);
		await browser.find(L.recordTime);
		await enter(L.recordTime);
		await tabTo(field(L.timesPoints));
		const says = () =>
			browser.driver.executeScript<string>('return document.activeElement.getAttribute("aria-valuetext")');
		const first = await says();
		await browser.driver.actions().sendKeys(Key.ARROW_DOWN).perform();
		expect(await says()).not.toBe(first);
		await enter(L.recordEverything);
		await browser.find(L.everything);
		await enter(L.placeShelf);
		await browser.find(SHELF.ladder);
		expect(await browser.driver.getTitle()).toBe('Shelf · Tidy Sum');
		expect(await browser.errors()).toEqual([]);
	});
});
