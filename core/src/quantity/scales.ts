import { badWithin, good, type Outcome } from '../numeral/fault';
import { parseUnit } from '../unit/parse-unit';
import type { Unit } from '../unit/unit';
import { type Converted, convert, scaleShift } from './convert';
import type { Quantity } from './quantity';

/** The temperature scales that are set side by side. */
export const SCALES = ['K', '°C', '°F'] as const;
export type Scale = (typeof SCALES)[number];

/** Absolute zero in degrees Celsius, exactly (SI Brochure 2.3.1). */
export const ABSOLUTE_ZERO = '-273.15';

/** A temperature, and the end of a range where there is one. */
export type Temperatures = { readonly low: Quantity; readonly high: Quantity | null };

/**
 * A temperature, or a range of them, on one scale.
 * @param until the end of the range, in the same degrees; '' for none.
 * @returns both, or a fault in "low" or "high": of its number, `below-absolute-zero`, `unlike`.
 */
export function temperatures(number: string, unit: string, until: string): Outcome<Temperatures> {
	const low = convert({ number, unit }, 'K');
	if (!low.ok) return badWithin(low.fault, 'low');
	if (until === '') return good({ low: { number, unit }, high: null });
	const high = convert({ number: until, unit }, 'K');
	if (!high.ok) return badWithin(high.fault, 'high');
	return good({ low: { number, unit }, high: { number: until, unit } });
}

/** A temperature on every scale; null where it cannot be. */
export function onScales(quantity: Quantity): Readonly<Record<Scale, Converted | null>> {
	const on = (scale: Scale) => {
		const made = convert(quantity, scale);
		return made.ok ? made.value : null;
	};
	return { K: on('K'), '°C': on('°C'), '°F': on('°F') };
}

/** How a scale goes over from degrees Celsius, as floats that place a tick: degrees = celsius × size + zero. */
export type ScaleLine = { readonly size: number; readonly zero: number };

function lineOf(scale: Scale): ScaleLine {
	const [celsius, degrees] = ['°C', scale].map((unit) => parseUnit(unit));
	if (!celsius?.ok || !degrees?.ok) throw new TypeError(`${scale} is no unit of the tables`);
	return shiftOf(celsius.value, degrees.value);
}

function shiftOf(from: Unit, to: Unit): ScaleLine {
	const { ratio, after } = scaleShift(from, to);
	return { size: ratio.nearly(), zero: after.nearly() };
}

const LINES: Readonly<Record<Scale, ScaleLine>> = { K: lineOf('K'), '°C': lineOf('°C'), '°F': lineOf('°F') };

/** Degrees Celsius on another scale, near enough to place a tick. */
export function fromCelsius(celsius: number, scale: Scale): number {
	const { size, zero } = LINES[scale];
	return celsius * size + zero;
}

/** Degrees of a scale in degrees Celsius, near enough to place a tick. */
export function toCelsius(degrees: number, scale: Scale): number {
	const { size, zero } = LINES[scale];
	return (degrees - zero) / size;
}

/** How many degrees of a scale are as large as one degree Celsius. */
export function degreesPerCelsius(scale: Scale): number {
	return LINES[scale].size;
}
