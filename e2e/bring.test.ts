import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Key } from 'selenium-webdriver';
import { Browser, DESKTOP, PHONE } from './src/browser';
import { clearAway } from './src/clear-away';
import { L, verdict } from './src/labels';
import type { Part, Target } from './src/named';
import { byId, factOf, numberAt, unitAt, withBelow } from './src/parts';
import { Whole } from './src/whole';
import { answerWith, check, takeFact } from './src/work-through';

jest.setTimeout(180_000);

let whole: Whole;
let browser: Browser;

beforeAll(async () => {
	whole = await Whole.start();
});

afterAll(async () => {
	await whole?.stop();
});

/** A photo of a printed problem, on its side. */
const PLANK = join(__dirname, 'pages', 'plank.jpg');

/** Waits until a picture is read, and finds all right that was hard to read. */
async function looksAtDoubts(on: Browser): Promise<void> {
	await on.says((page) => /\binch/.test(page) && !page.includes('Reading the page'), 'the page is read', 40_000);
	while (await on.has('It is right')) await on.press('It is right');
}

/** Opens the page where problems are brought, and brings a text. */
async function bring(text: string, on: Browser = browser): Promise<void> {
	await on.driver.get(`${whole.url}/bring`);
	await on.write(L.bringText, text);
}

const fact = (unit: Part, name: string, below: string) => takeFact(browser, unit, name, below);

const answer = (text: string) => answerWith(browser, text);

async function allRight(): Promise<void> {
	for (const line of ['line', 'value', 'figures', 'unit'])
		await browser.says(
			// What is not asked is not on the page.
			(page) =>
				page.includes(verdict(line, 'right')) ||
				(page.includes(verdict('value', 'right')) && !page.includes(verdict(line, ''))),
			verdict(line, 'right'),
		);
}

const QUANTITIES = [
	'3.2 km',
	'45 cm',
	'127 mm',
	'0.85 km',
	'1500 mm',
	'66 cm',
	'2.5 km',
	'9.4 cm',
	'31 mm',
	'7.7 km',
	'14 cm',
	'5.25 km',
];

const TWELVE = ['Convert to metres:', ...QUANTITIES.map((quantity, i) => `${i + 1}. ${quantity}`)].join('\n');

const [KM, CM, MM] = ['1km=1000m', '1m=100cm', '1m=1000mm'];

/** How the first six of them are worked. */
const HALF = [
	{ unit: 'km', name: KM, text: '3.2e3 m' },
	{ unit: 'cm', name: CM, text: '0.45 m' },
	{ unit: 'mm', name: MM, text: '0.127 m' },
	{ unit: 'km', name: KM, text: '8.5e2 m' },
	{ unit: 'mm', name: MM, text: '1.5 m' },
	{ unit: 'cm', name: CM, text: '0.66 m' },
];

