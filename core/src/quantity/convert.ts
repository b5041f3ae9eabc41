import { bad, type Outcome, within } from '../numeral/fault';
import { type Numeral, placeKept } from '../numeral/numeral';
import { withPi } from '../numeral/pi';
import { type Printed, printInPlain, printRounded, printValue } from '../numeral/print';
import { ONE, type Rational, rationalOfRow, rationalText } from '../numeral/rational';
import { roundFigures } from '../numeral/round';
import { kindOf, sameDimension } from '../unit/dimension';
import { rowOf } from '../unit/find-unit';
import { likeUnits, ratioOfUnits } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';
import type { Unit } from '../unit/unit';
import { type Quantity, readQuantity } from './quantity';

/** How far a result is good: a count of figures with its upper bound, and the last place; null when exact. */
export type Figures = {
	readonly significant: number | null;
	readonly atMost: number | null;
	readonly lastPlace: number | null;
};

export type Converted = Figures &
	Printed & { readonly value: Rational; readonly pi: number; readonly shifted: boolean };

export type ConvertOptions = { readonly difference?: boolean; readonly exact?: boolean; readonly counted?: boolean };

const ABSOLUTE: Readonly<Record<string, string>> = { K: '0 K', '°R': '0 °R', '°C': '−273.15 °C', '°F': '−459.67 °F' };

function isTemperature(unit: Unit): boolean {
	return unit.parts.length === 1 && sameDimension(unit.dimension, { K: 1 });
}

/** The distance of a scale's zero from absolute zero, in its own degrees; 0 for what is no shifted scale. */
function offsetOf(unit: Unit): Rational {
	const [only] = unit.parts;
	return rationalOfRow((unit.offset && only && rowOf(only.unit)?.offset) || '0');
}

/**
 * How one temperature scale goes over into another: degrees of the second in one of the first, and the shift
 * between their zeros where it is made before scaling, and where after (SI Brochure 2.3.1, NIST SP 811 B.8).
 */
export function scaleShift(from: Unit, to: Unit): { ratio: Rational; before: Rational; after: Rational } {
	const ratio = from.factor.div(to.factor);
	const before = offsetOf(from).sub(offsetOf(to).div(ratio));
	return { ratio, before, after: before.mul(ratio) };
}

function measures(unit: Unit): string {
	return unit.text === '' ? 'a plain number has no unit' : `${unit.text} measures ${kindOf(unit.dimension)}`;
}

/** Why two units cannot be converted into each other, naming both kinds. */
export function unlike(from: Unit, to: Unit): ReturnType<typeof bad> {
	if (from.plainKind === to.plainKind)
		return bad(
			'unlike',
			`${from.text} and ${to.text} are not the same kind: one is an angle, the other counts cycles. One cycle is 2π rad.`,
		);
	return bad('unlike', `These do not convert: ${measures(from)}, and ${measures(to)}.`);
}

const COUNTED = { counted: true };
const UNCOUNTED = { counted: false };

/** What is the same for every number that is taken from one unit to another. */
type Pair = {
	readonly isLike: boolean;
	readonly isTemperatures: boolean;
	/** How many of the second one of the first is; one where they are not alike. */
	readonly ratio: ReturnType<typeof ratioOfUnits>;
	/** The figures that the units themselves allow; null where they limit nothing. */
	readonly figures: number | null;
};

/** Units are read once and remembered, and so is what follows from two of them. */
const pairs = new WeakMap<Unit, WeakMap<Unit, Pair>>();

function makePair(from: Unit, to: Unit): Pair {
	const isLike = likeUnits(from, to);
	const limits = from.text === to.text ? [] : [from.figures, to.figures].filter((figures) => figures !== null);
	return {
		isLike,
		isTemperatures: isTemperature(from) && isTemperature(to),
		ratio: isLike ? ratioOfUnits(from, to) : { value: ONE, pi: 0 },
		figures: limits.length ? Math.min(...limits) : null,
	};
}

