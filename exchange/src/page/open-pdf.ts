import type { PdfRun } from './pdf-lines';
import type { MakeRaster, Raster } from './raster';
import type { PdfPage } from './read-pages';

/** What is used of pdfjs-dist. */
type Pdfjs = {
	readonly getDocument: (how: Record<string, unknown>) => { readonly promise: Promise<unknown> };
};

type Viewport = { readonly width: number; readonly height: number };

type Page = {
	readonly getViewport: (how: { readonly scale: number }) => Viewport;
	readonly getTextContent: () => Promise<{ readonly items: readonly unknown[] }>;
	readonly render: (how: Record<string, unknown>) => { readonly promise: Promise<unknown> };
};

type Document = {
	readonly numPages: number;
	readonly getPage: (number: number) => Promise<Page>;
	readonly destroy: () => Promise<void>;
};

/** A run of text has a string; a mark of structure does not. */
const isRun = (item: unknown): item is PdfRun => typeof (item as PdfRun).str === 'string';

/**
 * Opens a PDF with pdfjs-dist, without running anything that is in it.
 * @param more what this place needs besides: where its fonts and maps of characters are.
 * @throws an error named PasswordException where it has a password.
 */
export async function openPdfWith(
	pdfjs: Pdfjs,
	bytes: Uint8Array,
	make: MakeRaster,
	more: Record<string, unknown> = {},
) {
	const opened = pdfjs.getDocument({
		// The package takes the bytes for itself.
		data: Uint8Array.from(bytes),
		isEvalSupported: false,
		enableXfa: false,
		verbosity: 0,
		...more,
	});
	const pdf = (await opened.promise) as Document;
	return {
		count: pdf.numPages,
		page: async (at: number): Promise<PdfPage> => {
			const page = await pdf.getPage(at + 1);
			const points = page.getViewport({ scale: 1 });
			return {
				high: points.height,
				runs: async () => (await page.getTextContent()).items.filter(isRun),
				drawn: async (longSide): Promise<Raster> => {
					const viewport = page.getViewport({ scale: longSide / Math.max(points.width, points.height) });
					const canvas = make(Math.round(viewport.width), Math.round(viewport.height));
					await page.render({ canvas, canvasContext: canvas.getContext('2d'), viewport, background: '#fff' }).promise;
					return canvas;
				},
			};
		},
		close: () => void pdf.destroy().catch(() => {}),
	};
}
