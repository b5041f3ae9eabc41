import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { BOOK } from '@tidy-sum/core';
import Papa from 'papaparse';

const BIN = join(__dirname, '..', 'bin', 'tidy-sum.mjs');

let folder: string;
const at = (name: string) => join(folder, name);

beforeEach(() => {
	folder = mkdtempSync(join(tmpdir(), 'tidy-sum-files-'));
});

afterEach(() => {
	rmSync(folder, { recursive: true, force: true });
});

function run(...args: readonly string[]) {
	const { status, stdout, stderr } = spawnSync(process.execPath, [BIN, ...args], { encoding: 'utf8' });
	return { status, out: stdout.trim(), said: stderr.trim() };
}

function table(text: string): readonly Readonly<Record<string, string>>[] {
	return Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), { header: true, skipEmptyLines: true }).data;
}

const ANSWERS = 'student,exercise,answer\nAnn,wind-gust,27.1 ft/s\nBen,2,27.13 ft/s\nCy,flight,3 m\n';

describe('a set, on the command line', () => {
	it('goes through every form and comes out the same', () => {
		expect(run('set', 'book', '--form', 'csv', '-o', at('a.csv'))).toEqual({
			status: 0,
			out: `${at('a.csv')}: ${BOOK.length} exercises as CSV.`,
			said: '',
		});
		expect(run('set', at('a.csv'), '--form', 'qti', '-o', at('a.zip')).said).toContain(
			'A unit is taken in its common writings',
		);
		run('set', at('a.zip'), '-o', at('b.json'));
		run('set', at('b.json'), '--form', 'csv', '-o', at('b.csv'));
		expect(readFileSync(at('b.csv'), 'utf8')).toBe(readFileSync(at('a.csv'), 'utf8'));
	});

	it('tells what came of each row that is not taken, and ends with 1', () => {
		writeFileSync(at('s.csv'), 'start,wanted\n3.2 kg,g\n3.2 kgg kgg 4,g\n');
		const { status, out, said } = run('set', at('s.csv'));
		expect(status).toBe(1);
		expect(JSON.parse(out).exercises).toHaveLength(1);
		expect(said).toMatch(/^row 3: left out, the column “start”:/);
	});

	it('is a Round by its code, in any form', () => {
		expect(table(run('round', '910k-s5fa-f', '--form', 'csv').out)).toHaveLength(5);
		const sheet = run('round', '910KS5FAF', '--form', 'html', '--url', 'http://ridge.test', '--paper', 'letter').out;
		expect(sheet).toContain('http://ridge.test/round/910ks5faf');
		expect(sheet).toContain('size:letter');
	});

	it.each([
		['a form there is not', ['set', 'book', '--form', 'pdf'], 'no form “pdf”'],
		[
			'a package for standard output',
			['set', 'book', '--form', 'qti'],
			'This form is not text, so give a file: -o qti.zip',
		],
		['a file that is not there', ['set', 'nowhere.csv'], 'nowhere.csv cannot be read'],
		['a code that is none', ['round', '910k-s5fa-g'], 'No Round has this code'],
		['a paper there is not', ['set', 'book', '--form', 'html', '--paper', 'a3'], 'a4 or letter'],
		['a folder that is not there', ['set', 'book', '-o', '/nowhere/x.json'], 'cannot be written'],
	])('ends with 2 and a sentence: %s', (_, args, sentence) => {
		expect(run(...args)).toEqual({ status: 2, out: '', said: expect.stringContaining(sentence) });
	});
});

