import { median } from './page-words';
import { greysOf, type Raster } from './raster';

/** A pixel is ink where it is darker than the paper round it by so much, of 255. */
const DARKER = 18;

/** How far round a pixel its paper is looked for, in pixels. */
const ROUND = 6;

/** The pixels of a small picture that are ink, from its middle. */
export type Ink = { readonly x: Float64Array; readonly y: Float64Array };

/**
 * The ink of a small picture: what is darker than the paper round it, so that a shadow is no ink.
 * @param small a picture of some hundred pixels a side.
 */
export function inkOf(small: Raster): Ink {
	const { width, height } = small;
	const greys = greysOf(small);
	const xs: number[] = [];
	const ys: number[] = [];
	for (let y = ROUND; y < height - ROUND; y += 1)
		for (let x = ROUND; x < width - ROUND; x += 1) {
			const at = y * width + x;
			const paper = Math.max(
				greys[at - ROUND] ?? 0,
				greys[at + ROUND] ?? 0,
				greys[at - ROUND * width] ?? 0,
				greys[at + ROUND * width] ?? 0,
			);
			if (paper - (greys[at] ?? 0) < DARKER) continue;
			xs.push(x - width / 2);
			ys.push(y - height / 2);
		}
	return { x: Float64Array.from(xs), y: Float64Array.from(ys) };
}

/** How clearly ink falls into rows across a direction: how much the rows change from each to the next. */
function rowsAcross({ x, y }: Ink, angle: number): number {
	const sin = Math.sin(angle);
	const cos = Math.cos(angle);
	const half = 1024;
	const rows = new Float64Array(2 * half);
	for (let i = 0; i < x.length; i += 1) {
		const row = Math.round((y[i] ?? 0) * cos - (x[i] ?? 0) * sin) + half;
		if (row >= 0 && row < rows.length) rows[row] = (rows[row] ?? 0) + 1;
	}
	let change = 0;
	for (let i = 1; i < rows.length; i += 1) change += ((rows[i] ?? 0) - (rows[i - 1] ?? 0)) ** 2;
	return change;
}

const RIGHT_ANGLE = Math.PI / 2;

/** How far from straight a page may be, in radians, and the step in which the angle is looked for. */
const MOST = (7 * Math.PI) / 180;
const STEP = (0.2 * Math.PI) / 180;

/** The angle near another at which ink falls most clearly into rows, and how clearly. */
function clearest(ink: Ink, about: number) {
	let best = { angle: about, rows: rowsAcross(ink, about) };
	for (let off = STEP; off <= MOST; off += STEP)
		for (const angle of [about + off, about - off]) {
			const rows = rowsAcross(ink, angle);
			if (rows > best.rows) best = { angle, rows };
		}
	return best;
}

/** How the lines of writing go on a picture. */
export type Direction = {
	/** Whether they go from top to bottom. */
	readonly sideways: boolean;
	/** How far they are from straight, in radians clockwise. */
	readonly skew: number;
	/** Where the middle of the writing is from the left, as a share of the width. */
	readonly across: number;
};

/** The direction of the lines of writing on a small picture of a page. */
export function directionOf(small: Raster): Direction {
	const ink = inkOf(small);
	const level = clearest(ink, 0);
	const upright = clearest(ink, RIGHT_ANGLE);
	const sideways = upright.rows > 1.2 * level.rows;
	const across = ink.x.length ? 0.5 + median([...ink.x]) / small.width : 0.5;
	return { sideways, skew: sideways ? upright.angle - RIGHT_ANGLE : level.angle, across };
}
