import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Key } from 'selenium-webdriver';
import { Browser, DESKTOP, PHONE, type Screen } from './src/browser';
import { clearAway } from './src/clear-away';
import { Whole } from './src/whole';
import { check, place, WORKED, workThrough, write } from './src/work-through';

jest.setTimeout(180_000);

/** A file of exercises with a row that cannot be read, and the answers of a class. */
const FOLDER = mkdtempSync(join(tmpdir(), 'tidy-sum-sight-'));
const EXERCISES = join(FOLDER, 'exercises.csv');
const ANSWERS = join(FOLDER, 'answers.csv');
writeFileSync(
	EXERCISES,
	'prompt,start,wanted\n"A gust of 26.0 mi/h, in ft/s.",26.0 mi/h,ft/s\n,3 kg,m\nRope.,8.75 ft,ft and in\n',
);
writeFileSync(ANSWERS, 'student,exercise,answer\nAnn,wind-gust,27.1 ft/s\nBen,2,27.13 ft/s\nCy,flight,3 m\n');

const AXE = readFileSync(require.resolve('axe-core/axe.min.js'), 'utf8');

let whole: Whole;

beforeAll(async () => {
	whole = await Whole.start();
});

afterAll(async () => {
	await whole.stop();
	clearAway(FOLDER);
});

type Violation = { readonly id: string; readonly help: string; readonly nodes: readonly { readonly html: string }[] };

async function violations(browser: Browser): Promise<readonly string[]> {
	await browser.driver.executeScript(AXE);
	const found = (await browser.driver.executeAsyncScript(
		'const done = arguments[arguments.length - 1]; axe.run(document).then((r) => done(r.violations), (e) => done([{ id: String(e), nodes: [] }]))',
	)) as readonly Violation[];
	return found.map(
		({ id, help, nodes }) => `${id}: ${help}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`,
	);
}

/** The pages of the Shelf, in states that fill them, and what stands there once they are drawn. */
const SHELF: readonly (readonly [string, string])[] = [
	['', 'shelf'],
	['/facts?search=mile', 'fact-1mi=5280ft'],
	['/facts?search=zzqx', 'found'],
	['/ladder?value=40.25%20cm%5E2&to=km%5E2', 'between'],
	['/ladder?value=2.5%20km&to=Qm&hide=1', 'between-hidden'],
	['/ladder?value=40%20ft&to=m', 'value-says'],
	['/temperature?number=12.5&unit=%C2%B0C&until=31&range=1', 'difference-says'],
	['/temperature?number=-500&unit=%C2%B0F', 'type-°F-says'],
	['/mixed?text=100000.5%20s&measure=time', 'mixed-says'],
	['/mixed?text=8%20ft%209%20in&measure=length', 'sum'],
	['/figures?number=0.00820100', 'rounded'],
	['/figures?number=4500', 'rounded'],
	['/rate?from=1.25%20mg/(kg%C2%B7min)&to=%C2%B5g/(lb%C2%B7h)', 'rate-says'],
	['/sense?value=6.02e23%20kg', 'sense-says'],
];

const SHEET = '1. Write 3.6 m/s in km/h.\n2. How long does a tank last?\n3. 14 ft to yd';

