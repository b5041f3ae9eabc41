import type { Exercise } from './exercise';
import type { GoesBy } from './goes-by';

/** An exercise as a class takes it: the class's facts beside its own, and what else it goes by. */
export function inClass<E extends Exercise>(exercise: E, by: GoesBy | undefined): E {
	if (!by) return exercise;
	const { facts = [], ...rest } = { ...by, ...exercise.goesBy };
	return {
		...exercise,
		...(facts.length ? { facts: [...exercise.facts, ...facts] } : {}),
		...(Object.keys(rest).length ? { goesBy: rest } : {}),
	};
}
