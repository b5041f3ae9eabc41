import { sameDimension } from '../../unit/dimension';
import { likeUnits } from '../../unit/like-units';
import { parseUnit } from '../../unit/parse-unit';

/** Whether a unit is a rate, by whatever name: km/h, mph, rpm. */
export function isRate(unit: string): boolean {
	const read = parseUnit(unit, { counted: true });
	if (!read.ok) return /\/|\bper\b/u.test(unit);
	const powers = read.value.parts.map(({ power }) => power);
	return powers.some((power) => power < 0) && powers.some((power) => power > 0);
}

/** Whether two units measure the same kind of thing. */
export function isAlike(a: string, b: string): boolean {
	const [x, y] = [parseUnit(a, { counted: true }), parseUnit(b, { counted: true })];
	return x.ok && y.ok && (likeUnits(x.value, y.value) || sameDimension(x.value.dimension, y.value.dimension));
}
