import type { Fact } from '../fact/fact';
import { bad, good, type Outcome } from '../numeral/fault';
import { withPi } from '../numeral/pi';
import { printRounded } from '../numeral/print';
import { ONE, type Rational, rational, rationalOfRow } from '../numeral/rational';
import { round } from '../numeral/round';
import { convert, valueIn } from '../quantity/convert';
import { type Quantity, readQuantity } from '../quantity/quantity';
import { kindOf } from '../unit/dimension';
import { likeUnits } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';
import type { Unit } from '../unit/unit';
import { TEMPERATURE_MARKS } from './temperature-marks';
import { THINGS, type Thing, type ThingsOfKind } from './things';

/** What a quantity is likened to on the station. */
export type Comparison = {
	/** "about the mass of three full honey jars". */
	readonly says: string;
	/** The thing, as a fact a line can take: 1 jar = 0.45 kg; null where no thing is counted. */
	readonly fact: Fact | null;
	/** The same for ten times as much, and for a tenth: what a lost power of ten would come to. */
	readonly tenfold: string;
	readonly tenth: string;
};

const WORDS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'] as const;

/** Under this many of a thing, halves are told apart. */
const HALVES_UNDER = rational(3n);
const TEN = rational(10n);
const HUNDRED = rational(100n);
const TENTH = rational(1n, 10n);
/** A thing that goes into the quantity at least nearly once is large enough to count by. */
const NEARLY_ONE = rational(9n, 10n);

/** A count for the ear: "two and a half", "seven", "45", "3 × 10⁵"; never with more figures than one can picture. */
function countWords(count: Rational): string {
	const half = round(count.mul(rational(2n)), { place: 0 });
	if (count.compare(HALVES_UNDER) < 0 && half.units % 2n === 1n)
		return half.units === 1n ? 'half' : `${WORDS[Number(half.units / 2n)]} and a half`;
	const whole = round(count, { place: 0 });
	if (whole.value.compare(TEN) <= 0) return WORDS[Number(whole.units)] ?? 'one';
	const rounded = printRounded(round(count, { significant: count.compare(HUNDRED) < 0 ? 2 : 1 }));
	const short = rounded.plain !== null && rounded.plain.length <= 6;
	return short ? (rounded.plain as string).replace(/\B(?=(\d{3})+$)/g, '\u202f') : rounded.text;
}

type Sized = { readonly thing: Thing; readonly size: Rational };

/** The sizes of the things in a unit, from small to large. */
function sizesIn(kind: ThingsOfKind, unit: Unit): readonly Sized[] {
	return kind.things
		.flatMap((thing): Sized[] => {
			const read = readQuantity(thing);
			if (!read.ok || !read.value.number) return [];
			const { value, pi } = valueIn(read.value.number, read.value.unit, unit, true);
			return [{ thing, size: withPi(value, pi) }];
		})
		.sort((a, b) => a.size.compare(b.size));
}

/** The largest thing that goes into a size at least nearly once; the smallest where none does. */
function nearest(sizes: readonly Sized[], size: Rational): Sized {
	const fits = sizes.filter((one) => size.div(one.size).compare(NEARLY_ONE) >= 0);
	return (fits.at(-1) ?? sizes[0]) as Sized;
}

function likened({ by, like }: ThingsOfKind, { thing, size }: Sized, of: Rational): string {
	const count = of.div(size);
	if (count.compare(NEARLY_ONE) < 0) return `${like} ${thing.one}, divided by about ${countWords(ONE.div(count))}`;
	const words = countWords(count);
	if (words === 'one') return `about ${like} ${thing.one}`;
	return by === 'many' ? `about ${like} ${words} ${thing.many}` : `about ${words} times ${like} ${thing.one}`;
}

/** A reading of a temperature against the places one knows. */
function nearMark(celsius: Rational): string {
	const marks = TEMPERATURE_MARKS.map((mark) => ({ mark, apart: celsius.sub(rationalOfRow(mark.celsius)) }));
	const { mark, apart } = [...marks].sort((a, b) => a.apart.abs().compare(b.apart.abs()))[0] as (typeof marks)[number];
	const where = `${mark.name} (${mark.celsius.replace('-', '−')} °C)`;
	const degrees = round(apart.abs(), { place: 0 });
	if (degrees.units === 0n) return `as warm as ${where}`;
	const shown = printRounded(degrees).plain ?? printRounded(degrees).text;
	return `${shown} °C ${apart.sign > 0 ? 'warmer' : 'colder'} than ${where}`;
}

function compareReading(quantity: Quantity): Outcome<Comparison> {
	const read = convert(quantity, '°C');
	if (!read.ok) return read;
	const { value } = read.value;
	const tenTimes = 'a temperature is a place on a scale, not an amount: ten times as much has no meaning in °C';
	return good({ says: nearMark(value), fact: null, tenfold: tenTimes, tenth: '' });
}

/**
 * What a quantity comes to in things one can picture on the station, with what ten times as much and a tenth would
 * come to. A temperature in K, °C or °F is likened to places.
 * @returns the comparison, or a fault: of the quantity, `nothing-like` where the station has nothing of that kind, or
 * `zero` for nothing at all.
 */
export function compareSize(quantity: Quantity): Outcome<Comparison> {
	const read = readQuantity(quantity);
	if (!read.ok) return read;
	const { number, unit } = read.value;
	if (!number) return bad('empty', 'Write a number first.', [0, quantity.number.length]);
	const degrees = parseUnit('K');
	if (degrees.ok && likeUnits(unit, degrees.value)) return compareReading(quantity);
	const kind = THINGS.find((one) => {
		const of = parseUnit(one.unit);
		return of.ok && likeUnits(of.value, unit);
	});
	if (!kind)
		return bad(
			'nothing-like',
			`Nothing at the station is like ${kindOf(unit.dimension)}, so there is nothing to compare it with.`,
		);
	const size = withPi(number.value, number.pi).abs();
	if (size.sign === 0)
		return bad('zero', 'Nothing at all is like nothing; type a number other than 0.', [0, quantity.number.length]);
	const sizes = sizesIn(kind, unit);
	const at = (times: Rational) => {
		const of = size.mul(times);
		return likened(kind, nearest(sizes, of), of);
	};
	const { thing } = nearest(sizes, size);
	const fact: Fact = {
		left: { number: '1', unit: thing.word },
		right: { number: thing.number, unit: thing.unit },
		exact: false,
	};
	return good({ says: at(ONE), fact: kind.by === 'many' ? fact : null, tenfold: at(TEN), tenth: at(TENTH) });
}
