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

/** What is worked with: a number, or a unit that lost what it divides. */
const MATTERS = /\d|^\/|\/$/u;

const NO_MATTER = /[\s×xX*%]/gu;

/** Whether a word that is worked with may have been read wrongly. */
function isInDoubt({ sure, signs }: PageWord, seen: string, is: string): boolean {
	// A space or a sign of multiplying changes nothing that is worked with.
	if (is.replace(NO_MATTER, '') !== seen.replace(NO_MATTER, '')) return true;
	return MATTERS.test(seen) && (sure < SURE_WORD || /^\/|\/$/u.test(seen) || signs.some((sign) => sign.sure < SURE));
}

/** How a listed problem or an answer line begins: never in the middle of a sentence. */
const BEGINS = /^(?:\(?(?:\d{1,3}|[a-zA-Z]|[ivx]{1,5})[.)]|[•▪–—*-]$|_{3,})/u;

/** The right edge of the column that a line is in: of the lines round it that begin at the same place. */
function rightOf(lines: readonly PageLine[], at: number): number {
	const line = lines[at];
	if (!line) return 0;
	const same = ({ box }: PageLine) => box.x0 < line.box.x1 && box.x1 > line.box.x0;
	let right = line.box.x1;
	for (let i = at; i >= 0 && lines[i] && same(lines[i] as PageLine); i -= 1)
		right = Math.max(right, lines[i]?.box.x1 ?? 0);
	for (let i = at; i < lines.length && lines[i] && same(lines[i] as PageLine); i += 1)
		right = Math.max(right, lines[i]?.box.x1 ?? 0);
	return right;
}

/** What is between two lines: a space where the second had no room on the first, else a new line, or a blank one. */
function between(before: PageLine, line: PageLine, usual: number, right: number): string {
	const gap = line.box.y1 - before.box.y1;
	if (gap > usual * PARAGRAPH || gap < -letterHeight(line)) return '\n\n';
	const [first] = line.words;
	const isFull = first !== undefined && before.box.x1 + letterHeight(line) / 2 + (first.box.x1 - first.box.x0) > right;
	return isFull && !BEGINS.test(textOfWord(first)) ? ' ' : '\n';
}

/** The text of the lines of some pages: a line each, a blank line between paragraphs and pages. */
export function pageText(pages: readonly ReadPage[]): PageText {
	let text = '';
	const doubts: Doubt[] = [];
	let lastWord: string | undefined;
	for (const [page, { lines, recognised }] of pages.entries()) {
		if (page > 0 && text !== '') text += '\n\n';
		const usual = median(
			lines
				.slice(1)
				.map((line, i) => line.box.y1 - (lines[i]?.box.y1 ?? 0))
				.filter((gap) => gap > 0),
		);
		for (const [i, line] of lines.entries()) {
			const right = rightOf(lines, i);
			const before = lines[i - 1];
			if (before) text += between(before, line, usual, right);
			let behind = /\n$|^$/u.test(text) ? undefined : lastWord;
			for (const [k, word] of line.words.entries()) {
				if (k > 0) text += ' ';
				const from = text.length;
				const seen = textOfWord(word);
				const next = line.words[k + 1];
				const is = recognised ? unmixed(seen, behind, next && textOfWord(next)) : seen;
				text += is;
				behind = is;
				lastWord = is;
				if (recognised && isInDoubt(word, seen, is)) doubts.push({ at: [from, text.length], page, box: word.box });
			}
		}
	}
	return { text, doubts };
}
