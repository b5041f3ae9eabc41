import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { nodePageTools } from '../../cli/src/page-tools';
import { parseNumeral, parseUnit } from '../../core/src';
import { readProblem, readSheet } from '../../core/src/problem';
import { clearAway } from '../../e2e/src/clear-away';
import { type PagesRead, readPages } from '../../exchange/src/page';
import { drawPage, madePages } from '../pictures/made-pages';
import { row, table } from './measure';

/**
 * Draws pages as a camera, a scanner and a printer have them, and says how many of their problems are read from the picture as
 * they are from the text of the page, and whether what was read wrongly is marked. Needs Chromium and ImageMagick; the fonts are
 * Debian's fonts-liberation, fonts-dejavu, fonts-lato, fonts-ebgaramond and fonts-crosextra-carlito.
 */
const SEED = Number(process.env.SEED ?? '11');

/** A number or a unit as a value: 1.2e3 is 1 200, ug is µg. */
function asValue(key: string, value: unknown): unknown {
	if (key === 'at') return undefined;
	if (typeof value !== 'string') return value;
	if (key === 'number') {
		const read = parseNumeral(value);
		return read.ok ? read.value.value.text() : value;
	}
	const unit = key === 'unit' ? parseUnit(value, { counted: true }) : null;
	return unit?.ok ? unit.value.text : value;
}

/** What is read of each problem of a text, to be compared. */
function problemsOf(text: string): readonly string[] {
	return readSheet(text).problems.map(({ text: problem }) => {
		const { start, facts, want, terms, until } = readProblem(problem);
		return JSON.stringify({ start, facts: facts.map(({ left, right }) => [left, right]), want, terms, until }, asValue);
	});
}

/** How many of the problems of a page are read alike from another text. */
function alike(page: string, read: string): number {
	const left = [...problemsOf(read)];
	return problemsOf(page).filter((problem) => {
		const at = left.indexOf(problem);
		if (at >= 0) left.splice(at, 1);
		return at >= 0;
	}).length;
}

/** The numbers of a text, powers and all, with their places. */
const numbersIn = (text: string) =>
	[...text.matchAll(/\d(?:[\d.,]*\d)?[⁰¹²³⁴⁵⁶⁷⁸⁹⁻]*|[⁰¹²³⁴⁵⁶⁷⁸⁹⁻]+/gu)].map((found) => ({
		number: found[0],
		from: found.index,
		to: found.index + found[0].length,
	}));

type Numbers = { right: number; rightMarked: number; wrong: number; wrongMarked: number };

/** Counts the numbers that were read rightly and wrongly, and how many of each are marked. */
function countNumbers(page: string, { text, doubts }: PagesRead, numbers: Numbers): void {
	const left = numbersIn(page).map(({ number }) => number);
	for (const { number, from, to } of numbersIn(text)) {
		const at = left.indexOf(number);
		if (at >= 0) left.splice(at, 1);
		const isMarked = doubts.some((doubt) => doubt.at[0] < to && doubt.at[1] > from);
		if (at >= 0) {
			numbers.right += 1;
			if (isMarked) numbers.rightMarked += 1;
			if (isMarked && process.env.SHOW) process.stdout.write(`    marked: ${number}\n`);
		} else {
			numbers.wrong += 1;
			if (isMarked) numbers.wrongMarked += 1;
			else if (process.env.SHOW) process.stdout.write(`    unmarked: ${number}\n`);
		}
	}
}

async function main(): Promise<void> {
	const folder = mkdtempSync(join(tmpdir(), 'tidy-sum-pictures-'));
	const tools = await nodePageTools();
	let recognising = 0;
	let whole = 0;
	const timed = {
		...tools,
		recognise: async (...asked: Parameters<typeof tools.recognise>) => {
			const from = performance.now();
			const found = await tools.recognise(...asked);
			if (asked[1] === 'page') recognising += performance.now() - from;
			return found;
		},
	};
	const numbers: Numbers = { right: 0, rightMarked: 0, wrong: 0, wrongMarked: 0 };
	const sums = { problems: 0, picture: 0, pdf: 0 };
	for (const made of madePages(SEED)) {
		const { picture, pdf } = drawPage(made, folder);
		const from = performance.now();
		const fromPicture = await readPages(readFileSync(picture), timed);
		whole += performance.now() - from;
		const fromPdf = await readPages(readFileSync(pdf), tools);
		const all = problemsOf(made.text).length;
		const seen = fromPicture.ok ? alike(made.text, fromPicture.value.text) : 0;
		const printed = fromPdf.ok ? alike(made.text, fromPdf.value.text) : 0;
		if (fromPicture.ok) countNumbers(made.text, fromPicture.value, numbers);
		sums.problems += all;
		sums.picture += seen;
		sums.pdf += printed;
		process.stdout.write(`  ${made.kind.name}: ${seen} of ${all} from the picture, ${printed} from the PDF\n`);
		if (process.env.SHOW && fromPicture.ok && seen < all)
			process.stdout.write(`${made.text}\n--\n${fromPicture.value.text}\n`);
	}
	await tools.end();
	clearAway(folder);
	const share = (part: number, of: number) => (100 * part) / Math.max(1, of);
	const rows = [
		row('problems read alike from pictures', share(sums.picture, sums.problems), { least: 92 }, '%'),
		row('problems read alike from PDFs', share(sums.pdf, sums.problems), { least: 100 }, '%'),
		row('numbers read wrongly that are marked', share(numbers.wrongMarked, numbers.wrong), { least: 95 }, '%'),
		row('numbers read rightly that are marked', share(numbers.rightMarked, numbers.right), { most: 8 }, '%'),
		row('a picture of a page, in times the recognition of pages', whole / recognising, { most: 1.6 }, 'times'),
	];
	process.stdout.write(
		table(`\n${sums.problems} problems, seed ${SEED}: ${numbers.wrong} numbers read wrongly`, [
			['', 'measured', 'bar', ''],
			...rows.map(({ name, measured, bar, met }) => [name, measured, bar, met ? 'met' : 'NOT MET']),
		]),
	);
}

void main();
