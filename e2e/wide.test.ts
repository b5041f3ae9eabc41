import { Key } from 'selenium-webdriver';
import { Browser, DESKTOP } from './src/browser';
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

/** Presses Tab until the element with this test id has the focus. */
async function tabTo(id: string): Promise<void> {
	await browser.find(id);
	for (let i = 0; i < 80; i++) {
		const at = await browser.driver.executeScript('return document.activeElement?.dataset?.testid ?? ""');
		if (at === id) return;
		await browser.driver.actions().sendKeys(Key.TAB).perform();
	}
	throw new Error(`${id} is not reached by Tab`);
}

async function enter(...ids: readonly string[]): Promise<void> {
	for (const id of ids) {
		await tabTo(id);
		await browser.driver.actions().sendKeys(Key.ENTER).perform();
	}
}

describe('one exercise on a wide screen', () => {
	it('is worked by keyboard alone, with the Shelf beside the line', async () => {
		await browser.go(`${whole.url}/desk/new-snow`);
		expect(await browser.has('facts')).toBe(true);
		const [problem, facts] = await Promise.all(
			['problem', 'facts'].map(async (id) => (await browser.find(id)).getRect()),
		);
		expect(facts && problem && facts.x >= problem.x + problem.width).toBe(true);

		for (const { unit, fact, below } of WORKED['new-snow']?.blocks ?? [])
			await enter(unit, `fact-${fact}`, `place-${below}-below`);
		expect(await browser.text('balance-says')).toBe('The line closes: only mm/min stands.');
		await enter('tool-answer');
		await tabTo('answer');
		await browser.driver.actions().sendKeys('1.16 mm/min', Key.ENTER).perform();
		for (const name of ['line', 'value', 'figures', 'unit'])
			expect(await browser.text(`verdict-${name}`)).toContain('right');
		expect(await browser.errors()).toEqual([]);
	});

	it('has a sheet of its keys, and walks the blocks by arrow', async () => {
		await browser.driver.actions().sendKeys('?').perform();
		expect(await browser.text('keys')).toContain('turn the open block over');
		await browser.driver.actions().sendKeys(Key.ESCAPE, Key.ARROW_RIGHT, Key.ARROW_RIGHT).perform();
		await browser.until('block', (text) => text.startsWith('Block 2'));
		await browser.driver.actions().sendKeys('t').perform();
		await browser.until('block-says', (text) => text.includes('stands twice on'));
		await browser.driver.actions().sendKeys('t').perform();
		await browser.until('balance-says', (text) => text.startsWith('The line closes'));
		expect(await browser.errors()).toEqual([]);
	});

	it('turns a block over and takes it back by keyboard', async () => {
		await enter('number-0-top', 'turn');
		expect(await browser.text('block-says')).toContain('stands twice on');
		await browser.driver.actions().keyDown(Key.CONTROL).sendKeys('z').keyUp(Key.CONTROL).perform();
		await browser.until('balance-says', (text) => text.startsWith('The line closes'));
		await browser.driver.actions().keyDown(Key.CONTROL).sendKeys('y').keyUp(Key.CONTROL).perform();
		await browser.until('balance-says', (text) => text.includes('must go'));
		await enter('undo');
		expect(await browser.text('balance-says')).toBe('The line closes: only mm/min stands.');
		expect(await browser.errors()).toEqual([]);
	});

	it('has the first line, together, worked by keyboard alone', async () => {
		await browser.driver.get(`${whole.url}/settings`);
		await browser.find('settings');
		await enter('begin-guided');
		for (const [says, touch] of [
			['1 of 5', 'unit--1-top-g'],
			['2 of 5', 'fact-1kg=10^3g'],
			['3 of 5', 'place-g-below'],
			['4 of 5', 'tool-answer'],
		] as const) {
			await browser.untilSays('guide-says', says);
			await enter(touch);
		}
		await browser.untilSays('guide-says', '5 of 5');
		await tabTo('answer');
		await browser.driver.actions().sendKeys('0.454 kg', Key.ENTER).perform();
		await browser.untilSays('guide-says', 'That was a whole line');
		await enter('guide-leave');
		expect(await browser.has('guide-says')).toBe(false);
	});

	it('has a Record whose charts are stepped through by keyboard, and leads from there', async () => {
		await browser.driver.get(`${whole.url}/?desk=fennel-ridge-term`);
		// This device has a desk with work by now: it is asked first.
		await browser.press('link-open');
		await browser.driver.wait(async () => !(await browser.driver.getCurrentUrl()).includes('desk='), 8000);
		await browser.find('begin-due');
		await enter('to-record');
		await browser.find('skills');
		await enter('record-time');
		await tabTo('times-points');
		const says = () =>
			browser.driver.executeScript<string>('return document.activeElement.getAttribute("aria-valuetext")');
		const first = await says();
		await browser.driver.actions().sendKeys(Key.ARROW_DOWN).perform();
		expect(await says()).not.toBe(first);
		await enter('record-everything');
		await browser.find('everything');
		await enter('place-shelf');
		await browser.find('shelf');
		expect(await browser.driver.getTitle()).toBe('Shelf · Tidy Sum');
		expect(await browser.errors()).toEqual([]);
	});
});
