import { good, type Outcome } from '../numeral/fault';
import { endingPlaces } from '../numeral/print';
import type { Rational } from '../numeral/rational';
import { scaleShift } from '../quantity/convert';
import type { Quantity } from '../quantity/quantity';
import { parseUnit } from '../unit/parse-unit';
import type { Unit } from '../unit/unit';
import { addingStep, type Chain, type Factor } from './chain';
import { exactText } from './exact-text';

/** A step that only adds, exactly. */
export function shiftBy(shift: Rational): Factor {
	return addingStep(exactText(shift));
}

/**
 * The steps from one temperature scale to another: scaling by the sizes of the degrees, and the shift between
 * the zeros on the side of it where it is written out shortly (SI Brochure 2.3.1, NIST SP 811 B.8).
 */
export function scaleSteps(from: Unit, to: Unit): readonly Factor[] {
	const { ratio, before, after } = scaleShift(from, to);
	const scale: Factor = {
		top: { number: `${ratio.n}`, unit: to.text },
		bottom: { number: `${ratio.d}`, unit: from.text },
	};
	if (before.sign === 0) return from.text === to.text ? [] : [scale];
	const ends = endingPlaces(before.abs()) !== null;
	return ends && ratio.n !== ratio.d ? [shiftBy(before), scale] : [scale, shiftBy(after)];
}

/**
 * The line from a temperature to another scale, its shift a step of its own.
 * @returns the line, or a fault of one of the units.
 */
export function scaleLine(start: Quantity, to: string): Outcome<Chain> {
	const from = parseUnit(start.unit);
	if (!from.ok) return from;
	const end = parseUnit(to);
	return end.ok ? good({ start, factors: scaleSteps(from.value, end.value), want: to }) : end;
}
