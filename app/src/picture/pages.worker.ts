/// <reference lib="webworker" />
import { bad, good } from '@tidy-sum/core';
import {
	type Box,
	type Found,
	LONG_SIDE,
	openPdfWith,
	type PagesRead,
	type PageTools,
	type Raster,
	readPages,
} from '@tidy-sum/exchange/page';
import { expose } from 'comlink';
import mammoth from 'mammoth';
import * as pdfjs from 'pdfjs-dist/legacy/build/pdf.mjs';
import * as pdfWorker from 'pdfjs-dist/legacy/build/pdf.worker.mjs';
import { createWorker, OEM, PSM, type Worker as Recogniser } from 'tesseract.js';
import type { DoubtFound, PageJobs } from './page-jobs';

// A PDF is read in this worker, without another one.
Object.assign(globalThis, { pdfjsWorker: pdfWorker });

/** Where the files beside this one are. */
const HERE = new URL('.', globalThis.location.href).href.replace(/\/$/u, '');

const make = (width: number, height: number): Raster => new OffscreenCanvas(width, height);

let recogniser: Promise<Recogniser> | null = null;

async function begin(): Promise<Recogniser> {
	const worker = await createWorker('eng', OEM.LSTM_ONLY, {
		workerPath: `${HERE}/worker.min.js`,
		corePath: `${HERE}/tesseract-core-simd-lstm.wasm.js`,
		langPath: HERE,
		workerBlobURL: false,
		cacheMethod: 'none',
		gzip: true,
	});
	// A shaded page is read with a threshold of its own for each place.
	await worker.setParameters({ thresholding_method: '2', debug_file: '/dev/null' } as never);
	return worker;
}

/** A picture as it is read: drawn at once no larger than that, since a photo of a phone would take all memory. */
async function decode(bytes: Uint8Array): Promise<Raster> {
	const picture = await createImageBitmap(new Blob([bytes as BlobPart]), { imageOrientation: 'from-image' });
	const scale = Math.min(1, LONG_SIDE / Math.max(picture.width, picture.height));
	const canvas = new OffscreenCanvas(Math.round(picture.width * scale), Math.round(picture.height * scale));
	canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
	picture.close();
	return canvas;
}

/** A canvas for the parts of a page that are drawn apart. */
class Canvases {
	create(width: number, height: number) {
		const canvas = new OffscreenCanvas(width, height);
		return { canvas, context: canvas.getContext('2d') };
	}
	reset({ canvas }: { readonly canvas: OffscreenCanvas }, width: number, height: number) {
		Object.assign(canvas, { width, height });
	}
	destroy() {}
}

/** No page is drawn through a filter: they need a document. */
class NoFilters {
	addFilter = () => 'none';
	addHCMFilter = () => 'none';
	addAlphaFilter = () => 'none';
	addLuminosityFilter = () => 'none';
	addKnockoutFilter = () => 'none';
	addHighlightHCMFilter = () => 'none';
	destroy() {}
}

const tools: PageTools = {
	make,
	decode,
	recognise: async (picture, what) => {
		// Without a network it cannot begin, and is tried again with the next picture.
		recogniser ??= begin().catch((fault) => {
			recogniser = null;
			throw fault;
		});
		const worker = await recogniser;
		await worker.setParameters({ tessedit_pageseg_mode: what === 'page' ? PSM.AUTO : PSM.SINGLE_LINE });
		const blob = await (picture as OffscreenCanvas).convertToBlob({ type: 'image/png' });
		const { data } = await worker.recognize(blob, {}, { blocks: true, text: false });
		return data as Found;
	},
	openPdf: (bytes) =>
		openPdfWith(pdfjs as never, bytes, make, {
			CanvasFactory: Canvases,
			FilterFactory: NoFilters,
			disableFontFace: true,
			useSystemFonts: false,
		}),
	wordHtml: async (bytes) => {
		const { value, messages } = await mammoth.convertToHtml({ arrayBuffer: Uint8Array.from(bytes).buffer });
		return { html: value, leftOut: messages.map(({ message }) => message) };
	},
};

/** White round a word on the strip of it, as a share of its height. */
const ROUND = 0.8;

async function strip(picture: Raster, { x0, y0, x1, y1 }: Box): Promise<string> {
	const pad = (y1 - y0) * ROUND;
	const [x, y] = [Math.max(0, x0 - 3 * pad), Math.max(0, y0 - pad)];
	const [width, height] = [Math.min(picture.width, x1 + 3 * pad) - x, Math.min(picture.height, y1 + pad) - y];
	const canvas = new OffscreenCanvas(Math.max(1, width), Math.max(1, height));
	canvas
		.getContext('2d')
		?.drawImage(picture as OffscreenCanvas, x, y, width, height, 0, 0, canvas.width, canvas.height);
	return new FileReaderSync().readAsDataURL(await canvas.convertToBlob({ type: 'image/png' }));
}

/** The doubts of a file, each with its strip, at their places in the text of all files. */
function doubtsOf({ doubts, pictures }: PagesRead, from: number): Promise<readonly DoubtFound[]> {
	return Promise.all(
		doubts.map(async ({ at, page, box }) => {
			const picture = pictures[page];
			return { at: [from + at[0], from + at[1]] as const, strip: picture ? await strip(picture, box) : null };
		}),
	);
}

const jobs: PageJobs = {
	async readPages(files, onSoFar) {
		let text = '';
		const doubts: DoubtFound[] = [];
		const notes: string[] = [];
		for (const [file, { name, bytes }] of files.entries()) {
			onSoFar({ file, files: files.length, done: 0, of: 1, text });
			const before = text === '' ? '' : `${text}\n\n`;
			const read = await readPages(bytes, tools, (soFar) =>
				onSoFar({ ...soFar, file, files: files.length, text: before + soFar.text }),
			);
			if (!read.ok && files.length === 1) return bad(read.fault.code, `${name}: ${read.fault.message}`);
			// The others are read even if one cannot be.
			if (!read.ok) notes.push(`${name}: ${read.fault.message}`);
			else {
				doubts.push(...(await doubtsOf(read.value, before.length)));
				notes.push(...read.value.notes);
				text = before + read.value.text;
			}
		}
		return text === '' ? bad('empty', notes.join(' ')) : good({ text, doubts, notes });
	},
};

expose(jobs);
