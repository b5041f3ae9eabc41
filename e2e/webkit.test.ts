import { By } from 'selenium-webdriver';
import { FIRST_DAY, L, skillNamed, titleOf, verdict } from './src/labels';
import { byId, factOf, withBelow } from './src/parts';
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
		await webkit.sees(FIRST_DAY);
		await webkit.press(L.placeProblems, titleOf('wind-gust'));
		for (const { unit, fact, below } of WORKED['wind-gust']?.blocks ?? []) {
			await webkit.press(unit, factOf(fact), withBelow(below));
		}
		await webkit.sees('The line is complete');
		await webkit.press(L.toolAnswer);
		await webkit.write(L.answer, '27.1 ft/s');
		await webkit.press(L.check);
		for (const line of ['line', 'value', 'figures', 'unit']) await webkit.sees(verdict(line, 'right'));
		await webkit.sees('on the server');
		await webkit.driver.navigate().refresh();
		await webkit.sees('The line is complete');
		await webkit.press(L.toolAnswer);
		await webkit.sees('Value: right');
		await webkit.press(L.wayOut);
		await webkit.untilSays(titleOf('wind-gust'), 'right');
	});

	it('a Round is worked from choice to summary', async () => {
		await webkit.press(L.placeRounds);
		await webkit.find(L.beginRound);
		await webkit.press(L.allSkills);
		for (const on of await webkit.driver.findElements(By.css('[data-testid^="skill-"][aria-pressed="true"]')))
			await webkit.press(byId((await on.getAttribute('data-testid')) ?? ''));
		await webkit.press(L.count5, L.level1, skillNamed('rounding-figures'), L.beginRound, L.goOn);
		for (let i = 1; i <= 5; i++) {
			await webkit.driver.wait(async () => (await webkit.driver.getCurrentUrl()).endsWith(`-0${i}`), 15_000);
			const problem = await webkit.find(L.problem);
			if (!(await webkit.has(L.answer))) await webkit.press(L.toolAnswer);
			await webkit.write(L.answer, rounded(await problem.getText()));
			await webkit.press(L.check);
			await webkit.sees('Value: right');
			await webkit.press(i < 5 ? L.next : L.howItGoes);
		}
		await webkit.sees('right at once');
		for (let i = 1; i <= 5; i++) await webkit.sees(`${i}. Rounding to figures: right at once`);
	});

	it.each([
		['facts?search=galon', 'gallon'],
		['ladder?value=2.5%20km&to=cm', '5 powers of ten down'],
		['temperature?number=12&unit=%C2%B0C', '53.6'],
		['mixed?text=8.75%20ft&measure=length', '= 8 ft 9 in'],
		['figures?number=0.0820', '3 figures count'],
		['rate?from=25%20mi/h&to=m/s', '= 11 m/s'],
		['sense?value=1.35%20kg', 'full honey jars'],
	])('the Shelf at %s shows what it shows elsewhere', async (address, says) => {
		await webkit.open(`${whole.url}/shelf/${address}`);
		await webkit.sees(says);
	});

	it('Today says what was done, and the Record too', async () => {
		await webkit.driver.get(whole.url);
		await webkit.sees('today: 6 exercises');
		await webkit.press(L.toRecord);
		await webkit.sees('6 exercises worked');
		await webkit.press(L.recordEverything);
		await webkit.untilSays(L.everything, 'A gust at the mast');
	});
});
