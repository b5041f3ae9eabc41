import { around, type PageLine, type PageSign, type PageWord } from './page-words';
import { raisedFigures } from './raised';

/** A run of text of a PDF, as pdfjs-dist returns it: `transform` has its size and its place from the bottom left, in points. */
export type PdfRun = {
	readonly str: string;
	readonly transform: readonly number[];
	readonly width: number;
};

/** A run with its place from the top left. */
type Placed = {
	readonly text: string;
	readonly x0: number;
	readonly x1: number;
	readonly foot: number;
	readonly size: number;
};

function placed({ str, transform, width }: PdfRun, high: number): Placed {
	const [, , c = 0, d = 0, e = 0, f = 0] = transform;
	return { text: str, x0: e, x1: e + width, foot: high - f, size: Math.hypot(c, d) };
}

/** A run is raised or lowered if it is smaller than this share of its line. */
const SMALLER = 0.85;

/** Runs are on one line where their feet differ by no more than this share of their size. */
const ONE_LINE = 0.25;

/** A small run belongs to a line from this much below its baseline to that much above. */
const BELOW = 0.35;
const ABOVE = 0.7;

/** White of this share of the size is a space. */
const SPACE = 0.16;

type Row = { readonly foot: number; readonly size: number; readonly runs: Placed[] };

/** Whether a run is raised above the baseline of a row, or lowered below it, right beside a run of it. */
function isRaisedOn({ foot, size, runs }: Row, run: Placed): boolean {
	const up = foot - run.foot;
	const isNear = runs.some(({ x0, x1 }) => run.x0 < x1 + size && run.x1 > x0 - size);
	return run.size < SMALLER * size && isNear && up < ABOVE * size && up > -BELOW * size;
}

/** The runs of each line: the larger ones first, so that what is raised finds the line it belongs to. */
function rowsOf(runs: readonly Placed[]): readonly Row[] {
	const rows: Row[] = [];
	for (const run of [...runs].sort((a, b) => b.size - a.size)) {
		// A raised figure can be as high as a line of another column.
		const row =
			rows.find((one) => isRaisedOn(one, run)) ??
			rows.find(({ foot, size }) => Math.abs(foot - run.foot) <= ONE_LINE * size);
		if (row) row.runs.push(run);
		else rows.push({ foot: run.foot, size: run.size, runs: [run] });
	}
	for (const { runs: there } of rows) there.sort((a, b) => a.x0 - b.x0);
	return rows;
}

const FIGURES = /^[-−–—+]?\d+$/u;

/** The text of a run on its line: raised figures as such. */
function textOn({ text, size, foot }: Placed, row: Row): string {
	const isRaised = size < SMALLER * row.size && row.foot - foot > 0.15 * row.size;
	return isRaised && FIGURES.test(text.trim()) ? raisedFigures(text.trim()) : text;
}

/** The signs of a run, each as wide as the others. */
function signsOf(run: Placed, row: Row): readonly PageSign[] {
	const text = [...textOn(run, row)];
	const wide = (run.x1 - run.x0) / Math.max(1, text.length);
	return text.map((sign, i) => ({
		text: sign,
		sure: 1,
		// As high as a small letter of the line, so that the gaps of columns are measured alike.
		box: { x0: run.x0 + i * wide, x1: run.x0 + (i + 1) * wide, y0: row.foot - row.size / 2, y1: row.foot },
	}));
}

function wordsOf(row: Row): readonly PageWord[] {
	const words: PageSign[][] = [];
	let reached = Number.NEGATIVE_INFINITY;
	for (const run of row.runs)
		for (const sign of signsOf(run, row)) {
			const isSpace = sign.text.trim() === '';
			if (!isSpace && sign.box.x0 - reached > SPACE * row.size) words.push([]);
			if (isSpace) continue;
			words.at(-1)?.push(sign);
			reached = sign.box.x1;
		}
	return words.map((signs) => ({ signs, sure: 1, box: around(signs.map(({ box }) => box)) }));
}

/**
 * The lines of a page of a PDF, from its runs of text.
 * @param high the height of the page, in points.
 * @returns lines whose boxes are in points from the top left; raised figures as such ("cm³").
 */
export function pdfLines(runs: readonly PdfRun[], high: number): readonly PageLine[] {
	const rows = rowsOf(runs.filter(({ str }) => str.trim() !== '').map((run) => placed(run, high)));
	return rows
		.map((row): PageLine => {
			const words = wordsOf(row);
			return { words, box: around(words.map(({ box }) => box)), baseline: { left: row.foot, right: row.foot } };
		})
		.sort((a, b) => a.box.y1 - b.box.y1);
}
