import { By, Key } from 'selenium-webdriver';
import { Browser, DESKTOP, PHONE, SCREENS } from './src/browser';
import { rounded } from './src/rounded';
import { Whole } from './src/whole';
import { answerWith, place, WORKED, write } from './src/work-through';

jest.setTimeout(240_000);

let whole: Whole;
let browser: Browser;

beforeAll(async () => {
	whole = await Whole.start();
});

afterAll(async () => {
	await whole.stop();
});

async function openPage(path: string, id: string): Promise<void> {
	await browser.driver.get(`${whole.url}${path}`);
	await browser.find(id);
}

/** Chooses one skill, a level and a length, and begins. */
async function choose(skill: string, level: number, count: number): Promise<void> {
	await openPage('/rounds', 'begin-round');
	for (const on of await browser.driver.findElements(By.css('[data-testid^="skill-"][aria-pressed="true"]')))
		await on.click();
	await browser.press(`count-${count}`, `level-${level}`, `skill-${skill}`, 'begin-round');
	await browser.find('round');
}

const answerOnce = (text: string) => answerWith(browser, text);

/** Waits until the exercise of this number, from 1, is on the Desk. */
async function onDesk(number: number): Promise<void> {
	const name = new RegExp(`/desk/round-[0-9a-z]+-0?${number}$`);
	await browser.driver.wait(async () => name.test(await browser.driver.getCurrentUrl()), 8000, `not at ${number}`);
	await browser.find('problem');
}

/** Answers the exercise on the Desk rightly, and goes on to what comes next. */
async function answerRightly(): Promise<void> {
	await answerOnce(rounded(await browser.text('problem')));
	expect(await browser.text('verdict-value')).toContain('right');
	const before = await browser.driver.getCurrentUrl();
	await browser.press('next');
	await browser.driver.wait(async () => (await browser.driver.getCurrentUrl()) !== before, 8000);
}

describe.each(SCREENS)('a Round on %s', (_, screen) => {
	beforeEach(async () => {
		browser = await Browser.open({ screen });
	});

	afterEach(async () => {
		const errors = await browser.errors();
		await browser.close();
		expect(errors).toEqual([]);
	});

	it.each([1, 2, 3])('of level %i goes from choice to summary', async (level) => {
		await choose('rounding-figures', level, 5);
		await browser.press('go-on');
		for (let i = 1; i <= 5; i++) {
			await onDesk(i);
			await answerRightly();
		}
		await browser.until('went-at-once', (text) => text === 'right at once');
		expect(await browser.text('round')).toContain('5\nright at once');
		expect(await browser.has('round-slips')).toBe(false);
		const done = await browser.driver.getCurrentUrl();
		await browser.press('another');
		await browser.driver.wait(async () => (await browser.driver.getCurrentUrl()) !== done, 8000);
		await browser.until('go-on', (text) => text === 'Begin');
	});

	it('tells what slipped, with a short Round of just that', async () => {
		await choose('rounding-figures', 1, 5);
		await browser.press('go-on');
		await browser.find('problem');
		const right = rounded(await browser.text('problem'));
		await answerOnce(right.replace(/e\+?(-?\d+)/, (__, power) => `e${Number(power) + 2}`));
		await browser.until('slip', (text) => text.includes('the decimal point moved'));
		await answerOnce(right);
		await browser.press('next');
		await onDesk(2);
		await browser.press('way-out');
		await browser.until('went-after-try', (text) => text === 'right after another try');
		const slips = await browser.text('round-slips');
		expect(slips).toContain('The decimal point moved');
		await browser.press('short-round');
		await browser.until('go-on', (text) => text === 'Begin');
		expect(await browser.text('round')).toContain('5 exercises, level 1: Rounding to figures');
	});

	it('is left in the middle and gone on with, after a reload too', async () => {
		await choose('rounding-figures', 1, 5);
		await browser.press('go-on');
		await browser.find('problem');
		await answerRightly();
		await onDesk(2);
		await write(browser, '1.2');
		await browser.until('kept', (text) => text.endsWith('on the server.'));
		await browser.driver.navigate().refresh();
		await onDesk(2);
		expect(await (await browser.find('answer')).getAttribute('value')).toBe('1.2');
		await openPage('/rounds', 'begin-round');
		await (await browser.driver.findElement(By.css('[data-testid^="begun-"]'))).click();
		await browser.until('go-on', (text) => text === 'Go on with 2');
		await browser.press('go-on');
		await onDesk(2);
	});

	it('is told what is wrong with a code, and counts and names on its line what is asked', async () => {
		await openPage('/rounds', 'begin-round');
		await (await browser.find('round-code')).sendKeys('4k7m-9ae', Key.ENTER);
		await browser.until('rounds', (text) => text.includes('one of its letters or digits is another'));
		await openPage('/round/no-code!', 'round-fault');
		expect(await browser.text('round-fault')).toContain('“!” is in none');
		await openPage('/desk/round-zzzzzzz-01', 'not-here');
		await browser.until('not-here', (text) => text.includes('no code of a Round'));
		await choose('wrong-block', 2, 5);
		await browser.press('go-on', 'block-1', 'check');
		await browser.find('verdict');
		expect(await browser.text('verdict-value')).toMatch(/Block 1 is the one|That block holds/);
		await choose('counting-figures', 1, 5);
		await browser.press('go-on');
		await browser.find('problem');
		const [, number = ''] = /(\d+\.\d+)/.exec(await browser.text('problem')) ?? [];
		await answerOnce(`${number.replace('.', '').replace(/^0+/, '').length}`);
		expect(await browser.text('verdict-value')).toContain('right');
	});
});

