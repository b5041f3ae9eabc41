import { type Rational, rational } from '../numeral/rational';
import { valueIn } from '../quantity/convert';
import { parseUnit } from '../unit/parse-unit';
import type { Unit } from '../unit/unit';
import type { ReadFactor } from './read-chain';
import type { WorkedChain } from './work-chain';

/** The temperature scales a line goes between. */
export const LINE_SCALES = ['K', '°C', '°F', '°R'] as const;

/** A value on a line of temperatures: so many degrees of a scale, and the scale whose zero they are counted from. */
export type LineReading = {
	readonly value: Rational;
	/** The scale whose degrees they are. */
	readonly degrees: string;
	/** The scale whose zero they are counted from; null where no scale has its zero there. */
	readonly zero: string | null;
	/** Where they end, in kelvins: counted from that zero, or where there is none as a reading of their own scale. */
	readonly kelvins: Rational;
	/** Where they end as a reading of their own scale. */
	readonly asReading: Rational;
};

const ZERO = { value: rational(0n), pi: 0 };

function scale(text: string): Unit | null {
	const unit = parseUnit(text);
	return unit.ok ? unit.value : null;
}

const KELVIN = scale('K') as Unit;

/** Where the zero of a scale is, in kelvins. */
function zeroOf(unit: Unit): Rational {
	return valueIn(ZERO, unit, KELVIN, false).value;
}

/** Degrees of a scale as so many kelvins, for a distance. */
function sizeOf(value: Rational, unit: Unit): Rational {
	return valueIn({ value, pi: 0 }, unit, KELVIN, true).value;
}

/**
 * The readings of a temperature along its line: after the start and after each step, how many degrees of which scale, and
 * the zero they are counted from. A shift moves the zero, a scale only changes the degrees; where a shift is the distance
 * to another zero, the reading stays where the start stands (SI Brochure 2.3.1, NIST SP 811 B.8).
 * @returns none where the line does not start from one temperature; it ends where a number or a scale is missing.
 */
export function readingsOf({ read, running }: WorkedChain): readonly LineReading[] {
	const { start } = read;
	const from = start.bottom || start.top.unit.parts.length !== 1 ? null : scale(start.top.unit.text);
	if (!from || !(LINE_SCALES as readonly string[]).includes(from.text)) return [];
	let origin = zeroOf(from);
	const readings: LineReading[] = [];
	for (const [i, { value, unit }] of running.entries()) {
		const degrees = (LINE_SCALES as readonly string[]).includes(unit) ? scale(unit) : null;
		if (!value || !degrees) break;
		const step = i === 0 ? null : (read.factors[i - 1] as ReadFactor).step;
		const added = step?.kind.adds(step.quantity, degrees);
		if (added) origin = origin.sub(sizeOf(added.value, degrees));
		const asReading = zeroOf(degrees).add(sizeOf(value, degrees));
		const isAt = (one: string) => zeroOf(scale(one) as Unit).equals(origin);
		// Its own scale comes first: K and °R have their zero at the same place.
		const zero = [degrees.text, ...LINE_SCALES].find(isAt) ?? null;
		const kelvins = zero === null ? asReading : origin.add(sizeOf(value, degrees));
		readings.push({ value, degrees: degrees.text, zero, kelvins, asReading });
	}
	return readings;
}

/** Whether a line of temperatures ends at a reading of its own scale: counted from the zero of the degrees that stand. */
export function isReading(readings: readonly LineReading[]): boolean {
	const last = readings.at(-1);
	return last !== undefined && last.zero === last.degrees;
}
