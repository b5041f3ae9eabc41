import { createHash, randomBytes } from 'node:crypto';
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { FACES_KEY } from '../app/src/device/settings';
import { Browser, DESKTOP, PHONE, type Screen } from '../e2e/src/browser';
import { byId, factOf } from '../e2e/src/parts';
import { Whole } from '../e2e/src/whole';

const DEMO = 'fennel-ridge-demo';
const TERM = 'fennel-ridge-term';

const FOLDER = join(__dirname, '..', 'docs', 'screenshots');

type Shot = {
	readonly name: string;
	readonly screen: Screen;
	readonly dark?: boolean;
	/** Which of the demo desks it is made from; the one with some work where it is left out. */
	readonly desk?: string;
	/** What is open on the Desk, and another page to go to from there. */
	readonly exercise: string;
	readonly page?: string;
	readonly show: (browser: Browser) => Promise<unknown>;
};

const BROUGHT =
	'12 jars of honey go to a crate, and a jar holds 454 g. How many kilograms of honey are in 36 crates? Give 3 significant figures. The sled takes 250 kg.';

/** The answers of a made-up class to some exercises of the book. */
const CLASS_ANSWERS = join(mkdtempSync(join(tmpdir(), 'tidy-sum-shots-')), 'answers.csv');
const GIVEN: readonly (readonly [string, readonly string[]])[] = [
	['wind-gust', ['27.1 ft/s', '27.13 ft/s', '27.1', '27.1 ft/s']],
	['honey-jar', ['0.454 kg', '0.454 kg', '454 kg', '0.454 kg']],
	['mast-log', ['1.5e4 min', '15120 min', '1.5e4 min', '15120 min']],
	['soil-bin', ['90.6 L', '6.59 L', '90.6 L', '90.6 L']],
];
writeFileSync(
	CLASS_ANSWERS,
	[
		'student,exercise,answer',
		...GIVEN.flatMap(([name, answers]) => answers.map((answer, i) => `Student ${i + 1},${name},${answer}`)),
	].join('\n'),
);

/** How the made-up class went: for each seat, whether its tries at the exercises were right; empty where it has not tried one. */
const CLASS_WENT: readonly (readonly (readonly boolean[])[])[] = [
	[[true], [true], [false, true], [true]],
	[[true], [false], [], []],
	[[true], [false, true], [true], [true]],
	[[], [], [], []],
	[[true], [true], [true], [false]],
];

/** Takes a seat with the code, and sends tries from it, as a student's device does. */
async function sendFrom(url: string, code: string, went: readonly (readonly boolean[])[]): Promise<void> {
	const key = randomBytes(32).toString('base64url');
	const ask = async (path: string, body?: unknown) =>
		(
			await fetch(`${url}/api${path}`, {
				method: body ? 'POST' : 'GET',
				headers: { authorization: `Bearer ${key}`, 'content-type': 'application/json' },
				...(body ? { body: JSON.stringify(body) } : {}),
			})
		).json();
	const seat = await ask('/seats', { code, hash: createHash('sha256').update(key).digest('hex') });
	const { handed } = await ask(`/classes/${seat.class}/seat`);
	const tries = went.flatMap((rights, problem) =>
		rights.map((right, i) => ({
			handed: handed[0].id,
			problem,
			try: {
				when: Date.now() - 1000 * (rights.length - i),
				seconds: 40,
				right,
				slips: right ? [] : ['inverted'],
				nudges: 0,
				shown: false,
				answer: '12 m/s',
				start: null,
				factors: [],
			},
		})),
	);
	if (tries.length) await ask(`/classes/${seat.class}/tries`, { tries });
}

/** Makes a class, hands the first sheet of the demo desk out, and fills its table. */
async function showClass(browser: Browser): Promise<void> {
	const { origin } = new URL(await browser.driver.getCurrentUrl());
	await browser.write(byId('class-title'), 'Class 8b');
	await browser.press(byId('class-make'), byId('hand-out-go'));
	await browser.sees('It is handed out');
	const code = (await browser.text(byId('class-code-shown'))).replace(/\s/g, '');
	for (const went of CLASS_WENT) await sendFrom(origin, code, went);
	await browser.sees('4 of 7 right');
	await browser.driver.navigate().refresh();
	await browser.find(byId('class-rows'));
}

