import { type Rational, rational, tenTo, toPower } from './rational';

const DIGITS = 460;

let known: Rational | null = null;

/** arctan(1/x) times 10^DIGITS, truncated, by its series. */
function arctanOfInverse(x: bigint, scale: bigint): bigint {
	let term = scale / x;
	let sum = term;
	const square = x * x;
	for (let k = 3n; term !== 0n; k += 2n) {
		term = -term / square;
		sum += term / k;
	}
	return sum;
}

/**
 * Pi as a rational, true to over 440 digits (Machin's formula): more than any figures count a
 * numeral of 200 characters can ask for. Only for showing; exact values carry pi as a power.
 */
export function piNearly(): Rational {
	if (!known) {
		const scale = 10n ** BigInt(DIGITS);
		known = rational(4n * (4n * arctanOfInverse(5n, scale) - arctanOfInverse(239n, scale))).mul(tenTo(-DIGITS));
	}
	return known;
}

/** value · pi^power, as a rational near enough to show. */
export function withPi(value: Rational, power: number): Rational {
	return power === 0 ? value : value.mul(toPower(piNearly(), power));
}
