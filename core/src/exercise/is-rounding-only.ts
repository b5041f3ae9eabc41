import { parseUnit } from '../unit/parse-unit';
import type { UnitExercise } from './exercise';

/**
 * Whether an exercise only has its start rounded or written in another form: it is wanted in its own unit, so there is no line to lay.
 * @returns true for "round 28549 L to three figures".
 */
export function isRoundingOnly({ start, until, terms, times, line, want }: UnitExercise): boolean {
	if (!start || 'top' in start || until || terms?.length || times?.length || line?.length) return false;
	const [from, to] = [parseUnit(start.unit, { counted: true }), parseUnit(want.unit, { counted: true })];
	return from.ok && to.ok && from.value.text === to.value.text;
}
