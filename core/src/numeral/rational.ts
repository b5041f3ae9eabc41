import Fraction from 'fraction.js';

/** An exact rational number. Immutable: every operation gives a new one. */
export type Rational = Fraction;

export const ONE: Rational = new Fraction(1n);

/**
 * The rational n/d in lowest terms.
 * @throws RangeError when d is zero; callers that take typed text check for it first.
 */
export function rational(n: bigint | number, d: bigint | number = 1n): Rational {
	const below = BigInt(d);
	if (below === 0n) throw new RangeError('a rational number has no zero below');
	return new Fraction(BigInt(n), below);
}

/** Ten to a whole power, positive or negative, exactly. */
export function tenTo(power: number): Rational {
	return power >= 0 ? new Fraction(10n ** BigInt(power)) : new Fraction(1n, 10n ** BigInt(-power));
}

/** A rational to a whole power; the base must not be zero when the power is negative. */
export function toPower(base: Rational, power: number): Rational {
	const top = (base.s * base.n) ** BigInt(Math.abs(power));
	const bottom = base.d ** BigInt(Math.abs(power));
	return power >= 0 ? new Fraction(top, bottom) : new Fraction(bottom, top);
}

/** `"n/d"` in lowest terms with d positive, or `"n"` for a whole number: the boundary form of the contract. */
export function rationalText(value: Rational): string {
	const n = `${value.s * value.n}`;
	return value.d === 1n ? n : `${n}/${value.d}`;
}

const BOUNDARY = /^(-?\d+)(?:\/(\d+))?$/;
const DECIMAL = /^(-?)(\d+)(?:\.(\d+))?(?:e([+-]?\d+))?$/;

/** The value of a boundary text (`"n/d"` or `"n"`); null when it is not one or has zero below. */
export function rationalFromText(text: string): Rational | null {
	const match = BOUNDARY.exec(text);
	if (!match) return null;
	const d = BigInt(match[2] ?? 1);
	return d === 0n ? null : new Fraction(BigInt(match[1] as string), d);
}

/**
 * The value of a number in a table row: `"n/d"`, `"0.3048"`, `"1.602176634e-19"`.
 * @throws RangeError when the row is malformed: a defect of the table, never of what someone typed.
 */
export function rationalOfRow(text: string): Rational {
	const plain = rationalFromText(text);
	if (plain) return plain;
	const match = DECIMAL.exec(text);
	if (!match) throw new RangeError(`not a number for a table: ${text}`);
	const [, sign, whole, part = '', power = '0'] = match;
	const digits = new Fraction(BigInt(`${sign}${whole}${part}`));
	return digits.mul(tenTo(Number(power) - part.length));
}

/** Greatest whole number not above the value. */
export function floorOf(value: Rational): bigint {
	const n = value.s * value.n;
	const q = n / value.d;
	return n < 0n && q * value.d !== n ? q - 1n : q;
}

/** Whether the value is a whole number. */
export function isWhole(value: Rational): boolean {
	return value.d === 1n;
}

/** Whether the value is a whole power of ten, positive or negative. */
export function isPowerOfTen(value: Rational): boolean {
	if (value.s <= 0n) return false;
	const large = value.d === 1n ? value.n : value.n === 1n ? value.d : 0n;
	return large > 0n && /^10*$/.test(`${large}`);
}

/** The power of ten of the leading digit: 2 for 350, -2 for 0.035. The value must not be zero. */
export function leadingPlace(value: Rational): number {
	const guess = `${value.n}`.length - `${value.d}`.length;
	const size = value.abs();
	return size.compare(tenTo(guess)) >= 0 ? guess : guess - 1;
}
