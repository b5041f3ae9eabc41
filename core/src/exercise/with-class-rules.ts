import type { Fact } from '../fact/fact';
import { parseUnit } from '../unit/parse-unit';
import type { Exercise, Rounding, Want } from './exercise';
import type { UnitRounding } from './goes-by';

function textOf(unit: string): string {
	const read = parseUnit(unit, { counted: true });
	return read.ok ? read.value.text : unit;
}

/** The unit whose number is rounded: the one wanted, or the smallest of a measure in parts. */
function roundedUnit(want: Want): string | undefined {
	if ('unit' in want) return want.unit;
	return 'mixed' in want ? want.mixed.at(-1) : undefined;
}

function roundingIn(rows: readonly UnitRounding[], want: Want): Rounding | undefined {
	const unit = roundedUnit(want);
	const row = unit === undefined ? undefined : rows.find((one) => textOf(one.unit) === textOf(unit));
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
 * @example
 * withClassRules({ ...drip, goesBy: { rounding: [{ unit: 'gtt/min', place: 0 }] } }).rounding // { place: 0 }
 */
export function withClassRules<E extends Exercise>(exercise: E): E {
	const { goesBy, rounding, want } = exercise;
	if (!goesBy?.rounding && !goesBy?.given) return exercise;
	const byUnit = rounding === 'figures' ? roundingIn(goesBy.rounding ?? [], want) : undefined;
	return {
		...exercise,
		...(byUnit ? { rounding: byUnit } : {}),
		...(goesBy.given ? { exactStart: true, facts: asExact(exercise.facts) } : {}),
	};
}
