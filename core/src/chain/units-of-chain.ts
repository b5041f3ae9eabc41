import { type Chain, type Start, sidesOfStart } from './chain';

/** The units a start is written with. */
export function unitsOfStart(start: Start): readonly string[] {
	const { top, bottom } = sidesOfStart(start);
	return bottom ? [top.unit, bottom.unit] : [top.unit];
}

/** The units a line is written with, and the one it is to end at. */
export function unitsOfChain({ start, factors, want }: Chain): readonly string[] {
	return [
		...unitsOfStart(start),
		...factors.flatMap(({ top, bottom }) => [top.unit, bottom.unit]),
		...(want === undefined ? [] : [want]),
	];
}
