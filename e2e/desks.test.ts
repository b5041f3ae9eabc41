import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Browser, DESKTOP, PHONE } from './src/browser';
import { clearAway } from './src/clear-away';
import { joinedBy } from './src/joined-by';
import { FIRST_DAY, L, titleOf } from './src/labels';
import { byId, factOf, numberAt, unitAt, withBelow } from './src/parts';
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
const CLOSES = 'The line is complete';

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
		await computer.press(titleOf('honey-jar'));
		await computer.sees(CLOSES);
		await desk(phone, 'honey-jar');
		await phone.sees(CLOSES);
		// Both are open, and one is worked on.
		await phone.press(numberAt(0, 'top'), L.turn);
		const from = Date.now();
		await computer.sees('must go');
		const there = Date.now() - from;
		await computer.press(L.undo);
		await phone.sees(CLOSES);
		await computer.press(L.toolAnswer);
		await write(computer, '0.454 kg');
		await phone.press(L.toolAnswer);
		await phone.driver.wait(async () => (await phone.typed(L.answer)) === '0.454 kg', 5000, 'the answer did not come');
		expect(there).toBeLessThan(2000);
	});

	it('go on apart without a network, and keep both lines when they meet', async () => {
		const phone = await withLine();
		const computer = await second(phone);
		await desk(computer, 'honey-jar');
		await computer.sees(CLOSES);
		await desk(phone, 'honey-jar');
		await phone.sees(CLOSES);
		for (const browser of [phone, computer]) await browser.offline(true);
		await phone.press(numberAt(0, 'top'), L.turn);
		await computer.press(L.toolAnswer);
		await write(computer, '0.454 kg');
		await phone.sees('server cannot be reached');
		await computer.offline(false);
		await computer.sent();
		await phone.offline(false);
		await phone.sees('There is another line for this exercise too');
		await phone.press(L.showOther);
		await phone.sees(CLOSES);
		await phone.press(L.toolAnswer);
		expect(await phone.typed(L.answer)).toBe('0.454 kg');
		// The line of the phone is on the computer as well, beside its own.
		await computer.press(L.toolLine, L.lineBeside);
		await computer.find(L.beside1);
	});

	it('shut one out that was lost, by the recovery sheet; its work stays on it, and goes on apart', async () => {
		const lost = await withLine();
		await lost.driver.get(`${whole.url}/desks`);
		await lost.press(L.makeSheet);
		const line = (await lost.text(byId('sheet-line'))).replace(/\s/g, '');
		const found = await device();
		await found.driver.get(`${whole.url}/join`);
		await found.write(L.joinCode, `${line}x`);
		await found.press(L.joinGo);
		await found.sees('This recovery sheet does not work');
		await found.write(L.joinCode, line);
		await found.press(L.joinGo);
		await found.find(titleOf('honey-jar'));
		await found.driver.get(`${whole.url}/desks`);
		await found.press(L.shut1, L.shut1Yes);
		await found.gone(byId('device-3'));
		await desk(lost, 'honey-jar');
		await lost.sees('All your work is still here');
		await lost.press(L.shutApart);
		// The page is loaded again before Today is there.
		await lost.sees('Continue');
		await desk(lost, 'honey-jar');
		await lost.sees(CLOSES);
		await lost.sent();
		expect(await lost.has(L.shutApart)).toBe(false);
	});

	it('say what is wrong with a code at its place', async () => {
		const browser = await device();
		await browser.driver.get(`${whole.url}/join`);
		for (const [typed, says] of [
			['', 'Type the code'],
			['ABCD EFG', 'You typed 7'],
			['ABCD EFG0', 'A code never has “0”'],
			['ABCD EFGH', 'is wrong or has expired'],
			['a line that is much too long', 'This is not a code, and not the whole line'],
		] as const) {
			await browser.write(L.joinCode, typed);
			await browser.press(L.joinGo);
			await browser.sees(says);
			expect(await browser.typed(L.joinCode)).toBe(typed);
		}
	});
});

