/** What a single comma before three digits means: the setting of a person, of a class or of a problem. */
export type DecimalMark = 'point' | 'comma';

/** A comma that may group or be the decimal mark: 1,250. In any other number it is clear which of them it is. */
const EITHER = /(?<![\d.,]|\d[ \u00a0\u2009\u202f])([1-9]\d{0,2}),(?=\d{3}(?!\d|[.,]\d|[ \u00a0\u2009\u202f]\d{3}))/gu;

/**
 * A text with a point for each comma that is a decimal mark only where the setting says so (contract, "numeral"). It is as long
 * as before, so that places in it stay.
 * @returns `1.250 kg` for `1,250 kg` where the mark is a comma; the text as it is where it is a point.
 */
export function withPoints(text: string, mark: DecimalMark = 'point'): string {
	return mark === 'comma' ? text.replace(EITHER, '$1.') : text;
}

/** The same text under the other reading of its commas; null where it has no comma that can be read in two ways. */
export function otherReading(text: string): string | null {
	const other = withPoints(text, 'comma');
	return other === text ? null : other;
}
