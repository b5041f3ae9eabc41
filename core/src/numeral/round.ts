import { leadingPlace, ONE, type Rational, rational, tenTo } from './rational';

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

/** The whole number nearest to the value; ties as told. */
export function nearestWhole(value: Rational, ties: Ties): bigint {
	const size = value.abs();
	const below = size.floor();
	const twice = size.sub(rational(below)).mul(rational(2n)).compare(ONE);
	const up = twice > 0 || (twice === 0 && (ties === 'away' || below % 2n === 1n));
	const whole = up ? below + 1n : below;
	return value.sign < 0 ? -whole : whole;
}

/** Rounds once, exactly, with carries (999.6 to three figures is 1.00e3). */
export function round(value: Rational, target: RoundingTarget, ties: Ties = 'away'): Rounded {
	if ('place' in target) return atPlace(value, target.place, ties);
	if (value.sign === 0) {
		const places = target.significant > 1 ? target.significant : 0;
		return { value, units: 0n, place: -places, significant: target.significant };
	}
	const place = leadingPlace(value) - target.significant + 1;
	const rounded = atPlace(value, place, ties);
	if (rounded.significant === target.significant) return rounded;
	return { ...rounded, units: rounded.units / 10n, place: place + 1, significant: target.significant };
}

function atPlace(value: Rational, place: number, ties: Ties): Rounded {
	const units = nearestWhole(value.mul(tenTo(-place)), ties);
	const significant = units === 0n ? Math.max(1, -place) : `${units < 0n ? -units : units}`.length;
	return { value: rational(units).mul(tenTo(place)), units, place, significant };
}

/**
 * Whether `written` is the value rounded as told; where the value lies half-way between two
 * roundings, either will do.
 */
export function isRoundingOf(written: Rational, value: Rational, target: RoundingTarget): boolean {
	const rounded = round(value, target);
	if (rounded.value.equals(written)) return true;
	if (value.sign === 0) return false;
	const place = 'place' in target ? target.place : leadingPlace(value) - target.significant + 1;
	const half = tenTo(place).div(rational(2n));
	return rounded.value.sub(value).abs().equals(half) && value.sub(written).abs().equals(half);
}
