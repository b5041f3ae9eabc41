import type { Exercise } from '../exercise/exercise';
import { fresh } from './fresh';

const known = new Map<string, Exercise | null>();

/**
 * What a skill looks like: a plain exercise of it, always the same one.
 * @example exampleOf('one-prefix') // { prompt: 'The marked trail runs over 6.88 km. …', … }
 * @returns the exercise; null for a name no skill has.
 */
export function exampleOf(skill: string): Exercise | null {
	const before = known.get(skill);
	if (before !== undefined) return before;
	const made = fresh({ skill, seed: 'example', level: 1, count: 1 });
	const example = (made.ok && made.value[0]) || null;
	known.set(skill, example);
	return example;
}

/** Whether a skill is practised by changing units, and not by counting or writing figures. */
export function converts(skill: string): boolean {
	return (exampleOf(skill)?.line?.length ?? 0) > 0;
}
