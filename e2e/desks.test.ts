import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Browser, DESKTOP, PHONE } from './src/browser';
import { clearAway } from './src/clear-away';
import { joinedBy } from './src/joined-by';
import { Whole } from './src/whole';
import { place, WORKED, write } from './src/work-through';

jest.setTimeout(180_000);

let whole: Whole;
const opened: Browser[] = [];

beforeAll(async () => {
	whole = await Whole.start();
});

afterAll(async () => {
	await whole?.stop();
});

afterEach(async () => {
	for (const browser of opened.splice(0)) await browser.close();
});

async function device(screen = PHONE, profile?: string): Promise<Browser> {
	const browser = await Browser.open({ screen, ...(profile ? { profile } : {}) });
	opened.push(browser);
	return browser;
}

async function second(first: Browser, screen = DESKTOP): Promise<Browser> {
	const browser = await joinedBy(first, whole.url, screen);
	opened.push(browser);
	return browser;
}

const desk = (browser: Browser, exercise: string) => browser.go(`${whole.url}/desk/${exercise}`);
const BLOCK = (exercise: string) => WORKED[exercise]?.blocks[0] as never;
const CLOSES = (text: string) => text.startsWith('The line closes');

/** A device with a line on its desk, which the server has. */
async function withLine(): Promise<Browser> {
	const browser = await device();
	await desk(browser, 'honey-jar');
	await place(browser, BLOCK('honey-jar'));
	await browser.sent();
	return browser;
}

describe('two devices of one desk', () => {
	it('are let in by a code, and what is done on one is on the other within two seconds', async () => {
		const phone = await withLine();
		const computer = await second(phone);
		await computer.press('left-honey-jar');
		await computer.until('balance-says', CLOSES);
		await desk(phone, 'honey-jar');
		await phone.until('balance-says', CLOSES);
		// Both are open, and one is worked on.
		await phone.press('number-0-top', 'turn');
		const from = Date.now();
		await computer.until('balance-says', (text) => text.includes('must go'), 5000);
		const there = Date.now() - from;
		await computer.press('undo');
		await phone.until('balance-says', CLOSES, 5000);
		await computer.press('tool-answer');
		await write(computer, '0.454 kg');
		await phone.press('tool-answer');
		await phone.driver.wait(
			async () => (await (await phone.find('answer')).getAttribute('value')) === '0.454 kg',
			5000,
			'the answer did not come',
		);
		expect(there).toBeLessThan(2000);
	});

	it('go on apart without a network, and keep both lines when they meet', async () => {
		const phone = await withLine();
		const computer = await second(phone);
		await desk(computer, 'honey-jar');
		await computer.until('balance-says', CLOSES);
		await desk(phone, 'honey-jar');
		await phone.until('balance-says', CLOSES);
		for (const browser of [phone, computer]) await browser.offline(true);
		await phone.press('number-0-top', 'turn');
		await computer.press('tool-answer');
		await write(computer, '0.454 kg');
		await phone.until('kept', (text) => text.includes('server is away'), 20_000);
		await computer.offline(false);
		await computer.sent();
		await phone.offline(false);
		await phone.until('beside', (text) => text.includes('is kept as well'), 20_000);
		await phone.press('show-other');
		await phone.until('balance-says', CLOSES);
		await phone.press('tool-answer');
		expect(await (await phone.find('answer')).getAttribute('value')).toBe('0.454 kg');
		// The line of the phone is on the computer as well, beside its own.
		await computer.press('tool-line', 'line-beside');
		await computer.find('beside-1');
	});

	it('shut one out that was lost, by the recovery sheet; its work stays on it, and goes on apart', async () => {
		const lost = await withLine();
		await lost.driver.get(`${whole.url}/desks`);
		await lost.press('make-sheet');
		const line = (await lost.text('sheet-line')).replace(/\s/g, '');
		const found = await device();
		await found.driver.get(`${whole.url}/join`);
		await found.fill('join-code', `${line}x`);
		await found.press('join-go');
		await found.untilSays('join-says', 'opens nothing');
		await found.fill('join-code', line);
		await found.press('join-go', 'join-open');
		await found.find('left-honey-jar');
		await found.driver.get(`${whole.url}/desks`);
		await found.press('shut-1', 'shut-1-yes');
		await found.driver.wait(async () => !(await found.has('device-3')), 8000);
		await desk(lost, 'honey-jar');
		await lost.untilSays('desk-shut', 'All your work is kept here');
		await lost.press('shut-apart');
		await lost.find('left-honey-jar');
		await desk(lost, 'honey-jar');
		await lost.until('balance-says', CLOSES);
		await lost.sent();
		expect(await lost.has('desk-shut')).toBe(false);
	});

	it('say what is wrong with a code at its place', async () => {
		const browser = await device();
		await browser.driver.get(`${whole.url}/join`);
		for (const [typed, says] of [
			['', 'Type the code'],
			['ABCD EFG', 'eight signs; here are 7'],
			['ABCD EFG0', 'No code has the sign “0”'],
			['ABCD EFGH', 'does not hold'],
			['a line that is much too long', 'neither a code nor the whole line'],
		] as const) {
			await browser.fill('join-code', typed);
			await browser.press('join-go');
			await browser.untilSays('join-says', says);
			expect(await (await browser.find('join-code')).getAttribute('value')).toBe(typed);
		}
	});
});

