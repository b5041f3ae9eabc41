import { clearFiles, eachNarrowState } from './src/all-states';
import { Browser, PHONE, type Screen } from './src/browser';
import { Whole } from './src/whole';

const SIZES: readonly (readonly [string, Screen])[] = [
	['320 px', { width: 320, height: 640, mobile: true }],
	['a phone at 200 %', { width: 195, height: 422, mobile: true }],
	// Last, since the walk goes on at this size.
	['390 px', PHONE],
];

/** What runs off the page, and what is too small to touch. */
const LOOK = `
	const off = document.documentElement.scrollWidth > innerWidth ? ['the page is wider than the screen'] : [];
	const small = [...document.querySelectorAll('button, [role=button], [role=link], a, input, textarea')]
		.map((e) => [e, e.getBoundingClientRect()])
		.filter(([, r]) => r.width > 0 && (r.width < 44 || r.height < 44))
		.map(([e, r]) => e.innerText + ' ' + r.width + '×' + r.height);
	return [...off, ...small];`;

const found = new Map<string, string[]>(SIZES.map(([name]) => [name, []]));

let whole: Whole;
let looked = 0;

beforeAll(async () => {
	whole = await Whole.start();
	const browser = await Browser.open({ screen: PHONE });
	await eachNarrowState({
		browser,
		url: whole.url,
		look: async (state) => {
			for (const [name, screen] of SIZES) {
				await browser.resize(screen);
				await browser.settled();
				const wrong = await browser.driver.executeScript<readonly string[]>(LOOK);
				found.get(name)?.push(...wrong.map((each) => `${state}: ${each}`));
			}
			looked += 1;
		},
	});
	await browser.close();
}, 600_000);

afterAll(async () => {
	await whole.stop();
	clearFiles();
});

describe.each(SIZES)('at %s', (name) => {
	it('nothing runs off the page, and everything to touch is 44 px or more', () => {
		expect(looked).toBeGreaterThan(40);
		expect(found.get(name)).toEqual([]);
	});
});
