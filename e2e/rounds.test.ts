import { By, Key } from 'selenium-webdriver';
import { Browser, DESKTOP, PHONE } from './src/browser';
import { L, LEVELS, skillNamed } from './src/labels';
import { byId } from './src/parts';
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

/** Chooses one skill, a level and a length, and begins. */
async function choose(skill: string, level: number, count: number): Promise<void> {
	await browser.open(`${whole.url}/rounds`);
	await browser.press(L.allSkills);
	for (;;) {
		await browser.settled();
		const [chosen] = await browser.driver.findElements(By.css('[data-testid^="skill-"][aria-pressed="true"]'));
		if (!chosen) break;
		await chosen.click();
	}
	await browser.press(`${count} exercises`, LEVELS[level - 1] as string, skillNamed(skill), L.beginRound);
	await browser.find(L.goOn);
}

const answerOnce = (text: string) => answerWith(browser, text);

/** Waits until the exercise of this number, from 1, is on the Desk. */
async function onDesk(number: number): Promise<void> {
	const name = new RegExp(`/desk/round-[0-9a-z]+-0?${number}$`);
	await browser.driver.wait(async () => name.test(await browser.driver.getCurrentUrl()), 8000, `not at ${number}`);
	await browser.find(L.problem);
}

/** Answers the exercise on the Desk rightly, and goes on to what comes next. */
async function answerRightly(): Promise<void> {
	await answerOnce(rounded(await browser.text(L.problem)));
	await browser.sees('Value: right');
	const before = await browser.driver.getCurrentUrl();
	await browser.press((await browser.has(L.next)) ? L.next : L.howItGoes);
	await browser.driver.wait(async () => (await browser.driver.getCurrentUrl()) !== before, 8000);
}

describe('a Round', () => {
	beforeEach(async () => {
		browser = await Browser.open({ screen: PHONE });
	});

	afterEach(async () => {
		const errors = await browser.errors();
		await browser.close();
		expect(errors).toEqual([]);
	});

	it.each([1, 2, 3])('of level %i goes from choice to summary', async (level) => {
		await choose('rounding-figures', level, 5);
		await browser.press(L.goOn);
		for (let i = 1; i <= 5; i++) {
			await onDesk(i);
			await answerRightly();
		}
		await browser.seesLine('right at once');
		await browser.sees('5\nright at once');
		expect(await browser.has(L.shortRound)).toBe(false);
		const done = await browser.driver.getCurrentUrl();
		await browser.press(L.another);
		await browser.driver.wait(async () => (await browser.driver.getCurrentUrl()) !== done, 8000);
		await browser.seesLine('Start');
	});

	it('tells what slipped, with a short Round of just that', async () => {
		await choose('rounding-figures', 1, 5);
		await browser.press(L.goOn);
		await browser.find(L.problem);
		const right = rounded(await browser.text(L.problem));
		await answerOnce(right.replace(/e\+?(-?\d+)/, (__, power) => `e${Number(power) + 2}`));
		await browser.sees('the decimal point moved');
		await answerOnce(right);
		await browser.press(L.next);
		await onDesk(2);
		await browser.press(L.wayOut);
		await browser.seesLine('right after another try');
		const slips = await browser.text(byId('round-slips'));
		expect(slips).toContain('The decimal point moved');
		await browser.press(L.shortRound);
		await browser.seesLine('Start');
		await browser.sees('5 exercises, level 1: Rounding to figures');
	});

	it('is left in the middle and gone on with, after a reload too', async () => {
		await choose('rounding-figures', 1, 5);
		await browser.press(L.goOn);
		await browser.find(L.problem);
		await answerRightly();
		await onDesk(2);
		await write(browser, '1.2');
		await browser.sees('on the server.');
		await browser.driver.navigate().refresh();
		await onDesk(2);
		expect(await browser.typed(L.answer)).toBe('1.2');
		await browser.open(`${whole.url}/rounds`);
		await browser.press(L.begun);
		await (await browser.driver.findElement(By.css('[data-testid^="begun-"]'))).click();

		await browser.press('Continue with 2');
		await onDesk(2);
	});

	it('is told what is wrong with a code, and counts and names on its line what is asked', async () => {
		await browser.open(`${whole.url}/rounds`);
		await browser.press(L.byCode);
		await (await browser.find(L.roundCode)).sendKeys('4k7m-9ae', Key.ENTER);
		await browser.sees('No Round has this code');
		await browser.open(`${whole.url}/round/no-code!`);
		await browser.sees('not “!”');
		await browser.open(`${whole.url}/desk/round-zzzzzzz-01`);
		await browser.sees('No Round has this code');
		await choose('wrong-block', 2, 5);
		await browser.press(L.goOn, '1', L.check);
		await browser.sees('Value: ');
		await browser.says((page) => /factor 1 is wrong|That factor is right/.test(page), 'whether factor 1 is the one');
		await choose('counting-figures', 1, 5);
		await browser.press(L.goOn);
		await browser.find(L.problem);
		const [, number = ''] = /(\d+\.\d+)/.exec(await browser.text(L.problem)) ?? [];
		await answerOnce(`${number.replace('.', '').replace(/^0+/, '').length}`);
		await browser.sees('Value: right');
	});
});

