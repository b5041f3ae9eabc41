/** Up to here a common number holds a whole number exactly. */
export const SAFE = BigInt(Number.MAX_SAFE_INTEGER);

const powersOfTen: bigint[] = [];

/** 10^power as a whole number; power from 0. Those that numerals may hold are remembered. */
export function tens(power: number): bigint {
	let known = powersOfTen[power];
	if (known === undefined) {
		known = 10n ** BigInt(power);
		if (power <= 1000) powersOfTen[power] = known;
	}
	return known;
}

function gcdOfSafe(a: number, b: number): number {
	let x = a;
	let y = b;
	while (y !== 0) {
		const rest = x % y;
		x = y;
		y = rest;
	}
	return x;
}

/** Greatest common divisor of two whole numbers, not both zero. */
export function gcd(a: bigint, b: bigint): bigint {
	let x = a < 0n ? -a : a;
	let y = b < 0n ? -b : b;
	while (y !== 0n) {
		if (x <= SAFE && y <= SAFE) {
			const common = gcdOfSafe(Number(x), Number(y));
			return common === 1 ? 1n : BigInt(common);
		}
		const rest = x % y;
		x = y;
		y = rest;
	}
	return x;
}

/** Powers of ten that a common number holds exactly, and that leave room for a product. */
const TENS = Array.from({ length: 16 }, (_, power) => 10 ** power);

/** The first figures of a value, cut: whole steps of ten to the `place`, and how twice what was cut off compares with one. */
export type FirstFigures = { readonly whole: number | bigint; readonly place: number; readonly half: number };

/**
 * The first figures of size/step, both above zero, worked with common numbers.
 * @param count how many, from 1.
 * @returns null where a common number would not hold what it takes exactly.
 * @example firstOfSafe(22, 7, 3) // { whole: 314, place: -2, half: -1 }
 */
export function firstOfSafe(size: number, step: number, count: number): FirstFigures | null {
	const under = TENS[count];
	if (under === undefined) return null;
	const from = TENS[count - 1] as number;
	// The logarithm may be off by one at a power of ten: the figures tell.
	for (let leading = Math.floor(Math.log10(size / step)); ; ) {
		const place = leading - count + 1;
		const power = TENS[place < 0 ? -place : place];
		if (power === undefined) return null;
		const n = place < 0 ? size * power : size;
		const d = place > 0 ? step * power : step;
		if (n > Number.MAX_SAFE_INTEGER || d > Number.MAX_SAFE_INTEGER) return null;
		const rest = n % d;
		const whole = (n - rest) / d;
		if (whole < from) leading -= 1;
		else if (whole >= under) leading += 1;
		else return { whole, place, half: rest - (d - rest) };
	}
}

/** The decimal digits of a whole number, without its sign; a small one is written out sooner as a common number. */
export function digitsOf(whole: bigint): string {
	const size = whole < 0n ? -whole : whole;
	return size <= SAFE ? `${Number(size)}` : `${size}`;
}

/** How often a whole number is divided by a small one, at most `most` times, and what is left of it. */
function divided(size: bigint, by: bigint, most: number): { readonly times: number; readonly left: bigint } {
	const stride = 32;
	const leap = by ** BigInt(stride);
	let left = size;
	let times = 0;
	while (times + stride <= most && left % leap === 0n) {
		left /= leap;
		times += stride;
	}
	while (times < most && left % by === 0n) {
		left /= by;
		times += 1;
	}
	return { times, left };
}

/**
 * 10^power over a whole number with what they share taken out: the number's rest, the digits left of the
 * power, and the zeros after them. It spares writing out a long power of ten only to divide it.
 */
export function shareTens(size: bigint, power: number) {
	const twos = divided(size, 2n, power);
	const fives = divided(twos.left, 5n, power);
	const common = Math.max(twos.times, fives.times);
	const digits = 2n ** BigInt(common - twos.times) * 5n ** BigInt(common - fives.times);
	return { rest: fives.left, digits, zeros: '0'.repeat(power - common) };
}
