import { appendFileSync, cpSync, existsSync, mkdtempSync, readdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Key } from 'selenium-webdriver';
import { Browser, DESKTOP, PHONE } from './src/browser';
import { clearAway } from './src/clear-away';
import { FIRST_DAY, L, NEW_VERSION, titleOf } from './src/labels';
import { region } from './src/named';
import { byId, unitAt, withBelow } from './src/parts';
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

const open = async (path: string) => browser.open(`${whole.url}${path}`);

const url = () => browser.driver.getCurrentUrl();
const keys = (...pressed: readonly string[]) => browser.keys(...pressed);

describe('the days of a student', () => {
	beforeEach(async () => {
		browser = await Browser.open({ screen: PHONE });
	});

	afterEach(async () => {
		const errors = await browser.errors();
		await browser.close();
		expect(errors).toEqual([]);
	});

	it('begin with a line worked together, in three touches, and a Today that knows of it', async () => {
		await open('/');
		expect(await browser.driver.getTitle()).toBe('Today · Tidy Sum');
		await browser.press(L.beginGuided);
		for (const [says, touch] of [
			['1 of 3', unitAt('g', 'top')],
			['2 of 3', withBelow('g')],
		] as const) {
			await browser.sees(says);
			await browser.press(touch);
		}
		await browser.sees('3 of 3');
		await write(browser, '0.454 kg');
		await browser.press(L.check);
		await browser.sees('That was a whole line');
		await browser.sees('Value: right');
		await browser.press(L.wayOut, L.placeToday);
		await browser.says((page) => /today: 1 exercise\b/.test(page), 'today: 1 exercise');
		expect(await browser.seesNow(FIRST_DAY)).toBe(false);
		await open('/desk/honey-jar');
		expect(await browser.has(L.guide)).toBe(false);
	});

	it('come back, after a term, to what was left, what is due, and a Record of it all', async () => {
		await open('/?desk=fennel-ridge-term');
		await browser.sees('Week 7 at the glasshouse');
		await browser.press(L.beginDue);
		await browser.sees('5 exercises');
		await browser.driver.navigate().back();
		await browser.press(L.toRecord, L.recordSlips);
		// From a point of a chart to the line it happened on, and how that came about.
		const dots = await browser.find(L.slipTimesPoints);
		await browser.driver.executeScript('arguments[0].focus()', dots);
		await keys(Key.HOME);
		const first = await browser.text(byId('slip-times-point'));
		await keys(Key.ARROW_RIGHT);
		await browser.until(byId('slip-times-point'), (text) => text !== first);
		const answer = (await browser.text(byId('slip-answer'))).replace('Answer: ', '');
		await browser.press(L.slipReplay);
		await browser.sees('The answer was checked.');
		await browser.press(L.replayNumbers);
		await browser.sees(answer);
		await browser.driver.navigate().back();
		await browser.find(L.slipTimesPoints);
		expect(await url()).toContain('part=slips');
		await browser.press(L.recordEverything);
		await browser.says((page) => /\d+ of \d+ pieces of work, page 1 of \d+/.test(page), 'pieces of work, page 1');
		await browser.write(L.everythingSearch, 'Temperatures');
		await browser.until(L.everything, (text) => !text.includes('Rate'));
	});

	it('take all of the work along as a file, and have it back in a fresh browser, once', async () => {
		const folder = mkdtempSync(join(tmpdir(), 'tidy-sum-mine-'));
		await open('/?desk=fennel-ridge-term');
		await open('/settings');
		const says = (await browser.text(byId('data-says'))).split(',')[0];
		await browser.savesInto(folder);
		await browser.press(L.themeDark, L.takeData);
		await browser.sees('Saved as');
		await browser.driver.wait(async () => readdirSync(folder).some((name) => name.endsWith('.json')), 8000);
		const file = join(folder, readdirSync(folder).find((name) => name.endsWith('.json')) ?? '');

		const fresh = await Browser.open({ screen: DESKTOP });
		await fresh.driver.get(`${whole.url}/settings`);
		await fresh.sees('0 pieces of work');
		await fresh.give(L.bringData, file);
		await fresh.sees('are new here');
		await fresh.sees(`${says}`);
		await fresh.give(L.bringData, file);
		await fresh.sees('0 pieces of work are new here');
		await fresh.sees(`${says}`);
		// Also after a reload, and in the dark that came along.
		await fresh.sees('on the server');
		await fresh.driver.get(`${whole.url}/record`);
		await fresh.sees('exercises worked');
		expect(await fresh.driver.executeScript('return document.documentElement.dataset.theme')).toBe('dark');
		expect(await fresh.errors()).toEqual([]);
		await fresh.close();
		clearAway(folder);
	});
});