describe('a line that is shown to somebody', () => {
	it('is looked at and played back by whoever has the link, until it is taken back', async () => {
		const owner = await withLine();
		await owner.driver.get(`${whole.url}/replay/honey-jar`);
		await owner.press(L.makeLook);
		const link = await owner.text(byId('look-link'));
		const visitor = await device();
		await visitor.driver.get(link);
		await visitor.sees('Someone shared this line with you (A jar of honey)');
		await visitor.press(L.replayBack, L.replayOn);
		await visitor.sees('1 of 1');
		// It is no work of the visitor's.
		expect(await visitor.has(L.toDesk)).toBe(false);
		await visitor.driver.get(`${whole.url}/`);
		await visitor.sees(FIRST_DAY);
		await owner.driver.get(`${whole.url}/desks`);
		await owner.sees('A jar of honey');
		await owner.press(L.takeBack1);
		await owner.gone(L.takeBack1);
		await visitor.driver.get(link);
		await visitor.sees('withdrawn');
	});

	it('can be a whole Round, with each of its lines', async () => {
		const owner = await device();
		await owner.driver.get(`${whole.url}/round/910kh26fgh?desk=fennel-ridge-demo`);
		await owner.press(L.makeLook);
		await owner.driver.wait(async () => {
			if (await owner.has(byId('look-link'))) return true;
			await owner.press(L.makeLook);
			return false;
		}, 20_000);
		const visitor = await device();
		await visitor.driver.get(await owner.text(byId('look-link')));
		await visitor.sees('checked, not right yet');
		await visitor.press('Exercise 3');
		await visitor.find(L.lookOut);
		await visitor.press(L.lookOut, 'Exercise 1');
		await visitor.find(L.replaySlider);
	});
});

describe('the desks of a device', () => {
	it('each get a copy of the demo of their own, whoever opens its link', async () => {
		const [one, two] = [await device(), await device()];
		for (const browser of [one, two]) await browser.go(`${whole.url}/desk/new-snow?desk=fennel-ridge-demo`);
		await one.press(unitAt('h', 'bottom'), factOf('1h=60min'), withBelow('min'));
		await one.sees(CLOSES);
		await one.sent();
		await two.driver.navigate().refresh();
		await two.sees('must go');
	});

	it('stay in its list when a link leads to another: it is asked once, and one stays or goes', async () => {
		const browser = await withLine();
		const link = `${whole.url}/?desk=fennel-ridge-demo`;
		await browser.driver.get(link);
		await browser.sees('Your desk stays as it is');
		await browser.find(titleOf('honey-jar'));
		await browser.press(L.linkOpen);
		await browser.find(titleOf('new-snow'));
		await browser.driver.get(link);
		await browser.find(titleOf('new-snow'));
		expect(await browser.has(L.linkStay)).toBe(false);
		await browser.driver.get(`${whole.url}/?desk=somebody-elses-desk`);
		await browser.press(L.openIt);
		await browser.sees('no key to that desk');
		await browser.press(L.linkStay);
		await browser.driver.get(`${whole.url}/desks`);
		await browser.press(L.openDesk2);
		await browser.find(titleOf('honey-jar'));
	});

	it('leave nothing behind when they are left, and are not left by mistake', async () => {
		const profile = mkdtempSync(join(tmpdir(), 'tidy-sum-shared-'));
		const shared = await device(PHONE, profile);
		await desk(shared, 'honey-jar');
		await place(shared, BLOCK('honey-jar'));
		await shared.sent();
		await shared.driver.get(`${whole.url}/desks`);
		await shared.press(L.leaveDesk, L.leaveDeskNo, L.leaveDesk, L.leaveDeskYes);
		await shared.sees(FIRST_DAY);
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
		await phone.press(L.toolLine, L.eraseLine, L.eraseLineYes);
		await desk(computer, 'honey-jar');
		await computer.sees('must go');
		await phone.driver.get(`${whole.url}/desks`);
		await phone.find(L.eraseDesk);
		await phone.offline(true);
		await phone.press(L.eraseDesk, L.eraseDeskYes);
		await phone.offline(false);
		await phone.sees(FIRST_DAY).catch(() => {});
		await phone.driver.get(whole.url);
		await phone.sees(FIRST_DAY);
		await computer.sees('Its work is no longer on this device');
		await computer.press(L.beginAnew);
		await computer.sees(FIRST_DAY);
	});
});

describe('two desks on one device', () => {
	it('are told apart by the name a student gives one', async () => {
		const phone = await withLine();
		await phone.open(`${whole.url}/desks`);
		await phone.write(L.deskName, 'Period 4, chemistry');
		await phone.sees('Period 4, chemistry');
		await phone.press(L.beginDesk);
		await phone.sees('Or try one of these');
		await desk(phone, 'new-snow');
		await place(phone, BLOCK('new-snow'));
		await phone.open(`${whole.url}/desks`);
		await phone.sees('Period 4, chemistry');
		await phone.press('Open Period 4, chemistry');
		await phone.press(titleOf('honey-jar'));
		await phone.sees(CLOSES);
	});
});
