import { inReadingOrder } from './columns';
import { directionOf } from './direction';
import { type Box, baselineAt, letterHeight, type PageLine, type PageWord, textOfWord } from './page-words';
import { type LookedAt, type RaisedRun, raisedRuns, withRaised } from './raised';
import {
	cropped,
	drawInto,
	type MakeRaster,
	paperOf,
	type Raster,
	scaled,
	turned,
	whiten,
	whiteRaster,
} from './raster';

/** What a recogniser finds on a picture, as tesseract.js returns it; `confidence` is from 0 to 100. */
export type Found = {
	readonly blocks: readonly FoundBlock[] | null;
	readonly confidence: number;
};

type FoundBlock = {
	readonly paragraphs: readonly {
		readonly lines: readonly {
			readonly bbox: Box;
			readonly baseline: Box;
			readonly words: readonly {
				readonly bbox: Box;
				readonly confidence: number;
				readonly symbols: readonly { readonly text: string; readonly confidence: number; readonly bbox: Box }[];
			}[];
		}[];
	}[];
};

/** Recognises the writing on a picture: a page of it, or a row of words. */
export type Recognise = (picture: Raster, what: 'page' | 'row') => Promise<Found>;

/** What it takes to read a picture: a canvas, and something that recognises writing. */
export type PictureTools = { readonly make: MakeRaster; readonly recognise: Recognise };

/** A picture as it was read: its lines in the order they are read, and the picture they were read from, upright. */
export type PictureRead = { readonly lines: readonly PageLine[]; readonly picture: Raster };

function linesOf({ blocks }: Found): readonly PageLine[] {
	return (blocks ?? []).flatMap(({ paragraphs }) =>
		paragraphs.flatMap(({ lines }) =>
			lines.map(({ bbox, baseline, words }): PageLine => {
				// A baseline can begin left of the line: its height is taken at the ends of the box.
				const slope = baseline.x1 === baseline.x0 ? 0 : (baseline.y1 - baseline.y0) / (baseline.x1 - baseline.x0);
				const at = (x: number) => baseline.y0 + slope * (x - baseline.x0);
				return {
					box: bbox,
					baseline: { left: at(bbox.x0), right: at(bbox.x1) },
					words: words.map(
						(word): PageWord => ({
							box: word.bbox,
							sure: word.confidence / 100,
							signs: word.symbols.map(({ text, confidence, bbox: box }) => ({ text, box, sure: confidence / 100 })),
						}),
					),
				};
			}),
		),
	);
}

/** Shade and dirt are read as signs too, but as unsure ones: of a line less sure than this, on average, nothing is kept. */
const SURE_SIGNS = 0.75;

/** Whether a line is writing, and no shade or dirt. */
function isWriting({ words }: PageLine): boolean {
	const signs = words.flatMap((word) => word.signs);
	const isSure = signs.reduce((sum, { sure }) => sum + sure, 0) / signs.length > SURE_SIGNS;
	return isSure && signs.some(({ text }) => /[\p{L}\d]/u.test(text));
}

/** Pages are read with no more pixels than this on their longer side. */
export const LONG_SIDE = 2300;

/** Smaller ones are made no more than this much larger. */
const LARGEST_SCALE = 2.5;

/** A picture with fewer pixels than this on its longer side is made larger. */
const SMALL_SIDE = 1400;

/** The size at which the direction of the lines shows, in pixels. */
const DIRECTION_SIDE = 700;

/** A page that is off by less than this, in radians, is straight. */
const STRAIGHT = 0.003;

const longSide = ({ width, height }: Raster): number => Math.max(width, height);

function fitted(make: MakeRaster, picture: Raster): Raster {
	const side = longSide(picture);
	if (side > LONG_SIDE) return scaled(make, picture, LONG_SIDE / side);
	return side < SMALL_SIDE ? scaled(make, picture, Math.min(LARGEST_SCALE, SMALL_SIDE / side)) : picture;
}

/** A page is taken to be the wrong way up where its writing is less sure than this, from 0 to 100. */
const BADLY = 70;

/** A band of a page on which both ways up are tried: a share of its height, but no lower than this many pixels. */
const BAND = 0.3;
const LEAST_BAND = 700;

/** A band of a picture about the middle of its writing, as a share of its height. */
function band(make: MakeRaster, picture: Raster, middle: number): Raster {
	const { width, height: all } = picture;
	const height = Math.min(all, Math.max(LEAST_BAND, all * BAND));
	return cropped(make, picture, {
		x: 0,
		y: Math.min(Math.max(0, middle * all - height / 2), all - height),
		width,
		height,
	});
}

const wordsIn = (found: Found): number =>
	linesOf(found)
		.flatMap(({ words }) => words)
		.filter((word) => word.sure > 0.8 && textOfWord(word).length > 2).length;

