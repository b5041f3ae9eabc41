import type { DecimalMark } from '../numeral/decimal-mark';

/** A number with one point and no comma, as print has it; a point behind it ends a sentence. */
const POINTED = /(?<![\d.,])(\d+)\.(?=\d+(?![\d.,]*[.,]\d))/gu;

/**
 * A printed text with the decimal mark that is asked for (ISO 80000-1, 7.3.2 has both). It is as long as before.
 * @returns `27,1 ft/s` for `27.1 ft/s` where the mark is a comma; the text as it is where it is a point.
 */
export function inMark(text: string, mark: DecimalMark): string {
	return mark === 'comma' ? text.replace(POINTED, '$1,') : text;
}
