import { bad, good, type Outcome, within } from './fault';
import { NUMERAL_LIMIT, type Numeral } from './numeral';
import { parseNumeral } from './parse-numeral';
import { endingPlaces, printRounded } from './print';
import type { Rational } from './rational';
import { round } from './round';

/** The last place a number is written to; null where it is no decimal that ends. */
function lastPlaceOf({ form, value, pi }: Numeral): number | null {
	if (pi !== 0) return null;
	if (form.kind === 'decimal') return (form.exponent ?? 0) - (form.digits.split('.')[1]?.length ?? 0);
	const places = endingPlaces(value.abs());
	return places === null ? null : -places;
}

/** A value to a place, as a numeral that can be read again. */
function writtenTo(value: Rational, place: number): string {
	const { plain, scientific } = printRounded(round(value, { place }));
	return plain ?? scientific ?? '0';
}

/**
 * A number moved up or down by a step, written to the finer of the two last places, so that nothing is rounded:
 * 9.9 and 0.1 give 10.0.
 * @returns the number as it is typed, or a fault: of the number, of the step (`in` is "by"), or `endless` for a
 * number that no decimals can write, such as 1/3 or π;
 * `too-large` where the sum has too many digits to be a numeral.
 */
export function stepNumber(text: string, by: string, times: 1 | -1): Outcome<string> {
	const number = parseNumeral(text);
	if (!number.ok) return { ok: false, fault: within(number.fault, 'number') };
	const step = parseNumeral(by);
	if (!step.ok) return { ok: false, fault: within(step.fault, 'by') };
	const [place, stepPlace] = [lastPlaceOf(number.value), lastPlaceOf(step.value)];
	if (place === null || stepPlace === null)
		return bad('endless', 'This decimal never ends, so it cannot be stepped. Type a number that ends.');
	const moved = times === 1 ? number.value.value.add(step.value.value) : number.value.value.sub(step.value.value);
	const written = writtenTo(moved, Math.min(place, stepPlace));
	if (written.length > NUMERAL_LIMIT)
		return bad('too-large', `That number would have more than ${NUMERAL_LIMIT} digits. Choose a step nearer its size.`);
	return good(written);
}
