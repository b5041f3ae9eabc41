/** What is drawn into a raster, as far as reading a page needs it. */
type Context = {
	fillStyle: unknown;
	globalCompositeOperation: string;
	fillRect(x: number, y: number, width: number, height: number): void;
	translate(x: number, y: number): void;
	rotate(angle: number): void;
	drawImage(
		source: never,
		sx: number,
		sy: number,
		sWidth: number,
		sHeight: number,
		x: number,
		y: number,
		width: number,
		height: number,
	): void;
	getImageData(x: number, y: number, width: number, height: number): { readonly data: ArrayLike<number> };
};

/** A picture that can be drawn from and into: an OffscreenCanvas of a browser, or a canvas of Node. */
export type Raster = { readonly width: number; readonly height: number; getContext(kind: '2d'): unknown };

/** Makes an empty raster of so many pixels. */
export type MakeRaster = (width: number, height: number) => Raster;

const contextOf = (raster: Raster) => raster.getContext('2d') as Context;

/** An empty white raster. */
export function whiteRaster(make: MakeRaster, width: number, height: number): Raster {
	const raster = make(Math.max(1, Math.round(width)), Math.max(1, Math.round(height)));
	const context = contextOf(raster);
	context.fillStyle = '#fff';
	context.fillRect(0, 0, raster.width, raster.height);
	return raster;
}

/** A part of a raster, in pixels from its top left corner. */
export type Place = { readonly x: number; readonly y: number; readonly width: number; readonly height: number };

/** Draws a part of a raster into another. */
export function drawInto(into: Raster, source: Raster, from: Place, to: Place): void {
	const context = contextOf(into);
	context.drawImage(source as never, from.x, from.y, from.width, from.height, to.x, to.y, to.width, to.height);
}

const whole = ({ width, height }: Raster): Place => ({ x: 0, y: 0, width, height });

/** A raster made larger or smaller. */
export function scaled(make: MakeRaster, source: Raster, scale: number): Raster {
	if (Math.abs(scale - 1) < 0.01) return source;
	const into = whiteRaster(make, source.width * scale, source.height * scale);
	drawInto(into, source, whole(source), whole(into));
	return into;
}

/** A raster turned clockwise by an angle in radians, on white. */
export function turned(make: MakeRaster, source: Raster, angle: number): Raster {
	if (angle === 0) return source;
	const { width, height } = source;
	const [sin, cos] = [Math.abs(Math.sin(angle)), Math.abs(Math.cos(angle))];
	const into = whiteRaster(make, width * cos + height * sin, width * sin + height * cos);
	const context = contextOf(into);
	context.translate(into.width / 2, into.height / 2);
	context.rotate(angle);
	context.drawImage(source as never, 0, 0, width, height, -width / 2, -height / 2, width, height);
	return into;
}

/** A part of a raster. */
export function cropped(make: MakeRaster, source: Raster, from: Place): Raster {
	const into = whiteRaster(make, from.width, from.height);
	drawInto(into, source, from, whole(into));
	return into;
}

/** The grey of each pixel of a raster, from 0 for black to 255 for white, row by row. */
export function greysOf(raster: Raster): Float64Array {
	const { data } = contextOf(raster).getImageData(0, 0, raster.width, raster.height);
	const greys = new Float64Array(raster.width * raster.height);
	for (let i = 0; i < greys.length; i += 1)
		greys[i] = 0.3 * (data[4 * i] ?? 0) + 0.59 * (data[4 * i + 1] ?? 0) + 0.11 * (data[4 * i + 2] ?? 0);
	return greys;
}

/** How light the paper of a part of a raster is, from 0 for black to 1 for white. */
export function paperOf(make: MakeRaster, source: Raster, from: Place): number {
	const greys = greysOf(cropped(make, source, from)).sort();
	return (greys[Math.floor(greys.length * 0.8)] ?? 255) / 255;
}

/** Makes paper of so much light white in a part of a raster, and what is on it lighter by as much. */
export function whiten(raster: Raster, { x, y, width, height }: Place, paper: number): void {
	if (paper > 0.97 || paper <= 0) return;
	const context = contextOf(raster);
	const dodge = Math.round((1 - paper) * 255);
	context.globalCompositeOperation = 'color-dodge';
	context.fillStyle = `rgb(${dodge},${dodge},${dodge})`;
	context.fillRect(x, y, width, height);
	context.globalCompositeOperation = 'source-over';
}
