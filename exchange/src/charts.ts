import { scaleBand, scaleLinear } from 'd3-scale';
import { area, curveMonotoneX, line } from 'd3-shape';

/** A bar cut into parts that lie one behind the other, from left to right. */
export type Bar = {
	readonly label: string;
	readonly y: number;
	readonly height: number;
	readonly parts: readonly { readonly x: number; readonly width: number; readonly count: number }[];
};

/** Where a scale is marked, and what stands there. */
export type Tick = { readonly x: number; readonly label: string };

export type Bars = {
	readonly width: number;
	readonly height: number;
	readonly bars: readonly Bar[];
	readonly ticks: readonly Tick[];
};

/** How much of the height of a row its bar leaves free. */
const PADDING = 0.3;

/**
 * Rows of counts as bars of one length for all of them together: the geometry only, for whoever draws it.
 * @param size the width the bars may take, and the height of a row, in pixels.
 */
export function stackedBars(
	rows: readonly { readonly label: string; readonly counts: readonly number[] }[],
	size: { readonly width: number; readonly row: number },
): Bars {
	const height = rows.length * size.row;
	const most = Math.max(1, ...rows.map(({ counts }) => counts.reduce((sum, count) => sum + count, 0)));
	const x = scaleLinear([0, most], [0, size.width]);
	const y = scaleBand(
		rows.map((_, i) => i),
		[0, height],
	).padding(PADDING);
	const bars = rows.map(({ label, counts }, i): Bar => {
		let from = 0;
		const parts = counts.map((count) => {
			const part = { x: x(from), width: x(from + count) - x(from), count };
			from += count;
			return part;
		});
		return { label, y: y(i) ?? 0, height: y.bandwidth(), parts };
	});
	const ticks = x
		.ticks(4)
		.filter(Number.isInteger)
		.map((tick) => ({ x: x(tick), label: `${tick}` }));
	return { width: size.width, height, bars, ticks };
}

export type Spread = {
	readonly width: number;
	readonly height: number;
	readonly fill: string;
	readonly edge: string;
	readonly ticks: readonly Tick[];
};

/** Into how many parts a spread from none to all is counted. */
const PARTS = 10;

/**
 * How shares, each from 0 to 1, are spread: a line over how many there are of each tenth, and what lies below it, as SVG
 * paths.
 */
export function spreadOf(shares: readonly number[], size: { readonly width: number; readonly height: number }): Spread {
	const counts = new Array<number>(PARTS + 1).fill(0);
	for (const share of shares) {
		const part = Math.round(Math.min(1, Math.max(0, share)) * PARTS);
		counts[part] = (counts[part] ?? 0) + 1;
	}
	const x = scaleLinear([0, PARTS], [0, size.width]);
	const y = scaleLinear([0, Math.max(1, ...counts)], [size.height, 0]);
	const at = (_: number, i: number) => x(i);
	const fill = area<number>()
		.x(at)
		.y0(size.height)
		.y1((count) => y(count))
		.curve(curveMonotoneX)(counts);
	const edge = line<number>()
		.x(at)
		.y((count) => y(count))
		.curve(curveMonotoneX)(counts);
	const ticks = [0, PARTS / 2, PARTS].map((part) => ({ x: x(part), label: `${(part / PARTS) * 100} %` }));
	return { ...size, fill: fill ?? '', edge: edge ?? '', ticks };
}

/** Where values stand on a line from nothing to the most of them, in pixels. */
export function spanOn(values: readonly number[], most: number, width: number): readonly number[] {
	const x = scaleLinear([0, Math.max(1, most)], [0, width]);
	return values.map((value) => x(value));
}

/** Columns that stand side by side, each cut into parts that lie one on the other from the bottom. */
export type Columns = {
	readonly columns: readonly {
		readonly x: number;
		readonly width: number;
		readonly parts: readonly { readonly y: number; readonly height: number; readonly count: number }[];
	}[];
	/** How many the highest column is of; it fills the height. */
	readonly most: number;
};

/** How much of the width of a column stays free, and the widest a column is drawn, in pixels. */
const BETWEEN = 0.25;
const WIDEST = 44;

/**
 * Counts in a row of times as stacked columns: the geometry only, for whoever draws it.
 * @param rows the counts of each time, from the bottom of its column up.
 * @param size the room for all of them, in pixels; `most` is how many fill the height, where several charts share one scale.
 */
export function stackedColumns(
	rows: readonly (readonly number[])[],
	size: { readonly width: number; readonly height: number; readonly most?: number },
): Columns {
	const most = size.most ?? Math.max(1, ...rows.map((counts) => counts.reduce((sum, count) => sum + count, 0)));
	const width = Math.min(size.width, rows.length * WIDEST);
	const x = scaleBand(
		rows.map((_, i) => i),
		[0, width],
	).padding(BETWEEN);
	const y = scaleLinear([0, most], [0, size.height]);
	const columns = rows.map((counts, i) => {
		let from = 0;
		const parts = counts.map((count) => {
			const part = { y: size.height - y(from + count), height: y(count), count };
			from += count;
			return part;
		});
		return { x: x(i) ?? 0, width: x.bandwidth(), parts };
	});
	return { columns, most };
}

/**
 * Where moments stand on a line of time, in pixels; one moment alone stands in the middle.
 * @param span the first and the last moment the line shows, in milliseconds since 1970.
 */
export function placesInTime(
	moments: readonly number[],
	span: readonly [number, number],
	width: number,
): readonly number[] {
	const x = scaleLinear(span, [0, width]);
	return moments.map((moment) => (span[0] === span[1] ? width / 2 : x(moment)));
}