describe('the same code', () => {
	it('gives the same exercises on a second, clean profile', async () => {
		browser = await Browser.open({ screen: PHONE });
		await choose('rate-both-ends', 2, 10);
		const code = (await browser.driver.getCurrentUrl()).replace(/.*\//, '');
		const first = await browser.text(byId('round'));
		const other = await Browser.open({ screen: DESKTOP });
		await other.driver.get(`${whole.url}/rounds`);
		await other.press(L.byCode);
		await (await other.find(L.roundCode)).sendKeys(code.toUpperCase(), Key.ENTER);
		await other.seesLine('Start');
		expect(await other.text(byId('round'))).toBe(first);
		for (const one of [browser, other]) {
			expect(await one.errors()).toEqual([]);
			await one.close();
		}
	});
});

describe('a slip named', () => {
	beforeEach(async () => {
		browser = await Browser.open({ screen: DESKTOP });
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

	it('10 EE pressed for a power of ten', async () => {
		await browser.go(`${whole.url}/desk/balloon-battery`);
		for (const block of WORKED['balloon-battery']?.blocks ?? []) await place(browser, block);
		await answerOnce('6.4e3 µA');
		await browser.sees('10 ee pressed for a power of ten', '1 EE −2');
	});

	it.each<[string, string, readonly [string, string] | undefined, string, string]>([
		['upside down', '0.0000097 ft/s', ['ft', 's'], 'line', 'Look at factor 1'],
		['digits swapped', '21.7 ft/s', undefined, 'slip', 'two digits swapped'],
		['the point moved', '2.71 ft/s', undefined, 'slip', 'the decimal point moved'],
		['cut, not rounded', '27.13 ft/s', undefined, 'figures', 'Yours has 4'],
		['a minus gained', '-27.1 ft/s', undefined, 'slip', 'a minus sign lost or added'],
	])('%s', async (_name, answer, below, where, says) => {
		await gust(answer, below ?? ['mi', 's']);
		if (where === 'slip') await browser.sees(says);
		else await browser.sees(says);
	});
});

describe('without a network', () => {
	it('the app opens, makes a Round, names a slip and keeps it all', async () => {
		browser = await Browser.open({ screen: PHONE, keepsApp: true });
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
		await browser.press(L.goOn);
		await browser.find(L.problem);
		const right = rounded(await browser.text(L.problem));
		await answerOnce(right.replace(/e\+?(-?\d+)/, (__, power) => `e${Number(power) + 1}`));
		await browser.sees('the decimal point moved');
		await answerOnce(right);
		await browser.sees('Value: right');
		await browser.driver.navigate().refresh();
		await onDesk(1);
		await browser.press(L.wayOut);
		await browser.seesLine('right after another try');
		whole = await whole.again();
		await browser.close();
	});
});
