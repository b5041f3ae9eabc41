import { parseUnit } from '@tidy-sum/core';
import { readProblem } from '@tidy-sum/core/problem';
import { askReadSchema } from '@tidy-sum/schema/ask';
import { op } from '../op';

/** The words of a problem's quantities that are taken for counted things. */
function countedIn(units: readonly string[]): readonly string[] {
	const read = units.map((unit) => parseUnit(unit, { counted: true }));
	return [...new Set(read.flatMap((unit) => (unit.ok ? unit.value.counted : [])))];
}

export const read = op(askReadSchema, ({ text }) => {
	const told = readProblem(text);
	const units = [...told.numbers, ...told.facts.flatMap(({ left, right }) => [left, right])].map(({ unit }) => unit);
	return { ok: true, value: { ...told, counted: countedIn([...units, ...(told.want ? [told.want.unit] : [])]) } };
});
