import { Browser, PHONE } from './src/browser';
import { byId, factOf, unitAt, withBelow } from './src/parts';
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

beforeEach(async () => {
	browser = await Browser.open({ screen: PHONE });
});

afterEach(async () => {
	const errors = await browser.errors();
	await browser.close();
	// The server says so to the browser as well where there is no page: 404.
	expect(errors.filter((says) => !/\/(?:no\/such\/page|_sitemap) - .*status of 404/u.test(says))).toEqual([]);
});

async function at(path: string): Promise<void> {
	await browser.driver.wait(async () => (await browser.driver.getCurrentUrl()) === `${whole.url}${path}`, 8000, path);
}

describe('an address', () => {
	it.each([
		['of no exercise', '/desk/no-such-exercise'],
		['of no exercise to hand in', '/hand-in/no-such-exercise'],
		['of no part of the Shelf', '/shelf/no-such-part'],
		['of no page', '/no/such/page'],
		['of the list of routes', '/_sitemap'],
	])('%s says so, and leads on to the Desk and the Rounds', async (_, path) => {
		await browser.driver.get(`${whole.url}${path}`);
		await browser.sees('Not here');
		await browser.sees('All your work is still there.');
		await browser.press('Rounds');
		await at('/rounds');
		await browser.driver.navigate().back();
		await browser.sees('Not here');
		await browser.press('Today');
		await browser.sees('factor by factor');
	});

	it('of the page to hand in opens for an exercise of a Round, and opens again', async () => {
		await browser.driver.get(`${whole.url}/hand-in/round-910kh26fgh-01`);
		await browser.sees('To the Desk');
		await browser.sees('mL');
		await browser.driver.navigate().refresh();
		await browser.sees('To the Desk');
		await browser.press('To the Desk');
		await at('/desk/round-910kh26fgh-01');
	});
});

describe('the link of the demo desk', () => {
	const kept = async () => (await fetch(`${whole.url}/api/desks/fennel-ridge-demo/works`)).json();

	it('lays a copy: what is done there is kept, and the demo stays as it is for everybody', async () => {
		const before = await kept();
		expect(before.works.length).toBeGreaterThan(0);
		await browser.go(`${whole.url}/desk/new-snow?desk=fennel-ridge-demo`);
		await browser.sees('2.54');
		await browser.press(unitAt('h', 'bottom'), factOf('1h=60min'), withBelow('min'));
		await browser.seesLine('The line is complete. Only mm/min is left.');
		await browser.seesLine('Saved on this device and on the server.');
		await browser.go(`${whole.url}/desk/new-snow?desk=fennel-ridge-demo`);
		await browser.seesLine('The line is complete. Only mm/min is left.');
		expect(await kept()).toEqual(before);
	});
});

describe('a fact touched low in the sheet', () => {
	it('shows both ways it can stand within the screen', async () => {
		await browser.go(`${whole.url}/desk/new-snow`);
		await browser.press(unitAt('in', 'top'));
		await browser.find(factOf('1in=2.54cm'));
		await browser.settled();
		const low = (await browser.driver.executeScript(
			`const floor = document.querySelector('[data-testid="tool-answer"]').getBoundingClientRect().top;
			const below = [...document.querySelectorAll('[data-testid^="fact-"]')].filter((e) => e.getBoundingClientRect().bottom <= floor);
			return below.at(-1).dataset.testid;`,
		)) as string;
		await browser.press(byId(low));
		await browser.sees('Which goes on the bottom?');
		await browser.settled();
		const [lowest, floor] = (await browser.driver.executeScript(
			`const ways = [...document.querySelectorAll('[data-testid^="place-"]')].map((e) => e.getBoundingClientRect().bottom);
			return [Math.max(...ways), document.querySelector('[data-testid="tool-answer"]').getBoundingClientRect().top];`,
		)) as [number, number];
		expect(lowest).toBeLessThanOrEqual(floor);
	});
});
