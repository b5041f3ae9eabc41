import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Key } from 'selenium-webdriver';
import { Browser, DESKTOP, PHONE, SCREENS } from './src/browser';
import { clearAway } from './src/clear-away';
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

/** Opens the page where problems are brought, and brings a text. */
async function bring(text: string, on: Browser = browser): Promise<void> {
	await on.driver.get(`${whole.url}/bring`);
	await on.fill('bring-text', text);
}

const says = (id: string, text: string, on: Browser = browser) => on.untilSays(id, text);

const fact = (unit: string, name: string, below: string) => takeFact(browser, unit, name, below);

const answer = (text: string) => answerWith(browser, text);

async function allRight(): Promise<void> {
	for (const line of ['line', 'value', 'figures', 'unit'])
		await browser.until(`verdict-${line}`, (text) => /right|not asked/.test(text));
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

describe.each(SCREENS)('what is brought, on %s', (_, screen) => {
	beforeAll(async () => {
		browser = await Browser.open({ screen });
	});

	afterEach(async () => {
		expect(await browser.errors()).toEqual([]);
	});

	afterAll(async () => {
		await browser.close();
	});

	it('a word problem: a place is changed by touch, the line is worked, and all is right', async () => {
		await bring('One sack lasts 14 days. 9.5 kg of feed are in it. How many kg go in 35 days?');
		await says('places', '9.5 kg · the start');
		await browser.press('token-24', 'role-fact', 'with-15');
		await says('facts-stated', '9.5 kg = 14 d');
		await browser.press('token-68', 'role-start');
		await says('places', '35 days · the start');
		await browser.press('own-done');
		await browser.find('line');
		await fact('unit--1-top-d', '9.5kg=14days', 'days');
		await answer('24 kg');
		await allRight();
	});

	it('a terse line', async () => {
		await bring('3.2 km → m');
		await says('beginning-wanted', 'Wanted: m');
		await browser.press('own-done');
		await fact('unit--1-top-km', '1km=1000m', 'km');
		await answer('3.2e3 m');
		await allRight();
	});

	it('what could not be told is asked, and answered', async () => {
		await bring('A tank holds 48.0 L and drips at 2.5 mL a minute. How long does that last?');
		await says('question', 'What should the answer be in?');
		await browser.fill('question-field', 'h');
		await browser.press('question-take');
		await says('beginning-wanted', 'Wanted: h');
	});

	it('a range of temperatures and a measure in parts, posed by hand', async () => {
		await browser.driver.get(`${whole.url}/bring`);
		await browser.find('bring-text');
		await browser.fill('bring-text', ' ');
		await browser.press('fill-in');
		await browser.fill('own-start', '50 to 68 °F');
		await browser.fill('own-want', '°C');
		await says('beginning', 'A range');
		await browser.press('own-done');
		await browser.find('line');
		await says('line', '68');
		await browser.driver.get(`${whole.url}/bring`);
		await browser.find('bring-text');
		await browser.press('fill-in');
		await browser.fill('own-start', '7 ft 5.4 in');
		await browser.fill('own-want', 'cm');
		await browser.press('own-round-place');
		await browser.until('round-says', (text) => text.includes('tenths'));
		await browser.press('own-done');
		await browser.find('to-add-ft');
		await says('wanted', 'cm, to the tenths');
	});

	it('a page of twelve: worked half, left, and come back to', async () => {
		await bring(TWELVE);
		await says('page-says', '12 problems were found');
		await browser.press('to-sheet');
		await says('sheet-says', '12 problems: 0 right');
		await browser.press('go-on');
		for (const [i, { unit, name, text }] of HALF.entries()) {
			await fact(`unit--1-top-${unit}`, name, unit);
			await answer(text);
			await allRight();
			await browser.press('next');
			await browser.untilSays('problem', `${QUANTITIES[i + 1]?.split(' ')[0]}`);
		}
		await browser.driver.navigate().refresh();
		await says('problem', '2.5');
		await browser.press('way-out');
		await says('sheet-says', '12 problems: 6 right');
		await browser.press('sheet-hand-in');
		await says('not-done', '6 of 12');
		await says('hand-in-answer', '3.2e3 m');
	});

	it('a working with a factor upside down is found, and mended on the Desk', async () => {
		await bring('40 mi/h × 5280 ft / 1 mi = 211200 ft/h × 3600 s / 1 h = 59 ft/s');
		await browser.press('to-working');
		await says('working-says', 'Block 2 is where it first fails');
		await browser.press('working-to-desk');
		await browser.find('line');
		await browser.press('number-1-top', 'turn');
		await says('balance-says', 'The line closes');
		await browser.press('tool-answer');
		await check(browser);
		await allRight();
	});
});

describe('what was brought', () => {
	it('goes to a second device by a link that holds it, and stays through a crash of the first', async () => {
		const profile = mkdtempSync(join(tmpdir(), 'tidy-sum-brought-'));
		browser = await Browser.open({ screen: PHONE, profile });
		await bring('1. Write 3.6 m/s in km/h.\n2. How many mL are 0.35 L?\n3. 14 ft to yd');
		await says('page-says', '3 problems');
		await browser.press('to-sheet', 'sheet-rename');
		await browser.fill('sheet-title', 'From the mast');
		await browser.press('hand-on');
		await browser.find('hand-on-link');
		const link = await browser.text('hand-on-link');
		await new Promise((resolve) => setTimeout(resolve, 500));
		await browser.crash();

		const other = await Browser.open({ screen: DESKTOP });
		await other.driver.get(link);
		await says('handed', 'From the mast (3 problems)', other);
		await other.press('handed-take', 'problem-3');
		await says('problem', 'to yd', other);
		await says('wanted', 'yd', other);
		await other.close();

		browser = await Browser.open({ screen: PHONE, profile });
		await browser.driver.get(`${whole.url}/problems`);
		await says('brought', 'From the mast');
		await browser.close();
		clearAway(profile);
	});

	it('is shared from another app into the field, once the app is installed as one', async () => {
		browser = await Browser.open({ screen: PHONE });
		await browser.driver.get(
			`${whole.url}/bring?text=${encodeURIComponent('1. 14 ft to yd\n2. How many mL are 0.35 L?')}`,
		);
		await says('page-says', '2 problems');
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
		await browser.find('bring-text');
		const keys = async (...pressed: readonly string[]) => {
			for (const key of pressed) await browser.driver.actions().sendKeys(key).perform();
		};
		/** Goes on by Tab until something with this test id has the focus. */
		const tabTo = async (id: string) => {
			for (let i = 0; i < 120; i++) {
				const at = await browser.driver.executeScript<string>('return document.activeElement?.dataset?.testid ?? ""');
				if (at === id) return;
				await keys(Key.TAB);
			}
			throw new Error(`Tab does not lead to ${id}`);
		};
		await tabTo('bring-text');
		await keys('A sled runs 3.6 m/s for 2.0 min. How far is that in m?');
		await browser.find('token-12');
		await tabTo('token-12');
		await keys(Key.ENTER);
		await browser.find('role-spare');
		await tabTo('chooser-close');
		await keys(Key.ENTER);
		await tabTo('own-done');
		await keys(Key.ENTER);
		await browser.find('line');
		await says('line', '2.0');
		const take = async (...ids: readonly string[]) => {
			for (const id of ids) {
				await browser.find(id);
				await tabTo(id);
				await keys(Key.ENTER);
			}
			await browser.find('block');
		};
		await take('unit--1-top-min', 'fact-1min=60s', 'place-min-below');
		await take('unit-0-top-s', 'fact-3.6m=1s', 'place-s-below');
		await says('balance-says', 'The line closes');
		await keys('a');
		await browser.find('answer');
		await tabTo('answer');
		await keys('4.3e2 m', Key.ENTER);
		await browser.find('verdict');
		await allRight();
		await browser.close();
	});

	it('is brought and worked with the server gone, and keeps up with 4 000 characters', async () => {
		browser = await Browser.open({ screen: PHONE });
		await browser.driver.get(`${whole.url}/bring`);
		await browser.find('bring-text');
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
		await browser.fill('bring-text', 'How many mL are 0.35 L?');
		await says('beginning-wanted', 'Wanted: mL');
		await browser.press('own-done');
		await browser.find('line');
		// A text that another app shares comes in as well.
		await browser.driver.get(
			`${whole.url}/bring?text=${encodeURIComponent('1. 14 ft to yd\n2. How many mL are 0.35 L?')}`,
		);
		await says('page-says', '2 problems');
		await browser.driver.get(`${whole.url}/bring`);
		const long = 'At the mast 12.5 km of rope and 3.2 kg of wax were left. '.repeat(72).slice(0, 3990);
		const field = await browser.find('bring-text');
		await browser.driver.executeScript(
			`const set = Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value').set;
			set.call(arguments[0], arguments[1]); arguments[0].dispatchEvent(new Event('input', { bubbles: true }));`,
			field,
			long,
		);
		await field.sendKeys(' in m');
		expect(await field.getAttribute('value')).toBe(`${long} in m`);
		await says('places', 'no place yet');
		await browser.close();
		whole = await whole.again();
	});
});