describe('what is brought', () => {
	beforeAll(async () => {
		browser = await Browser.open({ screen: PHONE });
	});

	afterEach(async () => {
		expect(await browser.errors()).toEqual([]);
	});

	afterAll(async () => {
		await browser.close();
	});

	it('a word problem: a place is changed by touch, the line is worked, and all is right', async () => {
		await bring('One sack lasts 14 days. 9.5 kg of feed are in it. How many kg go in 35 days?');
		// The question is about 35 days, and nothing was read that leads from there: the app asks.
		await browser.sees('What does the line start from?');
		await browser.press('9.5 kg · not sorted yet', L.roleFact, '= 14 days');
		await browser.sees('9.5 kg = 14 d');
		await browser.press('35 days');
		await browser.sees('35 days · the start');
		await browser.press(L.ownDone);
		await browser.find(L.line);
		await fact(unitAt('d', 'top'), '9.5kg=14days', 'days');
		await answer('24 kg');
		await allRight();
	});

	it('a page with a box of facts and lines for answers: nothing is lost, and a line comes back at a touch', async () => {
		await bring(
			'Ridge units\nUse 1 in = 2.54 cm\n1. 7.5 in to cm\nAnswer: ______\n2. 12 in to cm\nAnswer: ______\nPage 2 of 3',
		);
		await browser.sees('2 problems found');
		await browser.sees('Lines to fill in, for names and answers, are left out.');
		await browser.press('Add as a problem');
		await browser.sees('3 problems found');
		await browser.press(L.toSheet);
		await browser.sees('Ridge units');
		await browser.sees('Use 1 in = 2.54 cm');
	});

	it('a photo that lies on its side, from the file to the answer', async () => {
		await browser.open(`${whole.url}/bring`);
		await browser.write(L.bringText, '');
		await browser.give(L.bringFile, PLANK);
		await looksAtDoubts(browser);
		await browser.sees('8.50 ft · the start', 'Wanted: in');
		await browser.press(L.ownDone);
		await browser.find(L.line);
		await fact(unitAt('ft', 'top'), '1ft=12in', 'ft');
		await answer('102 in');
		await allRight();
	});

	it('a picture that is stopped while it is read leaves the page as it was', async () => {
		await browser.open(`${whole.url}/bring`);
		await browser.write(L.bringText, '');
		await browser.give(L.bringFile, PLANK);
		await browser.press('Stop');
		await browser.sees('Stopped. Nothing was changed.');
	});

	it('a problem of which two quantities may be the start: it asks, and says that no fact leads on from one', async () => {
		await bring('A carton weighs 21 kg when full. What is the mass in grams of 5 lids?');
		await browser.sees('What does the line start from?');
		await browser.press('5 lids');
		await browser.sees('I see no fact that leads from lid to g.');
		await browser.press('21 kg · ', 'Start from it');
		await browser.sees('21 kg · the start');
	});

	it('a terse line', async () => {
		await bring('3.2 km → m');
		await browser.sees('Wanted: m');
		await browser.press(L.ownDone);
		await fact(unitAt('km', 'top'), '1km=1000m', 'km');
		await answer('3.2e3 m');
		await allRight();
	});

	it('a rate with a time in parts: none of it is lost, and the line says where its number is from', async () => {
		await bring('A runner covers 5.00 km in 18 min 30 s. What is her speed in m/s?');
		await browser.sees('18 min 30 s is 1110 s.');
		await browser.press(L.ownDone);
		await browser.sees('18 min 30 s is 1110 s. Wanted: m/s.');
		await answer('4.50 m/s');
		await allRight();
	});

	it('what could not be told is asked, and answered', async () => {
		await bring('A tank holds 48.0 L and drips at 2.5 mL a minute. How long does that last?');
		await browser.sees('What should the answer be in?');
		await browser.write(L.questionField, 'h');
		await browser.press(L.questionTake);
		await browser.sees('Wanted: h');
	});

	it('a range of temperatures and a measure in parts, posed by hand', async () => {
		await browser.driver.get(`${whole.url}/bring`);
		await browser.find(L.bringText);
		await browser.write(L.bringText, ' ');
		// What was there before is gone, and nothing moves up any more.
		await browser.find(L.bringFile);
		await browser.press(L.fillIn);
		await browser.write(L.ownStart, '50 to 68 °F');
		await browser.write(L.ownWant, '°C');
		await browser.sees('This is a range');
		await browser.press(L.ownDone);
		await browser.find(L.line);
		await browser.untilSays(L.line, '68');
		await browser.driver.get(`${whole.url}/bring`);
		await browser.find(L.bringText);
		await browser.press(L.fillIn);
		await browser.write(L.ownStart, '7 ft 5.4 in');
		await browser.write(L.ownWant, 'cm');
		await browser.press(L.ownRoundPlace);
		await browser.untilSays(byId('round-says'), 'tenths');
		await browser.press(L.ownDone);
		await browser.find('7 ft');
		await browser.sees('cm, to the tenths');
	});

	it('a page of twelve: worked half, left, and come back to', async () => {
		await bring(TWELVE);
		await browser.sees('12 problems found');
		await browser.press(L.toSheet);
		await browser.sees('12 problems: 0 right');
		await browser.press(L.goOn);
		for (const [i, { unit, name, text }] of HALF.entries()) {
			await fact(unitAt(unit, 'top'), name, unit);
			await answer(text);
			await allRight();
			await browser.press(L.next);
			await browser.untilSays(L.problem, `${QUANTITIES[i + 1]?.split(' ')[0]}`);
		}
		await browser.driver.navigate().refresh();
		await browser.untilSays(L.problem, '2.5');
		await browser.press(L.wayOut);
		await browser.sees('12 problems: 6 right');
		await browser.press(L.sheetHandIn);
		await browser.sees('6 of 12');
		await browser.sees('Answer: 3.2 × 10');
	});

	it('a working with a factor upside down is found, and mended on the Desk', async () => {
		await bring('40 mi/h × 5280 ft / 1 mi = 211200 ft/h × 3600 s / 1 h = 59 ft/s');
		await browser.press(L.toWorking);
		await browser.sees('The first mistake is in factor 2');
		await browser.press(L.workingToDesk);
		await browser.find(L.line);
		await browser.press(numberAt(1, 'top'), L.turn);
		await browser.sees('The line is complete');
		await browser.press(L.toolAnswer);
		await check(browser);
		await allRight();
	});
});

