import { mixedNumberText } from './mixed-number-text';
import type { Numeral } from './numeral';
import { endingPlaces, plainText, printRounded } from './print';
import type { Rational } from './rational';
import { type Rounded, round } from './round';

/** Digits with a point after the first `before` of them; zeros are put in front where `before` is below 1. */
function pointed(digits: string, before: number): string {
	if (before >= digits.length) return digits + '0'.repeat(before - digits.length);
	if (before > 0) return `${digits.slice(0, before)}.${digits.slice(before)}`;
	return `0.${'0'.repeat(-before)}${digits}`;
}

/**
 * A rounded value in engineering form, its power of ten a multiple of three: "12.3e3". Where up to three
 * digits before the point would hide which figures count (two figures of 120 000), the next power up says
 * it: "0.12e6". Null for zero.
 */
export function engineeringText({ units, place }: Rounded): string | null {
	if (units === 0n) return null;
	const digits = `${units < 0n ? -units : units}`;
	const leading = place + digits.length - 1;
	let power = Math.floor(leading / 3) * 3;
	if (leading - power + 1 > digits.length) power += 3;
	return `${units < 0n ? '-' : ''}${pointed(digits, leading - power + 1)}e${power}`;
}

/** The ways a number can be written that a student can switch among. */
export const NUMBER_FORMS = ['plain', 'scientific', 'engineering', 'fraction'] as const;
export type NumberForm = (typeof NUMBER_FORMS)[number];

/** The most digits of a fraction's bottom that is offered. */
const FRACTION_DIGITS = 6;

/**
 * A number as written, in another form with the same figures: 3.0e3 as "3.0e3", "3000" or "3.0e3" in threes.
 * Where zeros are unclear the ones that are sure count. Null where the form cannot say it: plain over 24
 * characters, a fraction with a long bottom, or an exact number that does not end.
 */
export function inForm(number: Numeral, form: NumberForm): string | null {
	const { value, significant } = number;
	if (number.pi !== 0) return null;
	if (form === 'fraction') return `${value.d}`.length > FRACTION_DIGITS ? null : mixedNumberText(value);
	if (value.sign === 0) return form === 'plain' ? plainText(value, null) : null;
	if (significant === null) {
		if (endingPlaces(value) === null) return null;
		const sign = value.sign < 0 ? '-' : '';
		if (form === 'plain') return sign + plainText(value, null);
	}
	const rounded = round(value, { significant: significant ?? exactFigures(value) });
	return form === 'engineering' ? engineeringText(rounded) : printRounded(rounded)[form];
}

/** How many figures an exact value that ends has when written out. */
function exactFigures(value: Rational): number {
	const digits = plainText(value.abs(), null).replace('.', '').replace(/^0+/, '').replace(/0+$/, '');
	return Math.max(1, digits.length);
}
