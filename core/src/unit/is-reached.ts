import { addDimension, type Dimension, dimensionKey } from './dimension';
import { rowOf } from './find-unit';
import { labelsClash, sameSize } from './like-units';
import type { Unit, UnitPart } from './unit';

function symbolOf({ prefix = '', unit }: UnitPart): string {
	return prefix + unit;
}

function dimensionOf({ unit }: UnitPart): Dimension {
	return rowOf(unit)?.dimension ?? { [unit]: 1 };
}

/** The powers of a unit, one text for the same ones in any order; labels are compared apart. */
function powersOf({ parts }: Unit): string {
	const powers = new Map<string, number>();
	for (const part of parts) {
		const key = `${symbolOf(part)}{${part.label ?? ''}}`;
		powers.set(key, (powers.get(key) ?? 0) + part.power);
	}
	return [...powers]
		.map(([key, power]) => `${key.slice(0, key.indexOf('{'))}^${power}`)
		.sort()
		.join(' ');
}

/** What a part measures, by its unit and by its power: mL is a volume, and so is cm³. */
function kindsOf(part: UnitPart): readonly string[] {
	const dimension = dimensionOf(part);
	return [...new Set([dimensionKey(dimension), dimensionKey(addDimension({}, dimension, Math.abs(part.power)))])];
}

/** Whether two units of one dimension are left that one conversion would make one: mA beside A, cm³ beside mL, g of two substances. */
function hasTwoOfOneDimension(parts: readonly UnitPart[]): boolean {
	return parts.some((one, i) =>
		parts.slice(i + 1).some((other) => {
			const isSame = symbolOf(one) === symbolOf(other) && one.power > 0 === other.power > 0;
			return !isSame && kindsOf(one).some((kind) => kindsOf(other).includes(kind));
		}),
	);
}

/**
 * Whether a line that ends with one unit has reached the wanted one (contract, "chain"): the wanted units power for power,
 * or their dimension and size with no two different units of one dimension left.
 * @param unit what is left on the line.
 * @returns true for kg·m/s² where N is wanted and for mg/kg where mg/kg is; false for mA²/A where µA is wanted, whose size it has.
 */
export function isReached(unit: Unit, want: Unit): boolean {
	if (labelsClash(unit, want) || !sameSize(unit, want)) return false;
	return unit.text === want.text || powersOf(unit) === powersOf(want) || !hasTwoOfOneDimension(unit.parts);
}
