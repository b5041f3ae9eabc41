import { askedBy, parseUnit } from '@tidy-sum/core';
import type { DeskView } from '../work/desk-view';
import { isOwn } from '../work/exercises';

/** Whether a line has a picture beside it: a temperature's scales, or the parts of a measure. */
export function hasPicture({ exercise, worked }: DeskView): boolean {
	const asked = askedBy(exercise);
	if (asked.adding === 'wholes-aside') return true;
	const goal = parseUnit(asked.goal ?? '', { counted: true });
	return !exercise.difference && (worked.read.start.top.unit.offset || (goal.ok && goal.value.offset));
}

/** Whether steps beside the facts may lie on the line: of a temperature, a sum, a product, or a measure in parts. */
export function mayAdd(view: DeskView): boolean {
	const { exercise } = view;
	return hasPicture(view) || Boolean(exercise.terms ?? exercise.difference ?? exercise.times) || isOwn(exercise.name);
}
