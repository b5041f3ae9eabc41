import { askedBy, goalOf, parseUnit } from '@tidy-sum/core';
import { type ProblemRead, readProblem } from '@tidy-sum/core/problem';
import { askReadSchema } from '@tidy-sum/schema/ask';
import { op } from '../op';

/** The words of a problem's quantities that are taken for counted things. */
function countedIn(units: readonly string[]): readonly string[] {
	const read = units.map((unit) => parseUnit(unit, { counted: true }));
	return [...new Set(read.flatMap((unit) => (unit.ok ? unit.value.counted : [])))];
}

const NO_EXERCISE = { prompt: '', facts: [], rounding: 'none' } as const;

/** The units of what is wanted. */
function unitsWanted(want: ProblemRead['want']): readonly string[] {
	return want && goalOf({ ...NO_EXERCISE, want }) !== null ? askedBy({ ...NO_EXERCISE, want }).units : [];
}

export const read = op(askReadSchema, ({ text }) => {
	const told = readProblem(text);
	const units = [...told.numbers, ...told.facts.flatMap(({ left, right }) => [left, right])].map(({ unit }) => unit);
	const { until, terms, says: _, ...rest } = told;
	const more = { ...(until ? { until } : {}), ...(terms.length ? { terms } : {}) };
	return {
		ok: true,
		value: { ...rest, ...more, counted: countedIn([...units, ...unitsWanted(told.want)]) },
	};
});
