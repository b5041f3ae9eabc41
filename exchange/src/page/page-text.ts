import { parseNumeral, parseUnit } from '@tidy-sum/core';
import { unmixed } from './mix-ups';
import { type Box, letterHeight, median, type PageLine, type PageWord, textOfWord } from './page-words';

/** A place in the text of a page that was read with doubt: where it is in the text and on the page. */
export type Doubt = {
	/** Its place in the text, in UTF-16 units. */
	readonly at: readonly [number, number];
	/** The page, counted from 0, and the place on it. */
	readonly page: number;
	readonly box: Box;
};

/** A page with its lines as they are read, and whether its words were recognised on a picture. */
export type ReadPage = { readonly lines: readonly PageLine[]; readonly recognised: boolean };

/** The text of pages, with what was read with doubt. */
export type PageText = { readonly text: string; readonly doubts: readonly Doubt[] };

/** A gap between lines that is larger than usual by this begins a paragraph. */
const PARAGRAPH = 1.35;

/** A number or a unit whose signs are less sure than this is in doubt. */
const SURE = 0.9;
const SURE_WORD = 0.5;

/** What is worked with: a number, or a unit that lost a part. */
const MATTERS = /\d|^\/|\/$/u;

/** What no problem has in a word: a sign that was taken for another. */
const ODD = /[¢¥€£§©®™|~](?=[\p{L}\d])|(?<=[\p{L}\d])[¢¥§©®™|~%*?](?=[\p{L}\d])|(?<=\p{L})[%®©™*]|(?<=10)[°?'"*]/u;

/** Units whose first sign may be a µ. */
const MICRO = /^p[mgLlsFAVWJN](?!\p{L})/u;

/** Brackets and signs of a sentence round a word. */
const ROUND = /^[([{"“'=<>≈~]+|[)\]}"”'.,;:?!]+$/gu;

/** Whether a word with a figure reads as a number, a quantity, a unit, or numbers with a sign between. */
function isKnownForm(word: string): boolean {
	const bare = word.replace(ROUND, '');
	if (parseNumeral(bare).ok || parseUnit(bare).ok || /^\d+(?:[-–−/:.×]\d+)+$/u.test(bare)) return true;
	const [, number = '', rest = ''] = /^([\d.,/]+)[- \u2011]?(\D.*)$/u.exec(bare) ?? [];
	return number !== '' && (parseUnit(rest).ok || /^(?:st|nd|rd|th|s|year-old)$/u.test(rest));
}

const NO_MATTER = /[\s×xX*%]/gu;

/** Whether a word that is worked with may have been read wrongly. */
function isInDoubt({ sure, signs }: PageWord, seen: string, is: string): boolean {
	// A space or a sign of multiplying changes nothing that is worked with.
	if (is.replace(NO_MATTER, '') !== seen.replace(NO_MATTER, '')) return true;
	if (ODD.test(is) || MICRO.test(is)) return true;
	if (!MATTERS.test(is)) return false;
	return sure < SURE_WORD || /^\/|\/$/u.test(is) || signs.some((sign) => sign.sure < SURE) || !isKnownForm(is);
}

/** How a listed problem or an answer line begins: never in the middle of a sentence. */
const BEGINS = /^(?:\(?(?:\d{1,3}|[a-zA-Z]|[ivx]{1,5})[.)]|[•▪–—*-]$|_{3,})/u;

/** The right edge of the column that a line is in: of the lines above and below that are over or under it. */
function rightOf(lines: readonly PageLine[], at: number): number {
	const { x0, x1 } = lines[at]?.box ?? { x0: 0, x1: 0 };
	const isBeside = ({ box }: PageLine) => box.x0 >= x1 || box.x1 <= x0;
	const above = lines.slice(0, at).reverse();
	const below = lines.slice(at);
	const column = [above, below].flatMap((some) => {
		const end = some.findIndex(isBeside);
		return end < 0 ? some : some.slice(0, end);
	});
	return Math.max(x1, ...column.map(({ box }) => box.x1));
}

/** A word has no room on a line if it would end closer than this to the right edge, in small letters. */
const SPACE = 2;

/** What is between two lines: a space where the second had no room on the first, else a new line, or a blank one. */
function between(before: PageLine, line: PageLine, usual: number, right: number): string {
	const gap = line.box.y1 - before.box.y1;
	if (gap > usual * PARAGRAPH || gap < -letterHeight(line)) return '\n\n';
	const [first] = line.words;
	const isFull =
		first !== undefined && before.box.x1 + SPACE * letterHeight(line) + (first.box.x1 - first.box.x0) > right;
	return isFull && !BEGINS.test(textOfWord(first)) ? ' ' : '\n';
}

const LABEL = /^\(?(\d{1,2})[.)]/u;

/** The number a line is listed by; 0 if it has no number. */
const labelOf = ({ words: [first] }: Pick<PageLine, 'words'>): number =>
	Number(LABEL.exec(first ? textOfWord(first) : '')?.[1] ?? 0);

/** A word that ran into the number of its problem, parted from it; as it is where it did not. */
function afterLabel(word: string, due: number): string {
	const [, mark = '', rest = ''] = /^(\(?\d{1,2}[.)])(\S+)$/u.exec(word) ?? [];
	return due > 1 && rest !== '' && Number(mark.replace(/\D/gu, '')) === due ? `${mark} ${rest}` : word;
}

/** The number that is due at a line: the one behind the last, unless another line has it by itself; else 0. */
function dueAt(lines: readonly PageLine[], at: number): number {
	const due = (lines.slice(0, at).map(labelOf).filter(Boolean).at(-1) ?? 0) + 1;
	const isElsewhere = lines.some((line) => {
		const [first] = line.words;
		return first && /^\(?\d{1,2}[.)]$/u.test(textOfWord(first)) && labelOf(line) === due;
	});
	return isElsewhere ? 0 : due;
}

/** A line as text: each word put right, and those in doubt with their places in it. */
function lineText(line: PageLine, before: string | undefined, recognised: boolean, due: number) {
	let text = '';
	let behind = before;
	const doubts: { readonly at: readonly [number, number]; readonly box: Box }[] = [];
	for (const [i, word] of line.words.entries()) {
		const next = line.words[i + 1];
		const seen = textOfWord(word);
		const isFirst = before === undefined && i === 0;
		const read = recognised ? unmixed(seen, behind, next && textOfWord(next)) : seen;
		const is = recognised && isFirst ? afterLabel(read, due) : read;
		const from = text === '' ? 0 : text.length + 1;
		text += `${from === 0 ? '' : ' '}${is}`;
		behind = is;
		const isMark = isFirst && BEGINS.test(seen) && !/ .*\d/u.test(is);
		if (recognised && !isMark && isInDoubt(word, seen, is)) doubts.push({ at: [from, text.length], box: word.box });
	}
	return { text, doubts, last: behind };
}

/** How far it usually is from one line to the next. */
const usualGap = (lines: readonly PageLine[]): number =>
	median(
		lines
			.slice(1)
			.map(({ box }, i) => box.y1 - (lines[i]?.box.y1 ?? 0))
			.filter((gap) => gap > 0),
	);

/**
 * The text of pages: a line for each, one where a sentence goes on in the next, a blank line between paragraphs and pages.
 * @returns the text, and the words of it that were recognised with doubt or put right.
 */
export function pageText(pages: readonly ReadPage[]): PageText {
	let text = '';
	const doubts: Doubt[] = [];
	for (const [page, { lines, recognised }] of pages.entries()) {
		if (text !== '') text += '\n\n';
		const usual = usualGap(lines);
		let last: string | undefined;
		for (const [i, line] of lines.entries()) {
			const before = lines[i - 1];
			const gap = before ? between(before, line, usual, rightOf(lines, i)) : '';
			text += gap;
			const from = text.length;
			const read = lineText(line, gap === ' ' ? last : undefined, recognised, dueAt(lines, i));
			last = read.last;
			text += read.text;
			doubts.push(...read.doubts.map(({ at, box }) => ({ at: [from + at[0], from + at[1]] as const, page, box })));
		}
	}
	return { text, doubts };
}
