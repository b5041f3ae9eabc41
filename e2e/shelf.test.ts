import { Browser, DESKTOP, PHONE, type Screen } from './src/browser';
import { Whole } from './src/whole';

jest.setTimeout(120_000);

let whole: Whole;
let browser: Browser;

beforeAll(async () => {
	whole = await Whole.start();
});

afterAll(async () => {
	await whole.stop();
});

const SCREENS: readonly (readonly [string, Screen])[] = [
	['a phone', PHONE],
	['a wide screen', DESKTOP],
];

describe.each(SCREENS)('Figures on %s', (_, screen) => {
	beforeEach(async () => {
		browser = await Browser.open({ screen });
	});

	afterEach(async () => {
		const errors = await browser.errors();
		await browser.close();
		expect(errors).toEqual([]);
	});

	it('is opened from the Desk, tells digits apart, rounds them, and opens where it was', async () => {
		await browser.go(`${whole.url}/desk/new-snow`);
		await browser.press('tool-more', 'more-figures');
		const field = await browser.find('number');
		await field.clear();
		await field.sendKeys('9.996');
		await browser.until('count-says', (text) => text === '4 figures count.');
		await browser.press('finer');
		await browser.until('rounded', (text) => text === '10.0');
		expect(await browser.text('round-how')).toContain('3 nines become zeros');
		await browser.driver.navigate().refresh();
		await browser.until('count-says', (text) => text === '4 figures count.');
		await browser.driver.get(`${whole.url}/shelf/figures?number=4500`);
		await browser.until('count-says', (text) => text.startsWith('2 figures, or up to 4'));
	});
});
