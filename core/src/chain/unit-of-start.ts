import { type Start, sidesOfStart } from './chain';

/** The unit of a start: of a rate or of two quantities, top over bottom. */
export function unitOfStart(start: Start): string {
	const { top, bottom } = sidesOfStart(start);
	return bottom ? `(${top.unit || '1'})/(${bottom.unit || '1'})` : top.unit;
}