describe('a line that is shown to somebody', () => {
	it('is looked at and played back by whoever has the link, until it is taken back', async () => {
		const owner = await withLine();
		await owner.driver.get(`${whole.url}/replay/honey-jar`);
		await owner.press('make-look');
		const link = await owner.text('look-link');
		const visitor = await device();
		await visitor.driver.get(link);
		await visitor.untilSays('look-title', 'This line is shown to you (A jar of honey)');
		await visitor.press('replay-back', 'replay-on');
		await visitor.untilSays('replay-says', '1 of 1');
		// It is no work of the visitor's.
		expect(await visitor.has('to-desk')).toBe(false);
		await visitor.driver.get(`${whole.url}/`);
		await visitor.find('first-day');
		await owner.driver.get(`${whole.url}/desks`);
		await owner.untilSays('look-1', 'A jar of honey');
		await owner.press('take-back-1');
		await owner.driver.wait(async () => !(await owner.has('look-1')), 8000);
		await visitor.driver.get(link);
		await visitor.untilSays('look-why', 'taken back');
	});

	it('can be a whole Round, with each of its lines', async () => {
		const owner = await device();
		await owner.driver.get(`${whole.url}/round/910kh26fgh?desk=fennel-ridge-demo`);
		await owner.press('make-look');
		await owner.driver.wait(async () => {
			if (await owner.has('look-link')) return true;
			await owner.press('make-look');
			return false;
		}, 20_000);
		const visitor = await device();
		await visitor.driver.get(await owner.text('look-link'));
		await visitor.untilSays('look-round', 'checked, not right yet');
		await visitor.press('look-at-3');
		await visitor.find('replay');
		await visitor.press('look-out', 'look-at-1');
		await visitor.find('replay-line');
	});
});

describe('the desks of a device', () => {
	it('each get a copy of the demo of their own, whoever opens its link', async () => {
		const [one, two] = [await device(), await device()];
		for (const browser of [one, two]) await browser.go(`${whole.url}/desk/new-snow?desk=fennel-ridge-demo`);
		await one.press('unit--1-bottom-h', 'fact-1h=60min', 'place-min-below');
		await one.until('balance-says', CLOSES);
		await one.sent();
		await two.driver.navigate().refresh();
		await two.until('balance-says', (text) => text.includes('must go'));
	});

	it('stay in its list when a link leads to another: it is asked once, and one stays or goes', async () => {
		const browser = await withLine();
		const link = `${whole.url}/?desk=fennel-ridge-demo`;
		await browser.driver.get(link);
		await browser.untilSays('link-asks', 'Your desk stays as it is');
		await browser.find('left-honey-jar');
		await browser.press('link-open');
		await browser.find('left-new-snow');
		await browser.driver.get(link);
		await browser.find('left-new-snow');
		expect(await browser.has('link-asks')).toBe(false);
		await browser.driver.get(`${whole.url}/?desk=somebody-elses-desk`);
		await browser.press('link-open');
		await browser.untilSays('link-asks', 'no key of that desk');
		await browser.press('link-stay');
		await browser.driver.get(`${whole.url}/desks`);
		await browser.press('open-desk-2');
		await browser.find('left-honey-jar');
	});

	it('leave nothing behind when they are left, and are not left by mistake', async () => {
		const profile = mkdtempSync(join(tmpdir(), 'tidy-sum-shared-'));
		const shared = await device(PHONE, profile);
		await desk(shared, 'honey-jar');
		await place(shared, BLOCK('honey-jar'));
		await shared.sent();
		await shared.driver.get(`${whole.url}/desks`);
		await shared.press('leave-desk', 'leave-desk-no', 'leave-desk', 'leave-desk-yes');
		await shared.find('first-day');
		const kept = await shared.driver.executeAsyncScript<string>(
			'const done = arguments[0]; const open = indexedDB.open("tidy-sum"); open.onsuccess = () => { const rows = open.result.transaction("kept").objectStore("kept").getAll(); rows.onsuccess = () => done(JSON.stringify(rows.result)); };',
		);
		expect(kept).not.toContain('honey-jar');
		expect(kept).not.toContain('10^3');
		await shared.close();
		clearAway(profile);
	});

	it('are erased everywhere: the other device is told, also where the server was away', async () => {
		const phone = await withLine();
		const computer = await second(phone);
		await desk(phone, 'honey-jar');
		await phone.press('tool-line', 'erase-line', 'erase-line-yes');
		await desk(computer, 'honey-jar');
		await computer.until('balance-says', (text) => text.includes('must go'), 5000);
		await phone.driver.get(`${whole.url}/desks`);
		await phone.find('devices');
		await phone.offline(true);
		await phone.press('erase-desk', 'erase-desk-yes');
		await phone.offline(false);
		await phone.find('today', 20_000).catch(() => phone.driver.get(whole.url));
		await phone.driver.get(whole.url);
		await phone.find('first-day');
		await computer.untilSays('desk-erased', 'Nothing of it is here any more');
		await computer.press('begin-anew');
		await computer.find('first-day');
	});
});
