import { bad, good, type Outcome } from '@tidy-sum/core';
import { unzipSync } from 'fflate';
import { inReadingOrder } from './columns';
import { type KindOfFile, kindOfFile } from './kind-of-file';
import { type PageText, pageText, type ReadPage } from './page-text';
import { type PdfRun, pdfLines } from './pdf-lines';
import type { Raster } from './raster';
import { LONG_SIDE, type PictureTools, readPicture } from './read-picture';
import { wordText } from './word-text';
import * as words from './words';

/** A page of a PDF that was opened: its size in points, its runs of text, and how it is drawn. */
export type PdfPage = {
	readonly high: number;
	readonly runs: () => Promise<readonly PdfRun[]>;
	readonly drawn: (longSide: number) => Promise<Raster>;
};

/** What it takes to read files of pages; each part is fetched when it is first needed. */
export type PageTools = PictureTools & {
	/** Draws a picture upright, as the camera was held. */
	readonly decode: (bytes: Uint8Array) => Promise<Raster>;
	/** Opens a PDF: how many pages it has, and each of them, from 0. @throws an error named PasswordException. */
	readonly openPdf: (
		bytes: Uint8Array,
	) => Promise<{ readonly count: number; readonly page: (at: number) => Promise<PdfPage>; readonly close: () => void }>;
	/** Turns a Word file into HTML, and says what it left out. */
	readonly wordHtml: (bytes: Uint8Array) => Promise<{ readonly html: string; readonly leftOut: readonly string[] }>;
};

/** How far reading is: pages that are read of all, and the text so far. */
export type PagesSoFar = { readonly done: number; readonly of: number; readonly text: string };

/** Pages that were read: their text, what of it is in doubt, and what there is to say of them. */
export type PagesRead = PageText & {
	/** The pictures that the places of doubts are on, by page; null for a page that was read from no picture. */
	readonly pictures: readonly (Raster | null)[];
	/** What a person should know: pages that were left out, or that have nothing to read. */
	readonly notes: readonly string[];
};

/** No more pages of a file are read than this. */
const PAGES_LIMIT = 20;

/** A page of a PDF with less text than this is a picture of a page. */
const LEAST_TEXT = 12;

/** A Word file that unpacks to more than this is not opened, in bytes. */
const WORD_LIMIT = 50_000_000;

type Reader = (bytes: Uint8Array, tools: PageTools, onPage: (soFar: PagesSoFar) => void) => Promise<Outcome<PagesRead>>;

async function readPdf(
	bytes: Uint8Array,
	tools: PageTools,
	onPage: (soFar: PagesSoFar) => void,
): Promise<Outcome<PagesRead>> {
	let pdf: Awaited<ReturnType<PageTools['openPdf']>>;
	try {
		pdf = await tools.openPdf(bytes);
	} catch (fault) {
		const isLocked = fault instanceof Error && fault.name === 'PasswordException';
		return bad('shape', isLocked ? words.thisPdfHasAPassword : words.thisPdfIsDamaged);
	}
	try {
		const of = Math.min(pdf.count, PAGES_LIMIT);
		const pages: ReadPage[] = [];
		const pictures: (Raster | null)[] = [];
		for (let at = 0; at < of; at += 1) {
			const page = await pdf.page(at);
			const lines = pdfLines(await page.runs(), page.high);
			const length = lines.flatMap((line) => line.words.flatMap(({ signs }) => signs)).length;
			if (length >= LEAST_TEXT) {
				pages.push({ lines: inReadingOrder(lines), recognised: false });
				pictures.push(null);
			} else {
				const { lines: seen, picture } = await readPicture(tools, await page.drawn(LONG_SIDE));
				pages.push({ lines: seen, recognised: true });
				pictures.push(picture);
			}
			onPage({ done: at + 1, of, text: pageText(pages).text });
		}
		const notes = pdf.count > of ? [words.onlyTheFirstPagesWereRead(of, pdf.count)] : [];
		return good({ ...pageText(pages), pictures, notes });
	} catch {
		return bad('shape', words.thisPdfIsDamaged);
	} finally {
		pdf.close();
	}
}

/** Whether a packed file says it unpacks to no more than the limit, part by part. */
function isSmall(bytes: Uint8Array): boolean {
	let size = 0;
	try {
		unzipSync(bytes, {
			filter: ({ originalSize }) => {
				size += originalSize;
				return false;
			},
		});
	} catch {
		return false;
	}
	return size <= WORD_LIMIT;
}

async function readWord(bytes: Uint8Array, tools: PageTools): Promise<Outcome<PagesRead>> {
	if (!isSmall(bytes)) return bad('shape', words.thisWordFileIsDamaged);
	try {
		const { html, leftOut } = await tools.wordHtml(bytes);
		const notes = leftOut.some((says) => /oMath/u.test(says)) ? [words.equationsAreLeftOut] : [];
		return good({ text: wordText(html), doubts: [], pictures: [], notes });
	} catch {
		return bad('shape', words.thisWordFileIsDamaged);
	}
}

/** Reads a picture; `damaged` is what is said where it cannot be drawn. */
const pictureReader =
	(damaged: string): Reader =>
	async (bytes, tools) => {
		const drawn = await tools.decode(bytes).catch(() => null);
		if (!drawn) return bad('shape', damaged);
		const { lines, picture } = await readPicture(tools, drawn);
		return good({ ...pageText([{ lines, recognised: true }]), pictures: [picture], notes: [] });
	};

const refused =
	(says: string): Reader =>
	async () =>
		bad('shape', says);

/** How each kind of file is read; `other` is no file of pages. */
const READERS: Readonly<Record<Exclude<KindOfFile, 'other'>, Reader>> = {
	picture: pictureReader(words.thisPictureIsDamaged),
	pdf: readPdf,
	word: readWord,
	heic: pictureReader(words.thisIsAHeicPicture),
	'old word': refused(words.thisIsAnOldWordFile),
	svg: refused(words.thisIsADrawing),
};

/**
 * Reads a picture, a PDF or a Word file.
 * @param onPage called after each page of a PDF.
 * @returns the text, what of it is in doubt, and notes; `shape` with a sentence where it cannot be read, `empty` where there is
 * nothing on it to read.
 */
export async function readPages(
	bytes: Uint8Array,
	tools: PageTools,
	onPage: (soFar: PagesSoFar) => void = () => {},
): Promise<Outcome<PagesRead>> {
	const kind = kindOfFile(bytes);
	if (kind === 'other') return bad('shape', words.thisIsNoPage);
	const read = await READERS[kind](bytes, tools, onPage);
	if (read.ok && read.value.text.trim() === '') return bad('empty', words.thereIsNothingToReadOnIt);
	return read;
}
