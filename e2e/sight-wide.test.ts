import { clearFiles, eachState } from './src/all-states';
import { Browser, DESKTOP } from './src/browser';
import { violations } from './src/violations';
import { Whole } from './src/whole';

jest.setTimeout(600_000);

let whole: Whole;

beforeAll(async () => {
	whole = await Whole.start();
});

afterAll(async () => {
	await whole.stop();
	clearFiles();
});

it('on a wide screen, in any state of the app, axe finds nothing', async () => {
	const browser = await Browser.open({ screen: DESKTOP });
	const found: string[] = [];
	await eachState({
		browser,
		url: whole.url,
		look: async (state) => {
			await browser.settled();
			found.push(...(await violations(browser)).map((violation) => `${state}: ${violation}`));
		},
	});
	expect(found).toEqual([]);
});
