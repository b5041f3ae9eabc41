import { appendFileSync, cpSync, existsSync, mkdtempSync, readdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Key } from 'selenium-webdriver';
import { Browser, PHONE, SCREENS } from './src/browser';
import { clearAway } from './src/clear-away';
import { Whole } from './src/whole';
import { place, WORKED, write } from './src/work-through';

jest.setTimeout(180_000);

let whole: Whole;
let browser: Browser;

beforeAll(async () => {
	whole = await Whole.start();
});

afterAll(async () => {
	await whole?.stop();
});

const open = async (path: string, id: string) => {
	await browser.driver.get(`${whole.url}${path}`);
	await browser.find(id);
};

const url = () => browser.driver.getCurrentUrl();
const keys = (...pressed: readonly string[]) =>
	browser.driver
		.actions()
		.sendKeys(...pressed)
		.perform();

describe.each(SCREENS)('the days of a student, on %s', (_, screen) => {
	beforeEach(async () => {
		browser = await Browser.open({ screen });
	});

	afterEach(async () => {
		const errors = await browser.errors();
		await browser.close();
		expect(errors).toEqual([]);
	});

	it('begin with a line worked together, in five touches, and a Today that knows of it', async () => {
		await open('/', 'first-day');
		expect(await browser.driver.getTitle()).toBe('Today · Tidy Sum');
		await browser.press('begin-guided');
		for (const [says, touch] of [
			['1 of 5', 'unit--1-top-g'],
			['2 of 5', 'fact-1kg=10^3g'],
			['3 of 5', 'place-g-below'],
			['4 of 5', 'tool-answer'],
		] as const) {
			await browser.untilSays('guide-says', says);
			await browser.press(touch);
		}
		await browser.untilSays('guide-says', '5 of 5');
		await write(browser, '0.454 kg');
		await browser.press('check');
		await browser.untilSays('guide-says', 'That was a whole line');
		expect(await browser.text('verdict-value')).toContain('right');
		await browser.press('way-out', 'place-today');
		await browser.untilSays('week', '1');
		expect(await browser.has('first-day')).toBe(false);
		await open('/desk/honey-jar', 'line');
		expect(await browser.has('guide-says')).toBe(false);
	});

	it('come back, after a term, to what was left, what is due, and a Record of it all', async () => {
		await open('/?desk=fennel-ridge-term', 'begin-due');
		await browser.untilSays('sheets', 'Week 7 at the glasshouse');
		await browser.press('begin-due');
		await browser.untilSays('round', '5 exercises');
		await browser.driver.navigate().back();
		await browser.press('to-record', 'record-slips');
		// From a point of a chart to the line it happened on, and how that came about.
		const dots = await browser.find('slip-times-points');
		await browser.driver.executeScript('arguments[0].focus()', dots);
		await keys(Key.HOME);
		const first = await browser.text('slip-times-point');
		await keys(Key.ARROW_RIGHT);
		await browser.until('slip-times-point', (text) => text !== first);
		const answer = (await browser.text('slip-answer')).replace('Answer: ', '');
		await browser.press('slip-replay');
		await browser.untilSays('replay-says', 'It is sent to the check.');
		await browser.press('replay-numbers');
		await browser.untilSays('replay-answer', answer);
		await browser.driver.navigate().back();
		await browser.find('slips');
		expect(await url()).toContain('part=slips');
		await browser.press('record-everything');
		await browser.until('everything-says', (text) => /^\d+ of \d+ pieces of work, page 1 of \d+/.test(text));
		await browser.fill('everything-search', 'Temperatures');
		await browser.until('everything', (text) => !text.includes('Rate'));
	});

	it('take all of the work along as a file, and have it back in a fresh browser, once', async () => {
		const folder = mkdtempSync(join(tmpdir(), 'tidy-sum-mine-'));
		await open('/?desk=fennel-ridge-term', 'begin-due');
		await open('/settings', 'data-says');
		const says = (await browser.text('data-says')).split(',')[0];
		await browser.savesInto(folder);
		await browser.press('theme-dark', 'take-data');
		await browser.untilSays('data-done', 'Saved as');
		await browser.driver.wait(async () => readdirSync(folder).some((name) => name.endsWith('.json')), 8000);
		const file = join(folder, readdirSync(folder).find((name) => name.endsWith('.json')) ?? '');

		const fresh = await Browser.open({ screen });
		await fresh.driver.get(`${whole.url}/settings`);
		await fresh.untilSays('data-says', '0 pieces of work');
		await fresh.give('bring-data', file);
		await fresh.untilSays('data-done', 'are new here');
		await fresh.untilSays('data-says', `${says}`);
		await fresh.give('bring-data', file);
		await fresh.untilSays('data-done', '0 pieces of work are new here');
		await fresh.untilSays('data-says', `${says}`);
		// Also after a reload, and in the dark that came along.
		await fresh.untilSays('data-says', 'on the server');
		await fresh.driver.get(`${whole.url}/record`);
		await fresh.untilSays('skills-say', 'exercises worked');
		expect(await fresh.driver.executeScript('return document.documentElement.dataset.theme')).toBe('dark');
		expect(await fresh.errors()).toEqual([]);
		await fresh.close();
		clearAway(folder);
	});
});