describe('ways through the app, on a phone', () => {
	beforeEach(async () => {
		browser = await Browser.open({ screen: PHONE, keepsApp: true });
	});

	afterEach(async () => {
		await browser.close();
	});

	it('Back closes a panel before it leaves the Desk, and leads back to the place one had scrolled to', async () => {
		await open('/');
		await browser.press(L.placeProblems);
		const far = await browser.find(titleOf('soil-bin'));
		await browser.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', far);
		await browser.driver.sleep(300);
		const scrolled = () =>
			browser.driver.executeScript<number>(
				`return Math.max(...[...document.querySelectorAll('[data-testid=problems-page] *')].map((e) => e.scrollTop))`,
			);
		const before = await scrolled();
		expect(before).toBeGreaterThan(200);
		await far.click();
		await browser.find(L.line);
		await browser.press(L.toolFacts);
		await browser.find(region('Facts'));
		await browser.driver.navigate().back();
		await browser.driver.wait(async () => !(await browser.has(region('Facts'))), 5000);
		expect(await url()).toContain('/desk/');
		await browser.driver.navigate().back();
		await browser.find(L.problemsSearch);
		const isKept = async () => Math.abs((await scrolled()) - before) < 40;
		await browser.driver.wait(isKept, 5000, 'the place is not kept');
		// By way of another page that is long as well, which is opened at its top.
		await browser.press(L.placeRounds);
		await browser.find(L.beginRound);
		await browser.settled();
		expect(
			await browser.driver.executeScript(
				`return Math.max(...[...document.querySelectorAll('[data-testid=rounds] *')].map((e) => e.scrollTop))`,
			),
		).toBe(0);
		await browser.press(L.placeProblems);
		await browser.driver.wait(isKept, 5000, 'the place is not kept by way of the bar');
	});

	it('problems are searched and chosen, and Back finds what was asked for', async () => {
		await open('/problems');
		await browser.write(L.problemsSearch, 'honey');
		await browser.find(titleOf('honey-jar'));
		expect(await browser.has(titleOf('wind-gust'))).toBe(false);
		await browser.press(L.howFar, L.stateNew, titleOf('honey-jar'));
		await browser.find(L.line);
		await browser.driver.navigate().back();
		await browser.find(titleOf('honey-jar'));
		expect(await browser.has(titleOf('wind-gust'))).toBe(false);
		expect(await url()).toContain('search=honey');
		expect(await url()).toContain('state=new');
	});

	it('settings hold at once and after a reload: theme, size of text, keys of one letter', async () => {
		await open('/settings');
		await browser.press(L.themeDark, byId('letter-keys-off'), L.textSize200);
		const look = () =>
			browser.driver.executeScript<readonly [string, boolean]>(
				'return [getComputedStyle(document.body).backgroundColor, document.documentElement.scrollWidth <= innerWidth]',
			);
		expect(await look()).toEqual(['rgb(12, 22, 20)', true]);
		await open('/desk/new-snow');
		expect(await look()).toEqual(['rgb(12, 22, 20)', true]);
		await keys('f');
		await browser.driver.sleep(200);
		expect(await browser.has(region('Facts'))).toBe(false);
	});

	it('a new version is said, and taken at a touch without losing a step', async () => {
		const app = mkdtempSync(join(tmpdir(), 'tidy-sum-app-'));
		cpSync(join(__dirname, '..', 'app', 'dist'), app, { recursive: true });
		const other = await Whole.start(undefined, '0', { APP_DIR: app });
		// In a browser of its own: where many devices share one, the worker shares their process and may wait for it for minutes.
		await browser.close();
		browser = await Browser.open({ screen: PHONE, alone: true });
		await browser.go(`${other.url}/desk/honey-jar`);
		const controlled = () =>
			browser.driver.executeScript<boolean>('return Boolean(navigator.serviceWorker.controller)');
		await browser.driver.wait(controlled, 30_000, 'the app is not kept');
		expect(existsSync(join(app, 'sw.js'))).toBe(true);
		appendFileSync(join(app, 'sw.js'), '\n// another version\n');
		await place(browser, WORKED['honey-jar']?.blocks[0] as never);
		await browser.driver.executeScript('navigator.serviceWorker.getRegistration().then((r) => r.update())');
		await browser.seesLine(NEW_VERSION, 30_000);
		await browser.driver.executeScript('window.before = true');
		await browser.press(L.takeVersion);
		await browser.driver.wait(
			async () => !(await browser.driver.executeScript<boolean>('return Boolean(window.before)').catch(() => true)),
			40_000,
			'the page was not loaded anew',
		);
		await browser.sees('The line is complete');
		expect(await browser.seesNow(NEW_VERSION)).toBe(false);
		await other.stop();
		clearAway(app);
	});
});