describe('the answers of a class, on the command line', () => {
	it('are marked row by row, with a report to print', () => {
		writeFileSync(at('answers.csv'), ANSWERS);
		const { status, out } = run(
			'mark',
			at('answers.csv'),
			'--set',
			'book',
			'-o',
			at('marked.csv'),
			'--report',
			at('report.html'),
			'--points',
			'value 2, unit 1',
		);
		expect(status).toBe(1);
		expect(out).toMatch(
			/^3 answers: 1 right, 1 value right, not its figures or unit, 1 not read\.\n {2}Too many figures: 1\n {2}not read: Row 4, Cy, “[^”]+”: there is no exercise called “flight” in the set\.\n?$/,
		);
		expect(table(readFileSync(at('marked.csv'), 'utf8'))).toMatchObject([
			{ student: 'Ann', right: 'yes', points: '3', of: '3' },
			{
				student: 'Ben',
				right: 'no',
				figures: 'wrong',
				slips: 'Too many figures',
				'look at': expect.stringContaining('are more than'),
			},
			{ student: 'Cy', right: '', 'not read': expect.stringContaining('Row 4') },
		]);
		expect(readFileSync(at('report.html'), 'utf8')).toContain('Most common slips');
		expect(readdirSync(folder).sort()).toEqual(['answers.csv', 'marked.csv', 'report.html']);
	});

	it.each([
		['a folder that is not there', 'no/such/marked.csv'],
		['a folder', '.'],
	])('that cannot be written to %s end in a sentence, and keep nothing', (_, out) => {
		writeFileSync(at('answers.csv'), ANSWERS);
		const before = readdirSync(folder).sort();
		const { status, said } = run('mark', at('answers.csv'), '--set', 'book', '-o', at(out));
		expect(status).toBe(2);
		expect(said).toMatch(/^The file .* cannot be written\.$/);
		expect(readdirSync(folder).sort()).toEqual(before);
	});

	it('come from standard input and go to standard output, with nothing else in between', () => {
		const { stdout, stderr } = spawnSync(process.execPath, [BIN, 'mark', '-', '--set', 'book'], {
			input: ANSWERS,
			encoding: 'utf8',
		});
		expect(table(stdout)).toHaveLength(3);
		expect(stderr).toContain('3 answers');
	});

	it('are read whatever stands between their cells, and in either encoding a spreadsheet saves', () => {
		writeFileSync(
			at('wide.csv'),
			Buffer.concat([Buffer.from([0xff, 0xfe]), Buffer.from(ANSWERS.replaceAll(',', ';'), 'utf16le')]),
		);
		expect(table(run('mark', at('wide.csv'), '--set', 'book').out)[0]).toMatchObject({ student: 'Ann', right: 'yes' });
	});

	it('of 20 000 rows are marked, each of them', () => {
		const rows = Array.from(
			{ length: 20_000 },
			(_, i) => `S${i % 300},wind-gust,${(20 + (i % 900) / 100).toFixed(2)} ft/s\n`,
		);
		writeFileSync(at('many.csv'), `student,exercise,answer\n${rows.join('')}`);
		const { status, out } = run('mark', at('many.csv'), '--set', 'book', '-o', at('m.csv'));
		expect({ status, out }).toEqual({ status: 0, out: expect.stringMatching(/^20000 answers/) });
		expect(readFileSync(at('m.csv'), 'utf8').trim().split('\n')).toHaveLength(20_001);
	});

	it('stop when they are asked to, and keep what is done', async () => {
		const rows = Array.from({ length: 200_000 }, (_, i) => `S,wind-gust,${i}.${i % 7}1 ft/s\n`);
		writeFileSync(at('many.csv'), `student,exercise,answer\n${rows.join('')}`);
		const marking = spawn(process.execPath, [BIN, 'mark', at('many.csv'), '--set', 'book', '-o', at('m.csv')]);
		const ended = new Promise<number | null>((resolve) => marking.on('close', resolve));
		let said = '';
		marking.stdout.on('data', (text) => {
			said += text;
		});
		// It is stopped once it writes.
		const begun = async (): Promise<void> => {
			if (existsSync(at('m.csv.part')) && readFileSync(at('m.csv.part')).length > 1000) return;
			await new Promise((resolve) => setTimeout(resolve, 20));
			return begun();
		};
		await begun();
		marking.kill('SIGINT');
		expect(await ended).toBe(1);
		expect(said).toContain('Stopped. The answers marked so far are kept.');
		const kept = readFileSync(at('m.csv'), 'utf8');
		const count = table(kept).length;
		expect(count).toBeGreaterThan(100);
		expect(count).toBeLessThan(200_000);
		expect(said).toContain(`${count} answers`);
	}, 60_000);

	it.each([
		['no set', ['mark', 'a.csv'], 'Give the exercises too'],
		['no answers', ['mark', '/nowhere.csv', '--set', 'book'], 'cannot be read'],
		['points that are none', ['mark', 'a.csv', '--set', 'book', '--points', 'all'], '“all” is not a line'],
	])('end with 2 and a sentence: %s', (_, args, sentence) => {
		expect(run(...args)).toEqual({ status: 2, out: '', said: expect.stringContaining(sentence) });
	});

	it.each([
		[
			'another encoding',
			Buffer.concat([Buffer.from('student,exercise,answer\nAnn,2,'), Buffer.from([0xb5, 0x67, 0x0a])]),
			'not UTF-8 text',
		],
		['columns that are not there', Buffer.from('a,b\n1,2\n'), 'One must be “exercise”'],
		['nothing', Buffer.from(''), 'The file of answers is empty'],
	])('keep nothing by halves: %s', (_, bytes, sentence) => {
		writeFileSync(at('answers.csv'), bytes);
		expect(run('mark', at('answers.csv'), '--set', 'book', '-o', at('m.csv'))).toEqual({
			status: 2,
			out: '',
			said: expect.stringContaining(sentence),
		});
		expect(readdirSync(folder)).toEqual(['answers.csv']);
	});
});