/** Shows each state of what is brought in turn. */
async function eachBrought(browser: Browser, look: (state: string) => Promise<void>): Promise<void> {
	const bring = async (text: string) => {
		await browser.driver.get(`${whole.url}/bring`);
		await browser.fill('bring-text', text);
	};
	await browser.driver.get(`${whole.url}/bring`);
	await browser.find('bring-text');
	await look('nothing brought yet');
	await bring('12 jars go to a crate. How many jars are in 36 crates? Round to 3 s.f. The sled takes 250 kg.');
	await browser.find('token-0');
	await look('a problem that is read');
	await browser.press('token-0');
	await look('a token that is touched');
	await browser.press('role-spare', 'fill-in', 'own-start');
	await look('a problem filled in directly');
	await bring('One tank holds 5 L and the other 7 L.');
	await browser.find('question');
	await look('a question that is open');
	await bring(SHEET);
	await browser.find('page');
	await look('a page of problems');
	await browser.press('to-sheet', 'problem-2-more', 'sheet-rename', 'hand-on');
	await browser.find('hand-on-link');
	await look('a sheet');
	await browser.press('sheet-hand-in');
	await browser.find('not-done');
	await look('a sheet handed in');
	await browser.driver.get(`${whole.url}/bring`);
	await browser.give('bring-file', EXERCISES);
	await browser.find('file-draft');
	await look('a file of exercises, before anything is kept');
	await browser.press('file-keep', 'take', 'take-qti');
	await browser.untilSays('take-says', 'Saved as');
	await look('a sheet taken along');
	await browser.driver.get(`${whole.url}/marking`);
	await browser.find('marking');
	await look('answers to be marked');
	await browser.press('marking-from-book');
	await browser.give('marking-answers', ANSWERS);
	await browser.press('marking-start');
	await browser.find('report');
	await look('what came of a class’s answers');
	await browser.driver.get(`${whole.url}/record`);
	await browser.find('skills-say');
	await look('the Record');
	await browser.driver.get(`${whole.url}/replay/wind-gust`);
	await browser.find('replay');
	await look('nothing to replay yet');
	await browser.driver.get(`${whole.url}/working/wind-gust`);
	await browser.fill('working-text', '18.5 mi/h × 5280 ft / 1 mi = 97680 ft/h × 3600 s / 1 h = 27.1 ft/s');
	await browser.press('beside-key', 'working-check');
	await browser.find('slip');
	await look('a working');
	await browser.press('working-to-desk');
	await browser.find('line');
	await browser.driver.get(`${whole.url}/replay/wind-gust`);
	await browser.press('replay-back', 'replay-numbers', 'replay-large');
	await look('a replay');
}

/** Opens what a link leads to, and waits until it is that which stands there. */
async function openLink(browser: Browser): Promise<void> {
	await browser.press('link-open');
	await browser.driver.wait(async () => !(await browser.driver.getCurrentUrl()).includes('desk='), 8000);
}

/** Shows what opens the desk, how one joins another, and what is shown by a link. */
async function eachOfDesks(browser: Browser, look: (state: string) => Promise<void>): Promise<void> {
	await browser.go(`${whole.url}/desk/honey-jar`);
	await place(browser, WORKED['honey-jar']?.blocks[0] as never);
	await browser.sent();
	await browser.driver.get(`${whole.url}/replay/honey-jar`);
	await browser.press('make-look');
	const link = await browser.text('look-link');
	await look('a link to look at');
	await browser.driver.get(`${whole.url}/desks`);
	await browser.press('make-code', 'make-sheet', 'erase-desk');
	for (const id of ['code-qr', 'recovery-sheet', 'look-1', 'device-2']) await browser.find(id);
	await look('desks and devices');
	await browser.driver.get(`${whole.url}/join`);
	await browser.fill('join-code', 'ABC O');
	await browser.press('join-go');
	await browser.untilSays('join-says', 'No code has the sign');
	await look('a code that is none');
	await browser.driver.get(link);
	await browser.find('look-title');
	await look('a line that is shown');
	await browser.driver.get(`${whole.url}/look#nothing`);
	await browser.find('look-gone');
	await look('a link that shows nothing');
}

