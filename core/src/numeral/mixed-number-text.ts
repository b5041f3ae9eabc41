import { type Rational, rational } from './rational';

/** A value as a mixed number as it is typed: "3 1/2"; a part of nothing is left out. */
export function mixedNumberText(value: Rational): string {
	const size = value.abs();
	const whole = size.floor();
	const part = size.sub(rational(whole));
	const sign = value.sign < 0 ? '-' : '';
	if (part.sign === 0) return `${sign}${whole}`;
	return `${sign}${whole === 0n ? '' : `${whole} `}${part.n}/${part.d}`;
}
