/** What the digits of a decimal say about its figures; places are powers of ten. */
export type DigitFigures = {
	readonly significant: number;
	readonly atMost: number;
	readonly ambiguous: boolean;
	readonly lastPlace: number;
};

/**
 * Counts the figures of digits with at most one point (no sign, no grouping), scaled by 10^exponent.
 * Zeros before the first other digit count nothing; final zeros count when there is a point, and are
 * ambiguous when there is none; a zero counts the digits after its point, at least one.
 */
export function figuresOfDigits(digits: string, exponent: number): DigitFigures {
	const point = digits.indexOf('.');
	const after = point < 0 ? 0 : digits.length - point - 1;
	const bare = digits.replace('.', '').replace(/^0+/, '');
	if (bare === '') {
		const count = Math.max(1, after);
		return { significant: count, atMost: count, ambiguous: false, lastPlace: exponent - after };
	}
	const zeros = point < 0 ? bare.length - bare.replace(/0+$/, '').length : 0;
	return {
		significant: bare.length - zeros,
		atMost: bare.length,
		ambiguous: zeros > 0,
		lastPlace: exponent - after + zeros,
	};
}
