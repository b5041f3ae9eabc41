import { sameDimension } from '../../unit/dimension';
import { likeUnits } from '../../unit/like-units';
import { parseUnit } from '../../unit/parse-unit';
import type { Unit } from '../../unit/unit';

/** The unit of a text, its unknown words read as counted things; null if it cannot be read. */
export function unitNamed(text: string): Unit | null {
	const read = parseUnit(text, { counted: true });
	return read.ok ? read.value : null;
}

/** Whether a unit is a rate, by whatever name: km/h, mph, rpm. */
export function isRate(unit: string): boolean {
	const read = unitNamed(unit);
	if (!read) return /\/|\bper\b/u.test(unit);
	const powers = read.parts.map(({ power }) => power);
	return powers.some((power) => power < 0) && powers.some((power) => power > 0);
}

/** Whether two units measure the same kind of thing. */
export function isAlike(a: string, b: string): boolean {
	const [x, y] = [unitNamed(a), unitNamed(b)];
	return x !== null && y !== null && (likeUnits(x, y) || sameDimension(x.dimension, y.dimension));
}
