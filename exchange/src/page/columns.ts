import { around, letterHeight, median, type PageLine, textOfWord } from './page-words';

/** A gap between two words that is wider than this many heights of a small letter parts two columns. */
const GAP_OF_COLUMNS = 4;

/** The parts of a line that are in different columns. */
function partsOf(line: PageLine): readonly PageLine[] {
	const gap = GAP_OF_COLUMNS * letterHeight(line);
	const parts: (typeof line.words)[number][][] = [];
	for (const word of line.words) {
		const before = parts.at(-1)?.at(-1);
		if (before && word.box.x0 - before.box.x1 < gap) parts.at(-1)?.push(word);
		else parts.push([word]);
	}
	if (parts.length < 2) return [line];
	return parts.map((words) => ({ ...line, words, box: around(words.map(({ box }) => box)) }));
}

const middle = ({ box: { y0, y1 } }: PageLine): number => (y0 + y1) / 2;

/** Two lines are in one row where their middles differ by less than this share of a small letter. */
const SAME_ROW = 0.7;

/** Lines in rows from the top, each row from left to right. */
export function rowsOf(lines: readonly PageLine[]): readonly (readonly PageLine[])[] {
	const rows: PageLine[][] = [];
	for (const line of [...lines].sort((a, b) => middle(a) - middle(b))) {
		const first = rows.at(-1)?.[0];
		if (first && middle(line) - middle(first) < letterHeight(first) * SAME_ROW) rows.at(-1)?.push(line);
		else rows.push([line]);
	}
	return rows.map((row) => row.sort((a, b) => a.box.x0 - b.box.x0));
}

/** With fewer lines than this on a side there are no columns. */
const LINES_OF_A_COLUMN = 3;

/** Cells of a table are narrower than this many heights of a small letter. */
const WIDTH_OF_A_CELL = 14;

/** How a listed problem begins. */
const LISTED = /^\(?(?:\d{1,3}|[a-z]|[ivx]{1,5})[.)](?!\d)/u;

/** Whether lines are problems of a column, and no cells of a table. */
function isColumn(lines: readonly PageLine[]): boolean {
	const width = median(lines.map((line) => (line.box.x1 - line.box.x0) / letterHeight(line)));
	return width > WIDTH_OF_A_CELL || lines.some(({ words: [first] }) => first && LISTED.test(textOfWord(first)));
}

type Halves = readonly [readonly PageLine[], readonly PageLine[]];

/** Lines to the left and to the right of a white stripe from their top to their bottom; null if there is no stripe. */
function halvesOf(lines: readonly PageLine[]): Halves | null {
	const least = 1.5 * median(lines.map(letterHeight));
	const sorted = [...lines].sort((a, b) => a.box.x0 - b.box.x0);
	let reached = Number.POSITIVE_INFINITY;
	for (const [i, { box }] of sorted.entries()) {
		const halves: Halves = [sorted.slice(0, i), sorted.slice(i)];
		const isWide = box.x0 - reached > least && halves.every(({ length }) => length >= LINES_OF_A_COLUMN);
		if (isWide && isColumn(halves[1])) return halves;
		reached = i === 0 ? box.x1 : Math.max(reached, box.x1);
	}
	return null;
}

/** Rows in the order they are read: the longest run of rows with two columns is read column by column. */
function ordered(rows: readonly (readonly PageLine[])[]): readonly PageLine[] {
	for (let length = rows.length; length >= LINES_OF_A_COLUMN; length -= 1)
		for (let from = 0; from + length <= rows.length; from += 1) {
			const halves = halvesOf(rows.slice(from, from + length).flat());
			if (!halves) continue;
			return [
				...ordered(rows.slice(0, from)),
				...halves.flatMap((half) => ordered(rowsOf(half))),
				...ordered(rows.slice(from + length)),
			];
		}
	return rows.flat();
}

/** More rows than this are no page of problems: they are read as they come. */
const ROWS_LIMIT = 150;

/**
 * The lines of a page in the order they are read: column by column, each from its top; a heading across the page comes before
 * the columns below it. Rows of a table stay rows.
 * @example inReadingOrder(linesOfTwoColumns) // the left column, then the right one
 */
export function inReadingOrder(lines: readonly PageLine[]): readonly PageLine[] {
	const rows = rowsOf(lines.flatMap(partsOf));
	return rows.length > ROWS_LIMIT ? rows.flat() : ordered(rows);
}
