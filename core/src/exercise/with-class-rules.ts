import type { Fact } from '../fact/fact';
import { parseUnit } from '../unit/parse-unit';
import type { Exercise, Rounding } from './exercise';
import type { UnitRounding } from './goes-by';

function textOf(unit: string): string {
	const read = parseUnit(unit, { counted: true });
	return read.ok ? read.value.text : unit;
}

function roundingIn(rows: readonly UnitRounding[], unit: string): Rounding | undefined {
	const row = rows.find((one) => textOf(one.unit) === textOf(unit));
	if (!row) return undefined;
	return 'place' in row ? { place: row.place } : { significant: row.significant };
}

function asExact(facts: readonly Fact[]): readonly Fact[] {
	return facts.map((fact) => ({ ...fact, exact: true }));
}

/**
 * An exercise with the rules of its class written into it (contract, `goesBy`): the rounding for the unit that is
 * wanted, where the exercise itself asks for none, and its numbers as exact ones. An exercise without such rules is
 * returned as it is, and so is one that has them already.
 * @param unit the one unit the answer is rounded in, of a measure in parts the smallest; null where there is no such unit.
 * @example
 * withClassRules({ ...drip, goesBy: { rounding: [{ unit: 'gtt/min', place: 0 }] } }, 'gtt/min').rounding // { place: 0 }
 */
export function withClassRules<E extends Exercise>(exercise: E, unit: string | null): E {
	const { goesBy, rounding } = exercise;
	if (!goesBy?.rounding && !goesBy?.given) return exercise;
	const byUnit = rounding === 'figures' && unit !== null ? roundingIn(goesBy.rounding ?? [], unit) : undefined;
	return {
		...exercise,
		...(byUnit ? { rounding: byUnit } : {}),
		...(goesBy.given ? { exactStart: true, facts: asExact(exercise.facts) } : {}),
	};
}