function pairOf(from: Unit, to: Unit): Pair {
	const known = pairs.get(from)?.get(to);
	if (known) return known;
	const made = makePair(from, to);
	const of = pairs.get(from) ?? new WeakMap<Unit, Pair>();
	of.set(to, made);
	pairs.set(from, of);
	return made;
}

/**
 * A quantity in another unit of its kind, exactly, with the figures it may have. A temperature reading
 * shifts as well as scales and keeps its last place (SI Brochure 2.3.1, NIST SP 811 B.8); with
 * `difference` it only scales.
 * @returns the result, or a fault of the quantity, `unlike`, or `below-absolute-zero`.
 */
export function convert(from: Quantity, to: string, options: ConvertOptions = {}): Outcome<Converted> {
	const reading = options.counted ? COUNTED : UNCOUNTED;
	const given = readQuantity(from, reading);
	if (!given.ok) return { ok: false, fault: within(given.fault, 'from') };
	const target = parseUnit(to, reading);
	if (!target.ok) return { ok: false, fault: within(target.fault, 'to') };
	const { unit } = given.value;
	const number = given.value.number as Numeral;
	const pair = pairOf(unit, target.value);
	if (!pair.isLike) return unlike(unit, target.value);
	if (pair.isTemperatures && !options.difference) {
		const above = number.value.add(offsetOf(unit));
		if (above.sign < 0)
			return {
				ok: false,
				fault: {
					code: 'below-absolute-zero',
					message: `No temperature is below absolute zero, which is ${ABSOLUTE[unit.text] ?? '0 K'}.`,
					in: 'from.number',
					at: [0, from.number.length],
				},
			};
		if (unit.offset || target.value.offset) return { ok: true, value: shifted(number, unit, target.value, options) };
	}
	return { ok: true, value: scaled(number, pair, options) };
}

/**
 * An exact value in another unit of its kind, shifted where both are temperature scales and it is not
 * a difference.
 */
export function valueIn(
	of: { readonly value: Rational; readonly pi: number },
	from: Unit,
	to: Unit,
	difference: boolean,
): { value: Rational; pi: number } {
	if (!difference && isTemperature(from) && isTemperature(to) && (from.offset || to.offset))
		return { value: of.value.add(offsetOf(from)).mul(from.factor).div(to.factor).sub(offsetOf(to)), pi: of.pi };
	const ratio = ratioOfUnits(from, to);
	return { value: of.value.mul(ratio.value), pi: of.value.sign === 0 ? 0 : of.pi + ratio.pi };
}

function scaled(number: Numeral, { ratio, figures }: Pair, options: ConvertOptions): Converted {
	const value = number.value.mul(ratio.value);
	const pi = value.sign === 0 ? 0 : number.pi + ratio.pi;
	let significant = options.exact ? null : number.significant;
	let atMost = options.exact ? null : number.atMost;
	if (figures !== null) {
		significant = Math.min(significant ?? figures, figures);
		atMost = Math.min(atMost ?? figures, figures);
	}
	const rounded = significant === null ? null : roundFigures(withPi(value, pi), { significant });
	const lastPlace = rounded === null ? null : rounded.place;
	const { plain, scientific, clear, preferred, text } = rounded ? printRounded(rounded) : printValue(value, pi, null);
	return { value, pi, significant, atMost, lastPlace, plain, scientific, clear, preferred, text, shifted: false };
}

function shifted(number: Numeral, from: Unit, to: Unit, options: ConvertOptions): Converted {
	const { value } = valueIn(number, from, to, false);
	if (options.exact || number.lastPlace === null)
		return {
			value,
			pi: 0,
			significant: null,
			atMost: null,
			lastPlace: null,
			...printValue(value, 0, null),
			shifted: true,
		};
	const place = placeKept(number);
	const rounded = roundFigures(value, { place });
	const count = rounded.significant;
	return { value, pi: 0, significant: count, atMost: count, lastPlace: place, ...printInPlain(rounded), shifted: true };
}

/** A result as it can be typed again, with just the figures it has. */
export function typedNumber({ plain, scientific, preferred, value }: Converted): string {
	return (preferred === 'plain' ? (plain ?? scientific) : (scientific ?? plain)) ?? rationalText(value);
}