/** One picture of each main view, made from the demo desk. */
const SHOTS: readonly Shot[] = [
	{
		name: 'today-phone',
		screen: PHONE,
		desk: TERM,
		page: '/',
		exercise: 'new-snow',
		show: (b) => b.find(byId('begin-due')),
	},
	{
		name: 'problems-phone',
		screen: PHONE,
		page: '/problems',
		exercise: 'new-snow',
		show: (b) => b.find(byId('brought')),
	},
	{
		name: 'record-phone',
		screen: PHONE,
		desk: TERM,
		page: '/record?part=slips',
		exercise: 'new-snow',
		show: (b) => b.find(byId('slip-line')),
	},
	{
		name: 'replay-phone',
		screen: PHONE,
		page: '/replay/new-snow',
		exercise: 'new-snow',
		show: (b) => b.press(byId('replay-numbers')),
	},
	{
		name: 'desk-facts-phone',
		screen: PHONE,
		exercise: 'new-snow',
		show: (b) => b.press(byId('lane-bottom-h'), factOf('1h=60min')),
	},
	{
		name: 'marking-phone',
		screen: PHONE,
		page: '/marking',
		exercise: 'new-snow',
		show: async (b) => {
			await b.press(byId('marking-from-book'));
			await b.give(byId('marking-answers'), CLASS_ANSWERS);
			await b.press(byId('marking-start'));
			await b.find(byId('report'));
		},
	},
	{
		name: 'hand-in-phone',
		screen: PHONE,
		exercise: 'honey-jar',
		show: (b) => b.press(byId('tool-line'), byId('line-hand-in'), byId('copy-text')),
	},
	{ name: 'desk-verdict-phone', screen: PHONE, exercise: 'honey-jar', show: (b) => b.press(byId('tool-answer')) },
	{
		name: 'bring-phone',
		screen: PHONE,
		page: '/bring',
		exercise: 'new-snow',
		show: async (b) => {
			await b.write(byId('bring-text'), BROUGHT);
			await b.find(byId('facts-stated'));
		},
	},
	{
		name: 'sheet-phone',
		screen: PHONE,
		page: '/sheet/sheet-week7',
		exercise: 'new-snow',
		show: (b) => b.until(byId('problems'), (text) => text.includes('What should the answer be in?')),
	},
	{
		name: 'working-phone',
		screen: PHONE,
		page: '/working/wind-gust',
		exercise: 'new-snow',
		show: (b) => b.write(byId('working-text'), '18.5 mi/h × 5280 ft / 1 mi = 97680 ft/h × 3600 s / 1 h = 27.1 ft/s'),
	},
	{
		name: 'desk-scales-phone-dark',
		screen: PHONE,
		dark: true,
		exercise: 'night-range',
		show: async (b) => {
			await b.press(byId('unit--1-top-°F'), byId('offer-zero-°C-°F'), byId('way-1'));
			await b.find(byId('scales-along'));
		},
	},
	{
		name: 'round-phone',
		screen: PHONE,
		page: '/round/910kh26fgh',
		exercise: 'new-snow',
		show: (b) => b.find(byId('round-slips')),
	},
	{ name: 'rounds-phone', screen: PHONE, page: '/rounds', exercise: 'new-snow', show: (b) => b.find(byId('rounds')) },
	{
		name: 'specimen-wide-dark',
		screen: DESKTOP,
		dark: true,
		page: '/specimen',
		exercise: 'new-snow',
		show: (b) => b.sees('Colours'),
	},
	{ name: 'class-phone', screen: PHONE, page: '/class', exercise: 'new-snow', show: showClass },
	{
		name: 'shelf-temperature-wide-dark',
		screen: DESKTOP,
		dark: true,
		page: '/shelf/temperature?number=12&unit=%C2%B0C&until=31&range=1',
		exercise: 'new-snow',
		show: (b) => b.find(byId('difference')),
	},
	{
		name: 'desks-phone',
		screen: PHONE,
		page: '/desks',
		exercise: 'new-snow',
		show: async (b) => {
			await b.press(byId('make-code'));
			await b.find(byId('code-qr'));
		},
	},
	{ name: 'desk-wide', screen: DESKTOP, exercise: 'new-snow', show: async () => {} },
];

async function main(): Promise<void> {
	const whole = await Whole.start();
	mkdirSync(FOLDER, { recursive: true });
	// `npm run screenshots -- desks-phone` makes one of them alone.
	const asked = process.argv.slice(2);
	for (const { name, screen, dark = false, desk = DEMO, exercise, page, show } of SHOTS) {
		if (asked.length && !asked.includes(name)) continue;
		const browser = await Browser.open({ screen, dark, alone: true });
		// Our faces lie on the device, as they do from the second page on.
		await browser.driver.get(`${whole.url}/metadata.json`);
		await browser.driver.executeScript(`localStorage.setItem('${FACES_KEY}', 'here')`);
		await browser.go(`${whole.url}/desk/${exercise}?desk=${desk}`);
		await browser.says((text) => text.includes('on the server.'), 'on the server.', 60_000);
		if (page) await browser.driver.get(`${whole.url}${page}`);
		await show(browser);
		if (await browser.has(byId('kept'))) await browser.sees('on the server.');
		writeFileSync(join(FOLDER, `${name}.png`), await browser.picture());
		await browser.close();
		process.stdout.write(`${name}\n`);
	}
	await whole.stop();
}

void main();
