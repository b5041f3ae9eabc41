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
	const wanted = told.want === null ? [] : 'mixed' in told.want ? told.want.mixed : [told.want.unit];
	const { until, terms, ...rest } = told;
	const more = { ...(until ? { until } : {}), ...(terms.length ? { terms } : {}) };
	return { ok: true, value: { ...rest, ...more, counted: countedIn([...units, ...wanted]) } };
});
