import { digitsOf, type FirstFigures, firstOfSafe, gcd, SAFE, shareTens, tens } from './whole';

/** A whole number over a divisor of it, which most often is one. */
function over(whole: bigint, divisor: bigint): bigint {
	return divisor === 1n ? whole : whole / divisor;
}

type Ratio = { readonly n: bigint; readonly d: bigint };

/**
 * An exact rational number: a/b times 10^e, a and b without a common divisor and b above zero. The power
 * of ten of what is written in decimals stays apart, so that the whole numbers stay small through a long
 * product, and lowest terms are worked out only when they are asked for. Immutable.
 */
export class Rational {
	static readonly zero = new Rational(0n, 1n, 0);

	private low: Ratio | null = null;

	private constructor(
		private readonly a: bigint,
		private readonly b: bigint,
		private readonly e: number,
	) {}

	/** n/d times 10^power, for any d but zero. */
	static of(n: bigint, d: bigint, power: number): Rational {
		if (n === 0n) return Rational.zero;
		if (d === 1n) return new Rational(n, d, power);
		const common = d < 0n ? -gcd(n, d) : gcd(n, d);
		return new Rational(n / common, d / common, power);
	}

	/** Numerator and denominator as whole numbers, not always in lowest terms. */
	private get whole(): Ratio {
		const { a, b, e } = this;
		return e >= 0 ? { n: a * tens(e), d: b } : { n: a, d: b * tens(-e) };
	}

	private get lowest(): Ratio {
		if (this.low) return this.low;
		const { a, b, e } = this;
		if (e === 0) this.low = { n: a, d: b };
		else if (e > 0) {
			// a and b have nothing in common: what b loses, it shares with the power of ten.
			const shared = b === 1n ? 1n : gcd(b, tens(e) % b);
			this.low = { n: (a * tens(e)) / shared, d: b / shared };
		} else {
			const shared = a === 1n || a === -1n ? 1n : gcd(a, tens(-e) % a);
			this.low = { n: a / shared, d: (b * tens(-e)) / shared };
		}
		return this.low;
	}

	/**
	 * Nearly the value, as a floating number: to sort out quickly what cannot be equal, never to show or to judge.
	 * Infinite, 0 or NaN where it is out of a float's reach.
	 */
	nearly(): number {
		return (Number(this.a) / Number(this.b)) * 10 ** this.e;
	}

	/** The numerator in lowest terms, with the sign. */
	get n(): bigint {
		return this.lowest.n;
	}

	/** The denominator in lowest terms, above zero. */
	get d(): bigint {
		return this.lowest.d;
	}

	/** `"n/d"` in lowest terms with d above zero, or `"n"` for a whole number: the boundary form of the contract. */
	text(): string {
		const { a, b, e } = this;
		if (e === 0) return b === 1n ? `${a}` : `${a}/${b}`;
		if (e > 0) {
			const { rest, digits, zeros } = shareTens(b, e);
			return rest === 1n ? `${a * digits}${zeros}` : `${a * digits}${zeros}/${rest}`;
		}
		const { rest, digits, zeros } = shareTens(a, -e);
		const below = `${b * digits}${zeros}`;
		return below === '1' ? `${rest}` : `${rest}/${below}`;
	}

	/** -1, 0 or 1. */
	get sign(): -1 | 0 | 1 {
		return this.a === 0n ? 0 : this.a < 0n ? -1 : 1;
	}

	neg(): Rational {
		return new Rational(-this.a, this.b, this.e);
	}

	abs(): Rational {
		return this.a < 0n ? this.neg() : this;
	}

	mul(other: Rational): Rational {
		const { a, b, e } = this;
		if (a === 0n || other.a === 0n) return Rational.zero;
		if (other.b === 1n) {
			if (other.a === 1n && other.e === 0) return this;
			if (b === 1n) return new Rational(a * other.a, b, e + other.e);
		}
		const first = other.b === 1n ? 1n : gcd(a, other.b);
		const second = b === 1n ? 1n : gcd(other.a, b);
		return new Rational(over(a, first) * over(other.a, second), over(b, second) * over(other.b, first), e + other.e);
	}

	/** @throws RangeError by zero: a defect of the caller, who looks for it in what was typed. */
	div(other: Rational): Rational {
		if (other.a === 0n) throw new RangeError('a rational number has no zero below');
		if (this.b === 1n && other.b === 1n) return Rational.of(this.a, other.a, this.e - other.e);
		const under = other.a < 0n;
		return this.mul(new Rational(under ? -other.b : other.b, under ? -other.a : other.a, -other.e));
	}

	add(other: Rational): Rational {
		if (this.a === 0n) return other;
		if (other.a === 0n) return this;
		const e = Math.min(this.e, other.e);
		const mine = this.a * tens(this.e - e) * other.b;
		const theirs = other.a * tens(other.e - e) * this.b;
		return Rational.of(mine + theirs, this.b * other.b, e);
	}

	sub(other: Rational): Rational {
		return this.add(other.neg());
	}

