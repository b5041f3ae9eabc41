import { askedBy, parseUnit } from '@tidy-sum/core';
import type { DeskView } from '../work/desk-view';
import { isOwn } from '../work/exercises';

/** Whether something may be added on the line: a temperature, a sum, or a mixed measure. */
export function mayAdd({ exercise, worked }: DeskView): boolean {
	const asked = askedBy(exercise);
	if (asked.adding === 'wholes-aside' || exercise.terms || isOwn(exercise.name)) return true;
	const goal = parseUnit(asked.goal ?? '', { counted: true });
	return worked.read.start.top.unit.offset || (goal.ok && goal.value.offset);
}
