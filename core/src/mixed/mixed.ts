import { bad, good, type Outcome, within } from '../numeral/fault';
import type { Numeral } from '../numeral/numeral';
import { withPi } from '../numeral/pi';
import { endingPlaces, plainText } from '../numeral/print';
import { ONE, type Rational, rational } from '../numeral/rational';
import { type RoundingTarget, round, type Ties } from '../numeral/round';
import { unlike, valueIn } from '../quantity/convert';
import { type Quantity, readQuantity } from '../quantity/quantity';
import { likeUnits, ratioOfUnits } from '../unit/like-units';
import { parseUnit } from '../unit/parse-unit';
import type { Unit } from '../unit/unit';

/** How many places an endless last part gets when no rounding is asked. */
const ENDLESS_PLACES = 4;
/** The most units a measure may be split into. */
const UNITS_LIMIT = 20;

type Read<T> = Outcome<T & { readonly counted: readonly string[] }>;

function readUnits(into: readonly string[]): Outcome<readonly Unit[]> {
	if (into.length === 0 || into.length > UNITS_LIMIT)
		return {
			ok: false,
			fault: { code: 'shape', message: `A mixed measure has from 1 to ${UNITS_LIMIT} units.`, in: 'into' },
		};
	const units: Unit[] = [];
	for (const [i, text] of into.entries()) {
		const unit = parseUnit(text, { counted: true });
		if (!unit.ok) return { ok: false, fault: within(unit.fault, `into.${i}`) };
		const before = units.at(-1);
		if (before && !likeUnits(before, unit.value)) return unlike(before, unit.value);
		if (before && sizeOf(before, unit.value).compare(ONE) <= 0)
			return {
				ok: false,
				fault: {
					code: 'order',
					message: `Write the units from large to small. ${before.text} is not larger than ${unit.value.text}.`,
					in: `into.${i}`,
					at: [0, text.length],
				},
			};
		units.push(unit.value);
	}
	return good(units);
}

/** How many of the second one of the first is; near enough to split where pi comes in. */
function sizeOf(one: Unit, of: Unit): Rational {
	const ratio = ratioOfUnits(one, of);
	return withPi(ratio.value, ratio.pi);
}

function countedIn(units: readonly Unit[]): readonly string[] {
	return [...new Set(units.flatMap(({ counted }) => counted))];
}

/** Whole numbers of all units but the last, and what is left in the last; all of a size not below zero. */
function split(size: Rational, units: readonly Unit[]): Rational[] {
	const last = units.at(-1) as Unit;
	let left = size;
	const parts = units.slice(0, -1).map((unit) => {
		const each = sizeOf(unit, last);
		const whole = rational(left.div(each).floor());
		left = left.sub(whole.mul(each));
		return whole;
	});
	return [...parts, left];
}

/** A value of the unit as whole parts of each unit and a rest in the last, rounded so that it carries. */
export function partsOf(
	value: Rational,
	units: readonly Unit[],
	target: RoundingTarget | null,
	ties?: Ties,
): { readonly parts: readonly Rational[]; readonly place: number | null } {
	const size = value.abs();
	const asked =
		target ?? (endingPlaces(split(size, units).at(-1) as Rational) === null ? { place: -ENDLESS_PLACES } : null);
	if (!asked) return { parts: split(size, units), place: null };
	const rounded = round(size, asked, ties);
	const parts = [...split(rounded.value, units)];
	const last = round(parts.pop() as Rational, { place: rounded.place });
	return { parts: [...parts, last.value], place: rounded.place };
}

/** Parts as quantities: each has the sign of the whole, and a part of nothing has none. */
function written(parts: readonly Rational[], into: readonly string[], place: number | null, negative: boolean) {
	return parts.map((part, i): Quantity => {
		const digits = plainText(part, i === parts.length - 1 ? place : null);
		return { number: negative && part.sign !== 0 ? `-${digits}` : digits, unit: into[i] as string };
	});
}

/**
 * A quantity as a mixed measure: whole numbers of the larger units and the rest in the smallest, by
 * division with remainder. Rounding is of the whole in the smallest unit, and carries: 11.99 in to the
 * ones is 1 ft 0 in. Unasked, the last part is exact where it ends, else to four places.
 * @returns the parts, or a fault: of a field, `unlike`, or `order` where the units do not go from large to small.
 */
export function toMixed(
	quantity: Quantity,
	into: readonly string[],
	target: RoundingTarget | null = null,
	ties?: Ties,
): Read<{ readonly parts: readonly Quantity[] }> {
	const read = readQuantity(quantity, { counted: true });
	if (!read.ok) return { ok: false, fault: within(read.fault, 'quantity') };
	const units = readUnits(into);
	if (!units.ok) return units;
	const { unit } = read.value;
	const number = read.value.number as Numeral;
	const last = units.value.at(-1) as Unit;
	if (!likeUnits(unit, last)) return unlike(unit, last);
	const exact = valueIn(number, unit, last, true);
	const value = withPi(exact.value, exact.pi);
	const { parts, place } = partsOf(value, units.value, target, ties);
	const symbols = units.value.map(({ text }) => text);
	return good({
		parts: written(parts, symbols, place, value.sign < 0),
		counted: countedIn([unit, ...units.value]),
	});
}

/**
 * Mixed parts as one value of a unit, exactly.
 * @returns the value times pi^`pi`, or a fault: of a part, `unlike`, or `empty` for no parts at all.
 */
export function fromMixed(
	parts: readonly Quantity[],
	into: string,
): Read<{ readonly value: Rational; readonly pi: number }> {
	const target = parseUnit(into, { counted: true });
	if (!target.ok) return { ok: false, fault: within(target.fault, 'into.0') };
	if (!parts.length) return { ok: false, fault: { code: 'empty', message: 'Write the parts first.', in: 'parts' } };
	if (parts.length > UNITS_LIMIT) return bad('too-large', `A mixed measure here can have up to ${UNITS_LIMIT} parts.`);
	const read: { readonly value: Rational; readonly pi: number }[] = [];
	const units: Unit[] = [target.value];
	for (const [i, part] of parts.entries()) {
		const quantity = readQuantity(part, { counted: true });
		if (!quantity.ok) return { ok: false, fault: within(quantity.fault, `parts.${i}`) };
		const { unit } = quantity.value;
		if (!likeUnits(unit, target.value)) return unlike(unit, target.value);
		units.push(unit);
		read.push(valueIn(quantity.value.number as Numeral, unit, target.value, true));
	}
	const counted = countedIn(units);
	const pi = read[0]?.pi ?? 0;
	// Parts that carry pi to different powers have no exact sum; one near enough to show takes its place.
	const alike = read.every((part) => part.value.sign === 0 || part.pi === pi);
	const sum = (values: readonly Rational[]) => values.reduce((total, value) => total.add(value), rational(0n));
	if (alike) return good({ value: sum(read.map(({ value }) => value)), pi, counted });
	return good({ value: sum(read.map((part) => withPi(part.value, part.pi))), pi: 0, counted });
}
