import { Browser, DESKTOP, PHONE } from './src/browser';
import { L, titleOf } from './src/labels';
import { Whole } from './src/whole';
import { workThrough } from './src/work-through';

jest.setTimeout(180_000);

let whole: Whole;
let browser: Browser;

beforeAll(async () => {
	whole = await Whole.start();
});

afterAll(async () => {
	await whole?.stop();
});

afterEach(async () => {
	await browser?.close();
});

const html = async (path: string) => (await fetch(`${whole.url}${path}`, { headers: { accept: 'text/html' } })).text();

/** There is nothing here, and the server says so to programs as well: 404. */
const NOWHERE = '/nowhere';

/** Addresses of every kind, each with something of its own that stands in the page before any script runs. */
const PAGES: readonly (readonly [path: string, says: string, then: string])[] = [
	['/', 'Today', L.beginGuided],
	['/desk/new-snow', 'new snow on the Fennel Ridge snow board', L.line],
	['/desk/round-910kh26fgh-01', 'Exercise 1 of', L.problem],
	['/round/910kh26fgh', 'exercises, level', L.goOn],
	['/shelf/ladder?value=2.5%20km', 'Ladder', L.ladderPicture],
	['/problems', 'Problems', L.problemsSearch],
	[NOWHERE, 'no page at this address', 'Rounds'],
];

describe('a page that is opened for the first time', () => {
	it('says what it is about before any script runs, and is then taken over without a fault', async () => {
		for (const screen of [PHONE, DESKTOP]) {
			browser = await Browser.open({ screen, dark: screen === DESKTOP });
			for (const [path, says, then] of PAGES) {
				expect([path, (await html(path)).includes(says)]).toEqual([path, true]);
				await browser.open(`${whole.url}${path}`);
				await browser.find(then);
				const faults = (await browser.errors()).filter((says) => !(path === NOWHERE && says.includes('status of 404')));
				expect([path, faults]).toEqual([path, []]);
			}
			await browser.close();
		}
		browser = await Browser.open({ screen: PHONE });
		expect((await fetch(`${whole.url}${NOWHERE}`, { headers: { accept: 'text/html' } })).status).toBe(404);
	});

	it('has the colours this device is set to from its first moment', async () => {
		browser = await Browser.open({ screen: PHONE });
		await browser.driver.get(`${whole.url}/settings`);
		await browser.press(L.themeDark);
		await browser.driver.get(`${whole.url}/desk/new-snow`);
		const [theme, page] = await browser.driver.executeScript<readonly [string, string]>(
			'return [document.documentElement.dataset.theme, getComputedStyle(document.body).backgroundColor]',
		);
		expect([theme, page]).toEqual(['dark', 'rgb(12, 22, 20)']);
	});
});

/** Empties the index of every desk, as a second page of a desk may leave a piece out of it. */
const EMPTY_INDEX = `
	const [done] = arguments;
	const opening = indexedDB.open('tidy-sum');
	opening.onsuccess = () => {
		const rows = opening.result.transaction('kept', 'readwrite').objectStore('kept');
		const all = rows.openCursor(IDBKeyRange.bound('index:', 'index:\\uffff'));
		all.onsuccess = () => {
			if (!all.result) return;
			all.result.update('{}');
			all.result.continue();
		};
		rows.transaction.oncomplete = () => { opening.result.close(); done(); };
	};
`;

describe('a page that is opened again', () => {
	it('has the line as it was left, and lists tell how far it is without reading it', async () => {
		browser = await Browser.open({ screen: PHONE });
		await browser.go(`${whole.url}/desk/honey-jar`);
		await workThrough(browser, 'honey-jar');
		await browser.sent();
		await browser.driver.get(`${whole.url}/problems`);
		await browser.untilSays(titleOf('honey-jar'), 'right');
		await browser.go(`${whole.url}/desk/honey-jar`);
		await browser.sees('The line is complete');
		await browser.driver.get(`${whole.url}/record?part=everything`);
		await browser.sees('1 of 1');
	});

	it('has every line, though the index of the device lacks some: it is made anew', async () => {
		browser = await Browser.open({ screen: PHONE });
		await browser.go(`${whole.url}/desk/honey-jar`);
		await workThrough(browser, 'honey-jar');
		await browser.sent();
		await browser.driver.executeAsyncScript(EMPTY_INDEX);
		await browser.driver.get(`${whole.url}/problems`);
		await browser.untilSays(titleOf('honey-jar'), 'right');
		await browser.go(`${whole.url}/desk/honey-jar`);
		await browser.sees('The line is complete');
	});

	it('draws itself without a network, whatever its address, and never as Today', async () => {
		browser = await Browser.open({ screen: PHONE, keepsApp: true });
		await browser.go(`${whole.url}/desk/new-snow`);
		await browser.driver.executeAsyncScript(
			'const done = arguments[0]; navigator.serviceWorker.ready.then(() => done())',
		);
		await browser.driver.get(`${whole.url}/desk/new-snow`);
		await browser.offline(true);
		await browser.driver.get(`${whole.url}/shelf/figures`);
		await browser.find(L.number);
		const shell = await browser.driver.executeScript<string>(
			'return caches.match("/shell.html", { ignoreSearch: true }).then((page) => page.text())',
		);
		expect(shell).toContain('<div id="root"></div>');
		expect(shell).not.toMatch(/Today|HYDRATE/);
	});
});