/** The picture with its writing upright, and what was recognised on it. */
async function upright({ make, recognise }: PictureTools, picture: Raster): Promise<readonly [Raster, Found]> {
	const small = scaled(make, picture, Math.min(1, DIRECTION_SIDE / longSide(picture)));
	const { sideways, skew, across } = directionOf(small);
	const by = (angle: number) => turned(make, picture, Math.abs(angle) < STRAIGHT ? 0 : angle);
	if (!sideways) {
		const level = by(-skew);
		const found = await recognise(level, 'page');
		if (found.confidence >= BADLY) return [level, found];
		const over = by(Math.PI - skew);
		const other = await recognise(over, 'page');
		return wordsIn(other) > wordsIn(found) ? [over, other] : [level, found];
	}
	const ways = [by(Math.PI / 2 - skew), by(-Math.PI / 2 - skew)] as const;
	const [right, left] = ways;
	const first = await recognise(band(make, right, across), 'page');
	const second = await recognise(band(make, left, 1 - across), 'page');
	const best = wordsIn(first) >= wordsIn(second) ? right : left;
	return [best, await recognise(best, 'page')];
}

/** The size in which raised figures are looked at again: pixels for a small letter of their line, and the white round words. */
const LETTER_HIGH = 26;
const MARGIN = 26;

/** How much larger a raised figure is than on the page when it is looked at again, at the height of the others. */
const FIGURE_SCALE = 1.6;

/** A raised figure to look at again: on which line, and which of its runs. */
type Look = { readonly line: PageLine; readonly run: RaisedRun };

/** No more of what is before a raised figure is looked at than this, in small letters. */
const BEFORE = 3.5;

/** Where raised figures and what they follow are above and below a baseline, in small letters. */
const TOP = 2.4;
const BELOW = 0.5;

/** Words with their raised figures lowered and enlarged, so that they read as any other word; and where the figures begin and end. */
function wordsToLookAt({ make }: PictureTools, picture: Raster, looks: readonly Look[]) {
	let x = MARGIN;
	const places = looks.map(({ line, run }) => {
		const letter = letterHeight(line);
		const scale = LETTER_HIGH / letter;
		const { box } = run;
		const baseline = baselineAt(line, box.x0);
		const begin = Math.max(line.words[run.word]?.box.x0 ?? box.x0, box.x0 - BEFORE * letter) - 1;
		const word = { x: begin, y: baseline - TOP * letter, width: box.x0 - begin, height: (TOP + BELOW) * letter };
		const figure = { x: box.x0, y: box.y0 - 1, width: box.x1 - box.x0 + 1, height: box.y1 - box.y0 + 2 };
		const inked = { x, y: MARGIN, width: word.width * scale, height: word.height * scale };
		const foot = MARGIN + TOP * LETTER_HIGH;
		const high = figure.height * scale * FIGURE_SCALE;
		const to = { x: x + inked.width, y: foot - high, width: figure.width * scale * FIGURE_SCALE, height: high };
		x = to.x + to.width + MARGIN;
		return { word, figure, inked, to };
	});
	const row = whiteRaster(make, x, 2 * MARGIN + (TOP + BELOW + 1) * LETTER_HIGH);
	for (const { word, figure, inked, to } of places) {
		const paper = paperOf(make, picture, word);
		drawInto(row, picture, word, inked);
		whiten(row, inked, paper);
		drawInto(row, picture, figure, to);
		whiten(row, to, paper);
	}
	return { row, places };
}

/** What a digit is taken for where it is read among letters. */
const AS_DIGIT: Readonly<Record<string, string>> = {
	l: '1',
	I: '1',
	'|': '1',
	i: '1',
	O: '0',
	o: '0',
	S: '5',
	s: '5',
	Z: '2',
	z: '2',
	B: '8',
	g: '9',
};

/** How many raised figures are looked at in one row. */
const FIGURES_IN_A_ROW = 10;

/** Lines whose raised figures were looked at again. */
async function lookedAgain(tools: PictureTools, picture: Raster, lines: readonly PageLine[]) {
	const runs = lines.map(raisedRuns);
	const looks = lines.flatMap((line, i) => (runs[i] ?? []).map((run): Look => ({ line, run })));
	const seen = new Map<RaisedRun, LookedAt>();
	for (let i = 0; i < looks.length; i += FIGURES_IN_A_ROW) {
		const some = looks.slice(i, i + FIGURES_IN_A_ROW);
		const { row, places } = wordsToLookAt(tools, picture, some);
		const signs = linesOf(await tools.recognise(row, 'row')).flatMap(({ words }) =>
			words.flatMap((word) => word.signs),
		);
		for (const [k, look] of some.entries()) {
			const to = places[k]?.to;
			const here = signs.filter(({ box }) => {
				const middle = (box.x0 + box.x1) / 2;
				return to && middle > to.x && middle < to.x + to.width + MARGIN / 3;
			});
			const digits = here
				.map(({ text }) => AS_DIGIT[text] ?? text)
				.join('')
				.replace(/[.,;:?)'’]+$/u, '');
			if (/^[-−–—~=]?\d+$/u.test(digits))
				seen.set(look.run, { digits, sure: Math.min(...here.map(({ sure }) => sure)) });
		}
	}
	return lines.map((line, i) => withRaised(line, runs[i] ?? [], seen));
}

/**
 * Reads a picture of a page: turned upright, recognised, its raised figures looked at again, its columns one after another.
 * @param picture as it came, turned as the camera was held.
 * @returns its lines as they are read, and the upright picture that their boxes are on.
 */
export async function readPicture(tools: PictureTools, picture: Raster): Promise<PictureRead> {
	const [straight, found] = await upright(tools, fitted(tools.make, picture));
	const lines = linesOf(found).filter(isWriting);
	return { lines: inReadingOrder(await lookedAgain(tools, straight, lines)), picture: straight };
}