/** Shows Today, the settings and each part of the Record: on the first day, and after a term. */
async function eachDay(browser: Browser, look: (state: string) => Promise<void>): Promise<void> {
	await browser.driver.get(`${whole.url}/desks`);
	await browser.press('begin-desk');
	await browser.find('first-day');
	await look('the first day');
	await browser.press('begin-guided');
	await browser.find('guide-says');
	await look('the first line, together');
	await browser.driver.get(`${whole.url}/settings`);
	await browser.find('data-says');
	await look('the settings');
	await eachOfDesks(browser, look);
	await browser.driver.get(`${whole.url}/?desk=fennel-ridge-term`);
	await openLink(browser);
	await browser.find('begin-due');
	await look('Today after a term');
	await browser.press('to-record', 'skill-one-prefix', 'weeks-as-table');
	await look('a skill week by week, and as a table');
	await browser.press('record-slips', 'slip-times-as-table');
	await look('a slip over time');
	await browser.press('record-time', 'times-as-table');
	await look('the times');
	await browser.press('record-due', 'due-as-table');
	await look('what is due');
	await browser.press('record-everything');
	await browser.find('everything');
	await look('all work');
}

/** Shows each state of the Desk in turn. */
async function eachState(browser: Browser, look: (state: string) => Promise<void>): Promise<void> {
	await browser.go(`${whole.url}/desk/new-snow`);
	await look('the start');
	await browser.press('unit--1-top-in', 'fact-1in=2.54cm');
	await look('facts');
	await browser.press('place-cm-below');
	await look('an upside-down block');
	await browser.press('turn', 'steps');
	await look('the numbers step by step');
	await browser.driver.actions().sendKeys(Key.ESCAPE).perform();
	await browser.driver.actions().sendKeys('n').perform();
	await browser.press('nudge-more');
	await look('a nudge');
	await browser.driver.actions().sendKeys('?').perform();
	await browser.find('keys');
	await look('the keys');
	await browser.press('tool-answer', 'check');
	await look('an empty answer');
	await browser.press('way-out');
	await browser.find('problems-page');
	await browser.press('choose');
	await look('the problems');
	await browser.press('open-nutrient-tank');
	await browser.until('problem', (text) => text.includes('concentrate'));
	await workThrough(browser, 'nutrient-tank');
	await look('a verdict');
	await browser.press('change-answer');
	await write(browser, '3 kg');
	await check(browser);
	await browser.press('show-worked');
	await browser.find('worked-line');
	await look('the worked line');
	await browser.press('open-beside');
	await browser.find('beside-says');
	await look('side by side');
	await browser.press('tool-line');
	await look('what can be done with the line');
	await browser.press('line-take');
	await look('a result to take on');
	await browser.press('tool-line', 'line-calculator', 'take-line');
	await look('the calculator');
	await browser.press('tool-facts', 'search-all', 'add-fact');
	await look('a search, and a fact of one’s own');
	await browser.press('write-block');
	await look('a block to write');
	await browser.press('number-start-top');
	await look('the start');
	await browser.go(`${whole.url}/desk/honey-crates`);
	await look('quantities without a place');
	await browser.press('role-start', 'role-fact', 'role-fact', 'want-jar');
	await look('a unit that is not wanted');
	await browser.go(`${whole.url}/desk/glasshouse-noon`);
	await browser.press('tool-facts', 'add-step');
	await look('a step written by hand');
	await browser.press('undo', 'unit--1-top-°F', 'offer-zero-°C-°F');
	await look('where the zeros of two scales stand');
	await browser.press('way-0');
	await browser.find('scales-along');
	await look('a shift the wrong way, with the scales');
	await browser.go(`${whole.url}/desk/roof-beam`);
	await browser.press('unit--1-top-ft', 'offer-aside-ft-ft');
	await browser.find('parts-along');
	await look('whole ones set aside');
	await browser.go(`${whole.url}/desk/shelf-plank`);
	await browser.press('to-add-ft', 'offer-term-7-ft');
	await look('a part put beside the line');
	await browser.go(`${whole.url}/desk/glasshouse-noon`);
	await browser.press('tool-line', 'line-hand-in', 'copy-text');
	await look('the page to hand in');
	await browser.go(`${whole.url}/desk/own-seen`);
	await browser.find('own');
	await look('a problem of one’s own');
	for (const [path, id] of SHELF) {
		await browser.driver.get(`${whole.url}/shelf${path}`);
		await browser.find(id);
		await look(`the Shelf at ${path}`);
	}
	await browser.driver.get(`${whole.url}/rounds`);
	await browser.find('rounds');
	await look('the Rounds');
	await (await browser.find('round-code')).sendKeys('4k7m-9ae', Key.ENTER);
	await look('a code that is none');
	await browser.driver.get(`${whole.url}/round/910kh26fgh?desk=fennel-ridge-demo`);
	await browser.find('link-asks');
	await look('a link that leads to another desk');
	await openLink(browser);
	await browser.find('round-slips');
	await look('how a Round went');
	await browser.driver.get(`${whole.url}/round/nothing`);
	await browser.find('round-fault');
	await look('no Round');
	await eachBrought(browser, look);
	await eachDay(browser, look);
}