describe('the same code', () => {
	it('gives the same exercises on a second, clean profile', async () => {
		browser = await Browser.open({ screen: PHONE });
		await choose('rate-both-ends', 2, 10);
		const code = (await browser.driver.getCurrentUrl()).replace(/.*\//, '');
		const first = await browser.text('round');
		const other = await Browser.open({ screen: DESKTOP });
		await other.driver.get(`${whole.url}/rounds`);
		await (await other.find('round-code')).sendKeys(code.toUpperCase(), Key.ENTER);
		await other.until('go-on', (text) => text === 'Begin');
		expect(await other.text('round')).toBe(first);
		for (const one of [browser, other]) {
			expect(await one.errors()).toEqual([]);
			await one.close();
		}
	});
});

describe.each(SCREENS)('a slip named on %s', (_, screen) => {
	beforeEach(async () => {
		browser = await Browser.open({ screen });
	});

	afterEach(async () => {
		const errors = await browser.errors();
		await browser.close();
		expect(errors).toEqual([]);
	});

	/** Works the gust at the mast, with its blocks this way up, and sends an answer to the check. */
	async function gust(answer: string, below: readonly [string, string] = ['mi', 's']): Promise<void> {
		await browser.go(`${whole.url}/desk/wind-gust`);
		for (const [i, block] of (WORKED['wind-gust']?.blocks ?? []).entries())
			await place(browser, { ...block, below: below[i] as string });
		await answerOnce(answer);
	}

	it('10 EE keyed for a power of ten', async () => {
		await browser.go(`${whole.url}/desk/balloon-battery`);
		for (const block of WORKED['balloon-battery']?.blocks ?? []) await place(browser, block);
		await answerOnce('6.4e3 µA');
		await browser.until('slip', (text) => text.includes('10 ee keyed for a power of ten') && text.includes('1 EE −2'));
	});

	it.each<[string, string, readonly [string, string] | undefined, string, string]>([
		['upside down', '0.0000097 ft/s', ['ft', 's'], 'line', 'Look at block 1'],
		['digits swapped', '21.7 ft/s', undefined, 'slip', 'two digits changed places'],
		['the point moved', '2.71 ft/s', undefined, 'slip', 'the decimal point moved'],
		['cut, not rounded', '27.13 ft/s', undefined, 'figures', 'yours shows 4'],
		['a minus gained', '-27.1 ft/s', undefined, 'slip', 'a minus lost or gained'],
	])('%s', async (_name, answer, below, where, says) => {
		await gust(answer, below ?? ['mi', 's']);
		if (where === 'slip') await browser.until('slip', (text) => text.includes(says));
		else expect(await browser.text(`verdict-${where}`)).toContain(says);
	});
});

describe('without a network', () => {
	it('the app opens, makes a Round, names a slip and keeps it all', async () => {
		browser = await Browser.open({ screen: PHONE });
		await browser.go(`${whole.url}/desk/wind-gust`);
		await browser.driver.wait(
			async () =>
				await browser.driver.executeAsyncScript(
					'const done = arguments[0]; navigator.serviceWorker.getRegistration().then((r) => done(Boolean(r?.active && navigator.serviceWorker.controller)))',
				),
			30_000,
			'the app is not kept on the device',
		);
		await whole.kill();
		await browser.errors();
		await choose('rounding-figures', 2, 5);
		await browser.press('go-on');
		await browser.find('problem');
		const right = rounded(await browser.text('problem'));
		await answerOnce(right.replace(/e\+?(-?\d+)/, (__, power) => `e${Number(power) + 1}`));
		await browser.until('slip', (text) => text.includes('the decimal point moved'));
		await answerOnce(right);
		expect(await browser.text('verdict-value')).toContain('right');
		await browser.driver.navigate().refresh();
		await onDesk(1);
		await browser.press('way-out');
		await browser.until('went-after-try', (text) => text === 'right after another try');
		whole = await whole.again();
		await browser.close();
	});
});
