import { type Rational, rational } from './rational';
import type { Rounded } from './round';

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

/** A value as a mixed number as it is typed: "3 1/2"; a part of nothing is left out. */
export function mixedNumberText(value: Rational): string {
	const size = value.abs();
	const whole = size.floor();
	const part = size.sub(rational(whole));
	const sign = value.sign < 0 ? '-' : '';
	if (part.sign === 0) return `${sign}${whole}`;
	return `${sign}${whole === 0n ? '' : `${whole} `}${part.n}/${part.d}`;
}