describe('ways through the app, on a phone', () => {
	beforeEach(async () => {
		browser = await Browser.open({ screen: PHONE });
	});

	afterEach(async () => {
		await browser.close();
	});

	it('Back closes a panel before it leaves the Desk, and leads back to the place one had scrolled to', async () => {
		await open('/', 'today');
		await browser.press('place-problems');
		const far = await browser.find('open-freezer-log').catch(() => browser.find('open-soil-bin'));
		await browser.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', far);
		await browser.driver.sleep(300);
		const scrolled = () =>
			browser.driver.executeScript<number>(
				`return Math.max(...[...document.querySelectorAll('[data-testid=problems-page] *')].map((e) => e.scrollTop))`,
			);
		const before = await scrolled();
		expect(before).toBeGreaterThan(200);
		await far.click();
		await browser.find('line');
		await browser.press('tool-facts');
		await browser.find('facts');
		await browser.driver.navigate().back();
		await browser.driver.wait(async () => !(await browser.has('facts')), 5000);
		expect(await url()).toContain('/desk/');
		await browser.driver.navigate().back();
		await browser.find('problems-page');
		const isKept = async () => Math.abs((await scrolled()) - before) < 40;
		await browser.driver.wait(isKept, 5000, 'the place is not kept');
		// By way of another page that is long as well, which is opened at its top.
		await browser.press('place-rounds');
		await browser.find('begin-round');
		await browser.settled();
		expect(
			await browser.driver.executeScript(
				`return Math.max(...[...document.querySelectorAll('[data-testid=rounds] *')].map((e) => e.scrollTop))`,
			),
		).toBe(0);
		await browser.press('place-problems');
		await browser.driver.wait(isKept, 5000, 'the place is not kept by way of the bar');
	});

	it('problems are searched and chosen, and Back finds what was asked for', async () => {
		await open('/problems', 'problems-page');
		await browser.fill('problems-search', 'honey');
		await browser.find('open-honey-jar');
		expect(await browser.has('open-wind-gust')).toBe(false);
		await browser.press('choose', 'state-new', 'open-honey-jar');
		await browser.find('line');
		await browser.driver.navigate().back();
		await browser.find('open-honey-jar');
		expect(await browser.has('open-wind-gust')).toBe(false);
		expect(await url()).toContain('search=honey');
		expect(await url()).toContain('state=new');
	});

	it('settings hold at once and after a reload: theme, size of text, keys of one letter', async () => {
		await open('/settings', 'settings');
		await browser.press('theme-dark', 'letter-keys-off', 'text-size-200');
		const look = () =>
			browser.driver.executeScript<readonly [string, boolean]>(
				'return [getComputedStyle(document.body).backgroundColor, document.documentElement.scrollWidth <= innerWidth]',
			);
		expect(await look()).toEqual(['rgb(12, 22, 20)', true]);
		await open('/desk/new-snow', 'line');
		expect(await look()).toEqual(['rgb(12, 22, 20)', true]);
		await keys('f');
		await browser.driver.sleep(200);
		expect(await browser.has('facts')).toBe(false);
	});

	it('a new version is said, and taken at a touch without losing a step', async () => {
		const app = mkdtempSync(join(tmpdir(), 'tidy-sum-app-'));
		cpSync(join(__dirname, '..', 'app', 'dist'), app, { recursive: true });
		const other = await Whole.start(undefined, '0', { APP_DIR: app });
		await browser.go(`${other.url}/desk/honey-jar`);
		const controlled = () =>
			browser.driver.executeScript<boolean>('return Boolean(navigator.serviceWorker.controller)');
		await browser.driver.wait(controlled, 30_000, 'the app is not kept');
		expect(existsSync(join(app, 'sw.js'))).toBe(true);
		appendFileSync(join(app, 'sw.js'), '\n// another version\n');
		await place(browser, WORKED['honey-jar']?.blocks[0] as never);
		await browser.driver.executeScript('navigator.serviceWorker.getRegistration().then((r) => r.update())');
		await browser.find('new-version', 30_000);
		await browser.driver.executeScript('window.before = true');
		await browser.press('take-version');
		await browser.driver.wait(
			async () => !(await browser.driver.executeScript<boolean>('return Boolean(window.before)').catch(() => true)),
			15_000,
			'the page was not loaded anew',
		);
		await browser.until('balance-says', (text) => text.startsWith('The line closes'));
		expect(await browser.has('new-version')).toBe(false);
		await other.stop();
		clearAway(app);
	});
});
