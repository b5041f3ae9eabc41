import type { Exercise } from './exercise';
import { inPoints, markOf } from './in-points';
import { withClassRules } from './with-class-rules';
import { withPartsInOne } from './with-parts-in-one';

/**
 * An exercise as it is worked and judged: its numbers with a point as the decimal mark, the rules of its class written
 * into it, and a measure in parts of a rate as one quantity. One that is so already is returned as it is.
 * @param unit the one unit the answer is rounded in; null where there is no such unit.
 */
export function workedIn<E extends Exercise>(exercise: E, unit: string | null): E {
	return withPartsInOne(withClassRules(inPoints(exercise, markOf(exercise)), unit));
}
