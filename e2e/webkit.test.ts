import { By } from 'selenium-webdriver';
import { rounded } from './src/rounded';
import { HAS_WEBKIT, WebKit } from './src/webkit';
import { Whole } from './src/whole';
import { WORKED } from './src/work-through';

jest.setTimeout(240_000);

/** Where Debian's webkit2gtk-driver and xvfb may not be installed, the journeys on WebKit are skipped by this name. */
const onWebKit = HAS_WEBKIT ? describe : describe.skip;

let whole: Whole;
let webkit: WebKit;

onWebKit('on WebKit (needs Debian’s webkit2gtk-driver and xvfb)', () => {
	beforeAll(async () => {
		whole = await Whole.start();
		webkit = await WebKit.open();
	});

	afterAll(async () => {
		await webkit?.close();
		await whole?.stop();
	});

	it('a line is worked from Today to its check, and is there again after a reload', async () => {
		await webkit.driver.get(whole.url);
		await webkit.find('first-day');
		await webkit.press('place-problems', 'open-wind-gust');
		for (const { unit, fact, below } of WORKED['wind-gust']?.blocks ?? []) {
			await webkit.press(unit, `fact-${fact}`, `place-${below}-below`);
			await webkit.find('block');
		}
		await webkit.untilSays('balance-says', 'The line closes');
		await webkit.press('tool-answer');
		await webkit.fill('answer', '27.1 ft/s');
		await webkit.press('check');
		for (const line of ['line', 'value', 'figures', 'unit']) await webkit.untilSays(`verdict-${line}`, 'right');
		await webkit.untilSays('kept', 'on the server');
		await webkit.driver.navigate().refresh();
		await webkit.untilSays('balance-says', 'The line closes');
		await webkit.press('tool-answer');
		await webkit.untilSays('verdict-value', 'right');
		await webkit.press('way-out');
		await webkit.untilSays('open-wind-gust', 'right');
	});

	it('a Round is worked from choice to summary', async () => {
		await webkit.press('place-rounds');
		await webkit.find('begin-round');
		for (const on of await webkit.driver.findElements(By.css('[data-testid^="skill-"][aria-pressed="true"]')))
			await webkit.press((await on.getAttribute('data-testid')) ?? '');
		await webkit.press('count-5', 'level-1', 'skill-rounding-figures', 'begin-round', 'go-on');
		for (let i = 1; i <= 5; i++) {
			await webkit.driver.wait(async () => (await webkit.driver.getCurrentUrl()).endsWith(`-0${i}`), 15_000);
			const problem = await webkit.find('problem');
			if (!(await webkit.has('answer'))) await webkit.press('tool-answer');
			await webkit.fill('answer', rounded(await problem.getText()));
			await webkit.press('check');
			await webkit.untilSays('verdict-value', 'right');
			await webkit.press('next');
		}
		await webkit.untilSays('went-at-once', 'right at once');
		for (let i = 1; i <= 5; i++) await webkit.untilSays(`round-${i}`, 'right at once');
	});

	it.each([
		['facts?search=galon', 'found', 'gallon'],
		['ladder?value=2.5%20km&to=cm', 'between-says', '5 powers of ten down'],
		['temperature?number=12&unit=%C2%B0C', 'temperature', '53.6'],
		['mixed?text=8.75%20ft&measure=length', 'mixed-says', '9 in'],
		['figures?number=0.0820', 'count-says', '3 figures count'],
		['rate?from=25%20mi/h&to=m/s', 'rate-says', 'm/s'],
		['sense?value=1.35%20kg', 'sense-says', 'honey'],
	])('the Shelf at %s shows what it shows elsewhere', async (address, id, says) => {
		await webkit.driver.get(`${whole.url}/shelf/${address}`);
		await webkit.untilSays(id, says);
	});

	it('Today says what was done, and the Record too', async () => {
		await webkit.driver.get(whole.url);
		await webkit.untilSays('week', '6');
		await webkit.press('to-record');
		await webkit.untilSays('skills-say', '6 exercises worked');
		await webkit.press('record-everything');
		await webkit.untilSays('everything', 'A gust at the mast');
	});
});
