/** A box on a page, from its top left corner: in pixels of a picture, or in points of a PDF. */
export type Box = { readonly x0: number; readonly y0: number; readonly x1: number; readonly y1: number };

/** A sign as it was recognised, with how sure that is, from 0 to 1. */
export type PageSign = { readonly text: string; readonly box: Box; readonly sure: number };

/** A word with its signs. */
export type PageWord = { readonly box: Box; readonly signs: readonly PageSign[]; readonly sure: number };

/** A line of words from left to right, with the height of its baseline at its two ends. */
export type PageLine = {
	readonly box: Box;
	readonly words: readonly PageWord[];
	readonly baseline: { readonly left: number; readonly right: number };
};

/** The smallest box round others. */
export function around(boxes: readonly Box[]): Box {
	return {
		x0: Math.min(...boxes.map(({ x0 }) => x0)),
		y0: Math.min(...boxes.map(({ y0 }) => y0)),
		x1: Math.max(...boxes.map(({ x1 }) => x1)),
		y1: Math.max(...boxes.map(({ y1 }) => y1)),
	};
}

/** The middle one of some numbers; 0 for none. */
export function median(numbers: readonly number[]): number {
	const sorted = [...numbers].sort((a, b) => a - b);
	return sorted[Math.floor(sorted.length / 2)] ?? 0;
}

/** A word as text. */
export const textOfWord = ({ signs }: PageWord): string => signs.map(({ text }) => text).join('');

/** How high letters without a stem are, as far as there are any. */
const LOW_LETTERS = /^[acemnorsuvwxz]$/u;

/** The height of a small letter of a line, in the units of its boxes; of half the line if it has no such letter. */
export function letterHeight({ words, box }: PageLine): number {
	const heights = words.flatMap(({ signs }) =>
		signs.filter(({ text }) => LOW_LETTERS.test(text)).map(({ box: { y0, y1 } }) => y1 - y0),
	);
	return heights.length ? median(heights) : (box.y1 - box.y0) / 2;
}

/** Where the baseline of a line is at a place from the left. */
export function baselineAt({ box, baseline: { left, right } }: PageLine, x: number): number {
	const wide = box.x1 - box.x0;
	return wide <= 0 ? left : left + ((right - left) * (x - box.x0)) / wide;
}
