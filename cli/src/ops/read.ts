import { parseUnit } from '@tidy-sum/core';
import { readProblem, type WantTold } from '@tidy-sum/core/problem';
import { askReadSchema } from '@tidy-sum/schema/ask';
import { op } from '../op';

/** The words of a problem's quantities that are taken for counted things. */
function countedIn(units: readonly string[]): readonly string[] {
	const read = units.map((unit) => parseUnit(unit, { counted: true }));
	return [...new Set(read.flatMap((unit) => (unit.ok ? unit.value.counted : [])))];
}

/** What is wanted in the contract's shape: a unit with its form, or the units of a measure in parts. */
function wantShown({ parts, ...one }: WantTold) {
	return parts.length ? { mixed: parts } : one;
}

export const read = op(askReadSchema, ({ text }) => {
	const told = readProblem(text);
	const units = [...told.numbers, ...told.facts.flatMap(({ left, right }) => [left, right])].map(({ unit }) => unit);
	const { until, terms, want, ...rest } = told;
	const wanted = want === null ? [] : want.parts.length ? want.parts : [want.unit];
	const more = { ...(until ? { until } : {}), ...(terms.length ? { terms } : {}) };
	return {
		ok: true,
		value: { ...rest, want: want && wantShown(want), ...more, counted: countedIn([...units, ...wanted]) },
	};
});
