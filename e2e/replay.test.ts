import { Key } from 'selenium-webdriver';
import { Browser, SCREENS } from './src/browser';
import { Whole } from './src/whole';
import { workThrough } from './src/work-through';

jest.setTimeout(180_000);

let whole: Whole;

beforeAll(async () => {
	whole = await Whole.start();
});

afterAll(async () => {
	await whole?.stop();
});

describe.each(SCREENS)('the replay of a line, on %s', (_, screen) => {
	it('shows how it came about, what was taken back included, and leads to the Desk again', async () => {
		const browser = await Browser.open({ screen });
		await browser.go(`${whole.url}/desk/honey-jar`);
		await workThrough(browser, 'honey-jar');
		await browser.untilSays('verdict-value', 'right');
		await browser.press('tool-line', 'line-replay');
		await browser.untilSays('replay-says', 'It is sent to the check.');
		expect(await browser.has('replay-answer')).toBe(false);
		await browser.press('replay-numbers');
		await browser.untilSays('replay-answer', '0.454 kg');
		await browser.press('replay-back');
		await browser.untilSays('replay-says', 'The answer is written: 0.454 kg.');
		const keys = (key: string) => browser.driver.actions().sendKeys(key).perform();
		// The slider has keys of its own; all the way to the left nothing is done yet.
		await browser.driver.executeScript('arguments[0].focus()', await browser.find('replay-slider'));
		await keys(Key.HOME);
		await browser.untilSays('replay-says', 'Nothing is done yet.');
		await keys(Key.ARROW_RIGHT);
		await browser.untilSays('replay-says', 'Block 1 is laid: 1 kg over 10');
		await browser.press('replay-pace-quick', 'replay-play');
		await browser.untilSays('replay-says', 'It is sent to the check.');
		await browser.press('to-desk');
		await browser.find('line');
		expect(await browser.errors()).toEqual([]);
		await browser.close();
	});
});
