import { clearFiles, eachState } from './src/all-states';
import { Browser, PHONE } from './src/browser';
import { violations } from './src/violations';
import { Whole } from './src/whole';

/** What axe found in each state of one walk, in the light and in the dark. */
const found = { light: [] as string[], dark: [] as string[] };

let whole: Whole;
let looked = 0;

beforeAll(async () => {
	whole = await Whole.start();
	const browser = await Browser.open({ screen: PHONE });
	await eachState({
		browser,
		url: whole.url,
		look: async (state) => {
			await browser.settled();
			found.light.push(...(await violations(browser)).map((violation) => `${state}: ${violation}`));
			// The dark has other colours, and nothing else.
			await browser.dark(true);
			found.dark.push(...(await violations(browser, ['color-contrast'])).map((violation) => `${state}: ${violation}`));
			await browser.dark(false);
			looked += 1;
		},
	});
	await browser.close();
}, 600_000);

afterAll(async () => {
	await whole.stop();
	clearFiles();
});

describe('on a phone, in any state of the app', () => {
	it('axe finds nothing', () => {
		expect(looked).toBeGreaterThan(70);
		expect(found.light).toEqual([]);
	});

	it('axe finds nothing in the dark', () => {
		expect(found.dark).toEqual([]);
	});
});
