import { decimal, type Rational, rational, tenTo } from './rational';
import { digitsOf } from './whole';

/** What becomes of a value half-way between two: away from zero, or to the even digit (ISO 80000-1, B.3). */
export type Ties = 'away' | 'even';

/** How far to round: to a count of significant figures, or to a place (a power of ten: -1 is tenths). */
export type RoundingTarget = { readonly significant: number } | { readonly place: number };

/**
 * A rounded value: `units` whole steps of ten to the `place`. A zero keeps the places that were asked
 * after its point.
 */
export type Rounded = {
	readonly value: Rational;
	readonly units: bigint;
	readonly place: number;
	/** How many figures it shows; for a zero, how many were asked. */
	readonly significant: number;
};

/** The whole number of steps of ten to the `place` nearest to the value; ties as told. */
function nearestSteps(value: Rational, place: number, ties: Ties): bigint {
	const { whole, half } = value.steps(place);
	const up = half > 0 || (half === 0 && (ties === 'away' || whole % 2n === 1n));
	const nearest = up ? whole + 1n : whole;
	return value.sign < 0 ? -nearest : nearest;
}

/** Rounds once, exactly, with carries (999.6 to three figures is 1.00e3). */
export function round(value: Rational, target: RoundingTarget, ties: Ties = 'away'): Rounded {
	if ('place' in target) return atPlace(value, target.place, ties);
	if (value.sign === 0) {
		const places = target.significant > 1 ? target.significant : 0;
		return { value, units: 0n, place: -places, significant: target.significant };
	}
	const place = value.leadingPlace() - target.significant + 1;
	const rounded = atPlace(value, place, ties);
	if (rounded.significant === target.significant) return rounded;
	return { ...rounded, units: rounded.units / 10n, place: place + 1, significant: target.significant };
}

function atPlace(value: Rational, place: number, ties: Ties): Rounded {
	const units = nearestSteps(value, place, ties);
	const significant = units === 0n ? Math.max(1, -place) : digitsOf(units).length;
	return { value: decimal(units, place), units, place, significant };
}

/**
 * Whether `written` is the value rounded as told; where the value lies half-way between two
 * roundings, either will do, unless it is told what becomes of a half.
 */
export function isRoundingOf(written: Rational, value: Rational, target: RoundingTarget, ties?: Ties): boolean {
	const rounded = round(value, target, ties);
	if (rounded.value.equals(written)) return true;
	if (value.sign === 0 || ties) return false;
	const place = 'place' in target ? target.place : value.leadingPlace() - target.significant + 1;
	const half = tenTo(place).div(rational(2n));
	return rounded.value.sub(value).abs().equals(half) && value.sub(written).abs().equals(half);
}
