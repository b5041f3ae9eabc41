import { decimal, type Rational, rational, tenTo } from './rational';
import { digitsOf } from './whole';

/** What becomes of a value half-way between two: away from zero, or to the even digit (ISO 80000-1, B.3). */
export type Ties = 'away' | 'even';

/** How far to round: to a number of significant figures, or to a place (a power of ten: -1 is tenths). */
export type RoundingTarget = { readonly significant: number } | { readonly place: number };

/** What a rounded value shows: its digits, without a sign, the last of them at the `place` (a power of ten). */
export type RoundedFigures = {
	readonly negative: boolean;
	readonly digits: string;
	readonly place: number;
	/** How many figures it shows; for a zero, how many were asked. */
	readonly significant: number;
};

/**
 * A rounded value: `units` whole steps of ten to the `place`. A zero keeps the places that were asked
 * after its point.
 */
export type Rounded = RoundedFigures & { readonly value: Rational; readonly units: bigint };

/** A whole number of steps and what was cut off after it, gone up to the next one where it does; as digits. Ties as told. */
function nearestSteps(whole: number | bigint, half: number, ties: Ties): string {
	if (typeof whole === 'number') return `${goesUp(whole % 2 === 1, half, ties) ? whole + 1 : whole}`;
	return digitsOf(goesUp(whole % 2n === 1n, half, ties) ? whole + 1n : whole);
}

function goesUp(isOdd: boolean, half: number, ties: Ties): boolean {
	return half > 0 || (half === 0 && (ties === 'away' || isOdd));
}

/** What a value shows once it is rounded, exactly, with carries (999.6 to three figures is 1.00e3). */
export function roundFigures(value: Rational, target: RoundingTarget, ties: Ties = 'away'): RoundedFigures {
	if ('place' in target) return atPlace(value, target.place, ties);
	const { significant } = target;
	const negative = value.sign < 0;
	if (value.sign === 0) return { negative, digits: '0', place: significant > 1 ? -significant : 0, significant };
	const { whole, place, half } = value.firstFigures(significant);
	const digits = nearestSteps(whole, half, ties);
	// A carry through all of them is 1 and zeros, one place up.
	const carried = digits.length > significant;
	return {
		negative,
		digits: carried ? digits.slice(0, significant) : digits,
		place: carried ? place + 1 : place,
		significant,
	};
}

function atPlace(value: Rational, place: number, ties: Ties): RoundedFigures {
	const { whole, half } = value.steps(place);
	const digits = nearestSteps(whole, half, ties);
	const isZero = digits === '0';
	return {
		negative: value.sign < 0 && !isZero,
		digits,
		place,
		significant: isZero ? Math.max(1, -place) : digits.length,
	};
}

/** Rounds once, exactly, with carries: what it shows, and its value. */
export function round(value: Rational, target: RoundingTarget, ties: Ties = 'away'): Rounded {
	const { negative, digits, place, significant } = roundFigures(value, target, ties);
	const size = BigInt(digits);
	const units = negative ? -size : size;
	return { value: decimal(units, place), units, negative, digits, place, significant };
}

/**
 * Whether `written` is the value rounded as asked. If the value is half-way between two
 * roundings, either will do, unless `ties` says which.
 */
export function isRoundingOf(written: Rational, value: Rational, target: RoundingTarget, ties?: Ties): boolean {
	const { value: nearest } = round(value, target, ties);
	if (nearest.equals(written)) return true;
	if (value.sign === 0 || ties) return false;
	const place = 'place' in target ? target.place : value.leadingPlace() - target.significant + 1;
	const step = tenTo(place);
	// The other rounding of a half is one step away. Asked first: a value in a high power of ° has thousands of digits.
	if (!nearest.sub(written).abs().equals(step)) return false;
	const half = step.div(rational(2n));
	return nearest.sub(value).abs().equals(half) && value.sub(written).abs().equals(half);
}
