import { Key } from 'selenium-webdriver';
import { Browser, DESKTOP } from './src/browser';
import { L } from './src/labels';
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

describe('the replay of a line', () => {
	it('shows how it came about, what was taken back included, and leads to the Desk again', async () => {
		const browser = await Browser.open({ screen: DESKTOP });
		await browser.go(`${whole.url}/desk/honey-jar`);
		await workThrough(browser, 'honey-jar');
		await browser.sees('Value: right');
		await browser.press(L.toolLine, L.replay);
		await browser.sees('The answer was checked.');
		await browser.sees('Answer: 0.454 kg');
		await browser.sees('Checked. Line: right. Value: right.');
		expect(await browser.seesNow('It equals')).toBe(false);
		await browser.press(L.replayNumbers);
		await browser.sees('It equals 0.454 kg');
		await browser.press(L.replayBack);
		await browser.sees('The answer was written: 0.454 kg.');
		const keys = (key: string) => browser.driver.actions().sendKeys(key).perform();
		// The slider has keys of its own; all the way to the left nothing is done yet.
		await browser.driver.executeScript('arguments[0].focus()', await browser.find(L.replaySlider));
		await keys(Key.HOME);
		await browser.sees('There are no steps yet.');
		await keys(Key.ARROW_RIGHT);
		await browser.sees('Factor 1 was placed: 1 kg over 10');
		await browser.press(L.quick, L.play);
		await browser.sees('The answer was checked.');
		await browser.press(L.toDesk);
		await browser.find(L.line);
		expect(await browser.errors()).toEqual([]);
		await browser.close();
	});
});