	/** The value to a whole power; of zero only to powers from 0. */
	pow(power: number): Rational {
		if (power === 1) return this;
		if (power < 0) return ONE.div(this.pow(-power));
		if (power === 0) return ONE;
		const times = BigInt(power);
		return this.a === 0n ? Rational.zero : new Rational(this.a ** times, this.b ** times, this.e * power);
	}

	/** Below zero, zero or above as this is less than, the same as or more than the other. */
	compare(other: Rational): number {
		if (this.sign !== other.sign) return this.sign - other.sign;
		const e = Math.min(this.e, other.e);
		const mine = this.a * tens(this.e - e) * other.b;
		const theirs = other.a * tens(other.e - e) * this.b;
		return mine === theirs ? 0 : mine < theirs ? -1 : 1;
	}

	equals(other: Rational): boolean {
		if (this.e === other.e) return this.a === other.a && this.b === other.b;
		return this.compare(other) === 0;
	}

	/** The greatest whole number not above the value. */
	floor(): bigint {
		const { n, d } = this.whole;
		if (d === 1n) return n;
		const cut = n / d;
		return n < 0n && cut * d !== n ? cut - 1n : cut;
	}

	/**
	 * The size of the value in whole steps of ten to the `place`, cut, and how twice what was cut off
	 * compares with a step: below 0, 0 half-way, above.
	 */
	steps(place: number): { readonly whole: bigint; readonly half: number } {
		const power = this.e - place;
		const top = power > 0 ? this.a * tens(power) : this.a;
		const size = top < 0n ? -top : top;
		const step = power < 0 ? this.b * tens(-power) : this.b;
		if (step === 1n) return { whole: size, half: -1 };
		const whole = size / step;
		const twice = (size - whole * step) * 2n;
		return { whole, half: twice < step ? -1 : twice === step ? 0 : 1 };
	}

	/** The first figures of the size of the value, cut, `count` of them from 1. The value must not be zero. */
	firstFigures(count: number): FirstFigures {
		const { a, b, e } = this;
		const size = a < 0n ? -a : a;
		const first = size <= SAFE && b <= SAFE ? firstOfSafe(Number(size), Number(b), count) : null;
		if (first) return e === 0 ? first : { ...first, place: first.place + e };
		const place = this.leadingPlace() - count + 1;
		return { ...this.steps(place), place };
	}

	/** The power of ten of the leading digit: 2 for 350, -2 for 0.035. The value must not be zero. */
	leadingPlace(): number {
		const digits = digitsOf(this.a).length;
		if (this.b === 1n) return this.e + digits - 1;
		const size = this.a < 0n ? -this.a : this.a;
		const guess = digits - digitsOf(this.b).length;
		// size/b lies between 10^(guess - 1) and 10^(guess + 1).
		const [n, d] = guess >= 0 ? [size, this.b * tens(guess)] : [size * tens(-guess), this.b];
		return this.e + (n >= d ? guess : guess - 1);
	}
}

export const ONE: Rational = Rational.of(1n, 1n, 0);

/**
 * The rational n/d.
 * @throws RangeError when d is zero; callers that take typed text check for it first.
 */
export function rational(n: bigint | number, d: bigint | number = 1n): Rational {
	const below = BigInt(d);
	if (below === 0n) throw new RangeError('a rational number has no zero below');
	return Rational.of(BigInt(n), below, 0);
}

/** Whole digits times ten to a power: 254 and -2 give 2.54. */
export function decimal(digits: bigint, power: number): Rational {
	return Rational.of(digits, 1n, power);
}

/** Ten to a whole power, positive or negative, exactly. */
export function tenTo(power: number): Rational {
	return Rational.of(1n, 1n, power);
}

/** A rational to a whole power; the base must not be zero when the power is negative. */
export function toPower(base: Rational, power: number): Rational {
	return base.pow(power);
}

/** `"n/d"` in lowest terms with d positive, or `"n"` for a whole number: the boundary form of the contract. */
export function rationalText(value: Rational): string {
	return value.text();
}

const BOUNDARY = /^(-?\d+)(?:\/(\d+))?$/;
const DECIMAL = /^(-?)(\d+)(?:\.(\d+))?(?:e([+-]?\d+))?$/;

/** The value of a boundary text (`"n/d"` or `"n"`); null when it is not one or has zero below. */
export function rationalFromText(text: string): Rational | null {
	const match = BOUNDARY.exec(text);
	if (!match) return null;
	const d = BigInt(match[2] ?? 1);
	return d === 0n ? null : Rational.of(BigInt(match[1] as string), d, 0);
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
	return decimal(BigInt(`${sign}${whole}${part}`), Number(power) - part.length);
}

/** Whether the value is a whole number. */
export function isWhole(value: Rational): boolean {
	return value.d === 1n;
}

/** Whether the value is a whole power of ten, positive or negative. */
export function isPowerOfTen(value: Rational): boolean {
	if (value.sign <= 0) return false;
	const large = value.d === 1n ? value.n : value.n === 1n ? value.d : 0n;
	return large > 0n && /^10*$/.test(`${large}`);
}
