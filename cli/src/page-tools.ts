import { dirname, join } from 'node:path';
import type { Canvas } from '@napi-rs/canvas';
import { type Found, openPdfWith, type PageTools, type Raster } from '@tidy-sum/exchange/page';

/** The trained data that ships with the program: nothing is fetched. */
const data = () => join(dirname(require.resolve('@tesseract.js-data/eng/package.json')), '4.0.0_best_int');

/** Tools to read pictures, PDFs and Word files in Node, and what ends what they started. */
export type NodePageTools = PageTools & { readonly end: () => Promise<void> };

/** How a camera was held, as EXIF has it, as quarters of a turn to the right. */
const QUARTERS: Readonly<Record<number, number>> = { 3: 2, 4: 2, 5: 1, 6: 1, 7: 3, 8: 3 };

/** The tools; each package is loaded when it is first needed. */
export async function nodePageTools(): Promise<NodePageTools> {
	const { createCanvas, loadImage } = await import('@napi-rs/canvas');
	const make = (width: number, height: number): Raster => createCanvas(width, height);
	let started: Promise<import('tesseract.js').Worker> | null = null;
	const begin = async () => {
		const { createWorker } = await import('tesseract.js');
		const worker = await createWorker('eng', 1, { langPath: data(), gzip: true, cacheMethod: 'none' });
		// A shaded page is read with a threshold of its own for each place; what is found out on the way is not printed.
		await worker.setParameters({ thresholding_method: '2', debug_file: '/dev/null' } as never);
		return worker;
	};
	return {
		make,
		recognise: async (picture, what) => {
			started ??= begin();
			const worker = await started;
			const { PSM } = await import('tesseract.js');
			await worker.setParameters({ tessedit_pageseg_mode: what === 'page' ? PSM.AUTO : PSM.SINGLE_LINE });
			const { data: found } = await worker.recognize(
				(picture as Canvas).toBuffer('image/png'),
				{},
				{ blocks: true, text: false },
			);
			return found as Found;
		},
		decode: async (bytes) => {
			const { default: exifr } = await import('exifr');
			const drawn = await loadImage(Buffer.from(bytes));
			const orientation = (await exifr.orientation(Buffer.from(bytes)).catch(() => undefined)) ?? 1;
			const turns = QUARTERS[orientation] ?? 0;
			const [width, height] = turns % 2 ? [drawn.height, drawn.width] : [drawn.width, drawn.height];
			const canvas = createCanvas(width, height);
			const context = canvas.getContext('2d');
			context.translate(width / 2, height / 2);
			context.rotate((turns * Math.PI) / 2);
			context.drawImage(drawn, -drawn.width / 2, -drawn.height / 2);
			return canvas;
		},
		openPdf: async (bytes) => {
			const pdfjs = await import('pdfjs-dist/legacy/build/pdf.mjs');
			return openPdfWith(pdfjs, bytes, make);
		},
		wordHtml: async (bytes) => {
			const { default: mammoth } = await import('mammoth');
			const { value, messages } = await mammoth.convertToHtml({ buffer: Buffer.from(bytes) });
			return { html: value, leftOut: messages.map(({ message }) => message) };
		},
		end: async () => {
			await (await started)?.terminate();
		},
	};
}
