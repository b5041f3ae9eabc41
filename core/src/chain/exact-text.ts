import { decimalText, endingPlaces } from '../numeral/print';
import type { Rational } from '../numeral/rational';

/** A number written out exactly: decimals where it ends, else a fraction. */
export function exactText(value: Rational): string {
	const size = value.abs();
	if (value.sign === 0) return '0';
	const text = endingPlaces(size) === null ? `${size.n}/${size.d}` : decimalText(size);
	return value.sign < 0 ? `-${text}` : text;
}