describe('what was brought', () => {
	it('goes to a second device by a link that holds it, and stays through a crash of the first', async () => {
		const profile = mkdtempSync(join(tmpdir(), 'tidy-sum-brought-'));
		browser = await Browser.open({ screen: PHONE, profile });
		await bring('1. Write 3.6 m/s in km/h.\n2. How many mL are 0.35 L?\n3. 14 ft to yd');
		await browser.sees('3 problems');
		await browser.press(L.toSheet, L.sheetRename);
		await browser.write(L.sheetTitle, 'From the mast');
		await browser.press(L.handOn);
		const link = await browser.text(byId('hand-on-link'));
		await new Promise((resolve) => setTimeout(resolve, 500));
		await browser.crash();

		const other = await Browser.open({ screen: DESKTOP });
		await other.driver.get(link);
		await other.sees('From the mast (3 problems)');
		await other.press(L.handedTake, '3 ');
		await other.untilSays(L.problem, 'to yd');
		await other.sees('Wanted: yd');
		await other.close();

		browser = await Browser.open({ screen: PHONE, profile });
		await browser.driver.get(`${whole.url}/problems`);
		await browser.sees('From the mast');
		await browser.close();
		clearAway(profile);
	});

	it('is shared from another app into the field, once the app is installed as one', async () => {
		browser = await Browser.open({ screen: PHONE, alone: true });
		await browser.driver.get(
			`${whole.url}/bring?text=${encodeURIComponent('1. 14 ft to yd\n2. How many mL are 0.35 L?')}`,
		);
		await browser.sees('2 problems');
		expect(await browser.driver.getCurrentUrl()).toBe(`${whole.url}/bring`);
		const { data, errors } = (await browser.command('Page.getAppManifest', {})) as { data: string; errors: unknown[] };
		expect(errors).toEqual([]);
		expect(JSON.parse(data)).toMatchObject({
			name: 'Tidy Sum',
			display: 'standalone',
			share_target: { action: '/bring' },
		});
		const { installabilityErrors } = (await browser.command('Page.getInstallabilityErrors', {})) as {
			installabilityErrors: unknown[];
		};
		expect(installabilityErrors).toEqual([]);
		await browser.close();
	});

	it('is brought, read and worked by keyboard alone', async () => {
		browser = await Browser.open({ screen: DESKTOP });
		await browser.driver.get(`${whole.url}/bring`);
		await browser.find(L.bringText);
		const keys = (...pressed: readonly string[]) => browser.keys(...pressed);
		const tabTo = (target: Target) => browser.tabTo(target);
		await tabTo(L.bringText);
		await keys('A sled runs 3.6 m/s for 2.0 min. How far is that in m?');
		await browser.find('3.6 m/s');
		await tabTo('3.6 m/s');
		await keys(Key.ENTER);
		await browser.find(L.roleSpare);
		await tabTo(L.close);
		await keys(Key.ENTER);
		await tabTo(L.ownDone);
		await keys(Key.ENTER);
		await browser.find(L.line);
		await browser.untilSays(L.line, '2.0');
		await browser.enter(unitAt('min', 'top'), factOf('1min=60s'), withBelow('min'));
		await browser.enter(unitAt('s', 'top', 0), factOf('3.6m=1s'), withBelow('s'));
		await browser.sees('The line is complete');
		await keys('a');
		await browser.find(L.answer);
		await tabTo(L.answer);
		await keys('4.3e2 m', Key.ENTER);
		await browser.sees('Line: ');
		await allRight();
		await browser.close();
	});

	it('is read from a second picture with the server gone', async () => {
		browser = await Browser.open({ screen: PHONE, keepsApp: true });
		await browser.open(`${whole.url}/bring`);
		await browser.driver.wait(
			async () => browser.driver.executeScript<boolean>('return Boolean(navigator.serviceWorker.controller)'),
			30_000,
			'the app is not kept',
		);
		await browser.give(L.bringFile, PLANK);
		await looksAtDoubts(browser);
		await whole.kill();
		await browser.driver.get(`${whole.url}/bring`);
		await browser.write(L.bringText, '');
		await browser.give(L.bringFile, PLANK);
		await looksAtDoubts(browser);
		await browser.sees('Wanted: in');
		await browser.close();
		whole = await whole.again();
	});

	it('is brought and worked with the server gone, and keeps up with 4 000 characters', async () => {
		browser = await Browser.open({ screen: PHONE, keepsApp: true });
		await browser.driver.get(`${whole.url}/bring`);
		await browser.find(L.bringText);
		// The app is on the device once its worker has taken it in.
		await browser.driver.wait(
			async () =>
				browser.driver.executeAsyncScript(
					'const done = arguments[0]; navigator.serviceWorker.getRegistration().then((r) => done(Boolean(r && r.active)))',
				),
			30_000,
		);
		await whole.kill();
		await browser.driver.get(`${whole.url}/bring`);
		await browser.write(L.bringText, 'How many mL are 0.35 L?');
		await browser.sees('Wanted: mL');
		await browser.press(L.ownDone);
		await browser.find(L.line);
		// A text that another app shares comes in as well.
		await browser.driver.get(
			`${whole.url}/bring?text=${encodeURIComponent('1. 14 ft to yd\n2. How many mL are 0.35 L?')}`,
		);
		await browser.sees('2 problems');
		await browser.driver.get(`${whole.url}/bring`);
		const long = 'At the mast 12.5 km of rope and 3.2 kg of wax were left. '.repeat(72).slice(0, 3990);
		const field = await browser.find(L.bringText);
		await browser.driver.executeScript(
			`const set = Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value').set;
			set.call(arguments[0], arguments[1]); arguments[0].dispatchEvent(new Event('input', { bubbles: true }));`,
			field,
			long,
		);
		await field.sendKeys(' in m');
		expect(await field.getAttribute('value')).toBe(`${long} in m`);
		await browser.sees('not sorted yet');
		await browser.close();
		whole = await whole.again();
	});
});
