import { Browser, DESKTOP, PHONE } from './src/browser';
import { L } from './src/labels';
import { byId } from './src/parts';
import { Whole } from './src/whole';
import { answerWith } from './src/work-through';

jest.setTimeout(180_000);

const SHEET = '1. Write 3.6 m/s in km/h.\n2. Write 14 ft in yd.\n3. Write 454 g in kg.';

let whole: Whole;
let teacher: Browser;

beforeAll(async () => {
	whole = await Whole.start();
	teacher = await Browser.open({ screen: DESKTOP, keepsApp: true });
});

afterAll(async () => {
	await teacher?.close();
	await whole.stop();
});

/** The teacher brings a sheet, makes a class and hands the sheet out; gives the code. */
async function handOut(): Promise<string> {
	await teacher.open(`${whole.url}/bring`);
	await teacher.write(L.bringText, SHEET);
	await teacher.sees('3 problems found');
	await teacher.press(L.toSheet);
	await teacher.find(L.handOn);
	await teacher.open(`${whole.url}/class`);
	await teacher.write(L.classTitle, '8b');
	await teacher.press(L.classMake);
	const code = await teacher.text(byId('class-code-shown'));
	await teacher.press(L.handOutGo);
	await teacher.sees('It is handed out');
	await teacher.sees('Nobody has joined yet');
	return code;
}

/** A student joins from Today with the code, as on a phone of their own; gives what the seat is called. */
async function joined(code: string): Promise<{ readonly student: Browser; readonly says: string }> {
	const student = await Browser.open({ screen: PHONE, keepsApp: true });
	await student.open(whole.url);
	await student.press(L.toClass);
	await student.write(L.classCode, code);
	await student.press(L.classJoin);
	await student.sees('0 of 3 right, due');
	const [, says = ''] = /You are ([A-Z][a-z]+ \d+)/.exec(await student.whole()) ?? [];
	return { student, says };
}

/** Opens the third problem of the sheet that was handed out, from the page of the class. */
async function openThird(student: Browser): Promise<void> {
	await student.press('Write 3.6 m/s');
	await student.driver.wait(async () => (await student.driver.getCurrentUrl()).includes('/sheet/'), 8000);
	const [, sheet = ''] = /sheet-([a-z0-9]+)/.exec(await student.driver.getCurrentUrl()) ?? [];
	await student.driver.get(`${whole.url}/desk/own-${sheet}-p3`);
	await student.find(L.problem);
}

describe('a class', () => {
	it('goes from nothing to a full table: handed out, worked on two phones, followed without a reload', async () => {
		const code = await handOut();
		const first = await joined(code);
		const second = await joined(code);
		expect(first.says).not.toBe(second.says);
		await teacher.sees(first.says, second.says);

		await openThird(first.student);
		await answerWith(first.student, '0.454 kg');
		await first.student.sees('Value: right');
		await teacher.untilSays(byId('class-rows'), '1 of 3 right (1 at once), 2 not tried');
		await openThird(second.student);
		await answerWith(second.student, '454000 kg');
		await teacher.untilSays(byId('class-rows'), '0 of 3 right, 1 not right, 2 not tried');

		await teacher.press(second.says);
		await teacher.sees('3. Write 454 g in kg.', '454 000 kg', 'not right yet');
		await teacher.write(L.seatName, 'Bo');
		await teacher.press(L.allSeats);
		await teacher.sees(`${second.says}, Bo`);

		// Without the network an answer waits. It is sent once the network is there again, and once only.
		await second.student.offline(true);
		await answerWith(second.student, '0.454 kg');
		await second.student.sees('Value: right');
		await second.student.offline(false);
		await teacher.untilSays(byId('class-rows'), '1 of 3 right (0 at once), 2 not tried');
		await teacher.press(`${second.says}, Bo`);
		await teacher.sees('right, later, 2 tries');
		expect(await teacher.errors()).toEqual([]);
		for (const { student } of [first, second]) await student.close();
	});

	it('takes nobody in with a code that is closed, and says so', async () => {
		const student = await Browser.open({ screen: PHONE });
		await student.open(`${whole.url}/class#join=2345ABCD`);
		await student.press(L.classJoin);
		await student.sees('No open class has this code');
		await student.close();
	});
});