const SCREENS: readonly (readonly [string, Screen, boolean])[] = [
	['a phone', PHONE, false],
	['a phone in the dark', PHONE, true],
	['a wide screen', DESKTOP, false],
];

describe.each(SCREENS)('on %s', (_, screen, dark) => {
	it('axe finds nothing in any state of the Desk', async () => {
		const browser = await Browser.open({ screen, dark });
		const found: string[] = [];
		await eachState(browser, async (state) => {
			await browser.settled();
			found.push(...(await violations(browser)).map((violation) => `${state}: ${violation}`));
		});
		await browser.close();
		expect(found).toEqual([]);
	});
});

describe.each<[string, Screen]>([
	['390 px', PHONE],
	['320 px', { width: 320, height: 640, mobile: true }],
	['a phone at 200 %', { width: 195, height: 422, mobile: true }],
])('at %s', (_, screen) => {
	it('nothing runs off the page, and everything to touch is 44 px or more', async () => {
		const browser = await Browser.open({ screen });
		await browser.go(`${whole.url}/desk/new-snow`);
		const small: string[] = [];
		const look = async (state: string) => {
			await browser.settled();
			const found = (await browser.driver.executeScript(`
				const off = document.documentElement.scrollWidth > innerWidth ? ['the page is wider than the screen'] : [];
				const small = [...document.querySelectorAll('button, [role=button], [role=link], a, input, textarea')]
					.map((e) => [e, e.getBoundingClientRect()])
					.filter(([, r]) => r.width > 0 && (r.width < 44 || r.height < 44))
					.map(([e, r]) => e.innerText + ' ' + r.width + '×' + r.height);
				return [...off, ...small];`)) as string[];
			small.push(...found.map((each) => `${state}: ${each}`));
		};
		await look('the start');
		for (const block of WORKED['new-snow']?.blocks ?? []) {
			await browser.press('tool-facts');
			await look('facts');
			await place(browser, block);
		}
		await look('a line of three blocks');
		await browser.press('tool-answer');
		await look('the answer');
		await browser.press('tool-line');
		await look('what can be done with the line');
		await browser.press('line-calculator');
		await look('the calculator');
		await browser.press('tool-facts', 'write-block');
		await look('a block to write');
		await browser.press('tool-line', 'line-hand-in');
		await look('the page to hand in');
		await browser.go(`${whole.url}/desk/honey-crates`);
		await look('quantities to place');
		await browser.go(`${whole.url}/desk/own-seen`);
		await look('a problem of one’s own');
		for (const [path, id] of SHELF) {
			await browser.driver.get(`${whole.url}/shelf${path}`);
			await browser.find(id);
			await look(`the Shelf at ${path}`);
		}
		await browser.driver.get(`${whole.url}/rounds`);
		await browser.find('rounds');
		await look('the Rounds');
		await browser.driver.get(`${whole.url}/round/910kh26fgh?desk=fennel-ridge-demo`);
		await browser.find('link-asks');
		await look('a link that leads to another desk');
		await openLink(browser);
		await browser.find('round-slips');
		await look('how a Round went');
		await browser.press('round-5');
		await browser.find('problem');
		await look('an exercise of a Round');
		await eachBrought(browser, look);
		await eachDay(browser, look);
		await browser.close();
		expect(small).toEqual([]);
	});
});
