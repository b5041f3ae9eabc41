import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Browser, DESKTOP, PHONE } from './src/browser';
import { clearAway } from './src/clear-away';
import { L } from './src/labels';
import { unitAt } from './src/parts';
import { Whole } from './src/whole';
import { answerWith, takeFact } from './src/work-through';

jest.setTimeout(180_000);

const BIN = join(__dirname, '..', 'cli', 'bin', 'tidy-sum.mjs');

let whole: Whole;
let folder: string;

beforeAll(async () => {
	whole = await Whole.start();
	folder = mkdtempSync(join(tmpdir(), 'tidy-sum-files-'));
});

afterAll(async () => {
	await whole?.stop();
	clearAway(folder);
});

function file(name: string, content: string): string {
	const path = join(folder, name);
	writeFileSync(path, content);
	return path;
}

/** A file the page has saved, once all of it is there. */
async function saved(browser: Browser, name: string): Promise<Buffer> {
	const path = join(folder, name);
	await browser.driver.wait(
		() => existsSync(path),
		8000,
		`no ${name} was saved; there is ${readdirSync(folder).join(', ')}`,
	);
	return readFileSync(path);
}

const EXERCISES = [
	'prompt,start,wanted,rounding,answer,set,class',
	'"The mast records 26.0 mi/h. What is that in ft/s?",26.0 mi/h,ft/s,,38.1 ft/s,Week 9,support light',
	'A jar holds 454 g of honey. What is that in kg?,,,,0.454 kg,,',
	'A rope of 3 kg.,3 kg,m,,,,',
].join('\n');

describe('a file of exercises', () => {
	it('is looked over, kept as a sheet, worked, and taken along in a form that another device reads', async () => {
		const browser = await Browser.open({ screen: PHONE });
		await browser.savesInto(folder);
		await browser.driver.get(`${whole.url}/bring`);
		await browser.give(L.bringFile, file('week9.csv', EXERCISES));
		await browser.sees('Week 9: 2 exercises were read, 1 left out. Nothing is saved yet.');
		await browser.untilSays(L.fileDraft, 'row 4: it cannot be worked');
		await browser.press(L.fileKeep);
		await browser.sees('2 problems');
		await browser.press('e02');
		await browser.find(L.line);
		await takeFact(browser, unitAt('g', 'top'), '1kg=1000g', 'g');
		await answerWith(browser, '0.454 kg');
		await browser.sees('Value: right');

		await browser.press(L.wayOut);
		await browser.sees('2 problems');
		await browser.press(L.take, L.takeQti);
		await browser.sees('Saved as week-9.zip');
		await saved(browser, 'week-9.zip');
		const other = await Browser.open({ screen: DESKTOP });
		await other.driver.get(`${whole.url}/bring`);
		await other.give(L.bringFile, join(folder, 'week-9.zip'));
		await other.sees('Week 9: 2 exercises were read. Nothing is saved yet.');
		await other.press(L.fileKeep, 'e01');
		await other.sees('26.0 mi/h');
		expect(await other.errors()).toEqual([]);
		await other.close();
		rmSync(join(folder, 'week-9.zip'));
		await browser.close();
	});
});

describe('the answers of a class', () => {
	const ANSWERS = [
		'student,exercise,answer,working',
		'Ann,wind-gust,27.1 ft/s,',
		'Ben,2,27.13 ft/s,',
		'Cy,honey-jar,,454 g × 1 kg/1000 g = 0.454 kg',
		'Di,flight,3 m,',
	].join('\n');

	it('are marked on the screen as on the command line, to the letter', async () => {
		const browser = await Browser.open({ screen: PHONE });
		await browser.savesInto(folder);
		await browser.driver.get(`${whole.url}/marking`);
		await browser.press(L.markingFromBook);
		const answers = file('answers.csv', ANSWERS);
		await browser.give(L.markingAnswers, answers);
		await browser.press(L.markingStart);
		await browser.sees('4 answers: 2 right, 1 value right, not its figures or unit, 1 not read.');
		await browser.sees('Too many figures');
		await browser.press(L.take, L.takeMarked, L.takeReport);
		const there = await saved(browser, 'the-book-of-fennel-ridge-marked.csv');
		const out = join(folder, 'marked.csv');
		spawnSync(process.execPath, [BIN, 'mark', answers, '--set', 'book', '-o', out]);
		expect(there.toString('utf8')).toBe(readFileSync(out, 'utf8'));
		expect((await saved(browser, 'the-book-of-fennel-ridge-marked.html')).toString('utf8')).toContain(
			'Most common slips',
		);
		expect(await browser.errors()).toEqual([]);
		await browser.close();
	});

	it('of a thousand and more can be stopped, and what is done is shown', async () => {
		const many = Array.from({ length: 60_000 }, (_, i) => `S${i % 40},wind-gust,${i}.${i % 10} ft/s`).join('\n');
		const browser = await Browser.open({ screen: DESKTOP });
		await browser.driver.get(`${whole.url}/marking`);
		await browser.press(L.markingFromBook);
		await browser.give(L.markingAnswers, file('many.csv', `student,exercise,answer\n${many}\n`));
		await browser.press(L.markingStart);
		await browser.sees('of 60000 marked');
		await browser.press(L.stop);
		await browser.sees('Stopped');
		await browser.close();
	});
});
