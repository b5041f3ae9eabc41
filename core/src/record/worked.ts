import { bookExercise } from '../content/book';
import type { Try } from '../practice/outcome';
import { readRoundCode, skillAt } from '../practice/round';
import { placeInRound } from '../practice/round-names';
import { type Tried, triesByExercise } from './begun-rounds';

/** What stands for the skill of a problem of one's own. */
export const OWN_SKILL = 'own';

/** An exercise that was worked: the skill it trains, and the tries at it in the order they were made. */
export type Worked<T extends Try = Try> = {
	readonly exercise: string;
	readonly skill: string;
	readonly tries: readonly T[];
};

/** The skill an exercise trains, by its name: that of its Round, of the book, or one's own. */
export function skillOfName(name: string): string {
	const at = placeInRound(name);
	const plan = at && readRoundCode(at.code);
	if (at && plan?.ok) return skillAt(plan.value, at.place);
	return bookExercise(name)?.skill ?? OWN_SKILL;
}

/** Everything that was worked, exercise by exercise, the one begun last at the end. */
export function workedIn<T extends Try>(all: readonly Tried<T>[]): readonly Worked<T>[] {
	return [...triesByExercise(all)]
		.map(([exercise, tries]) => ({ exercise, skill: skillOfName(exercise), tries }))
		.sort((a, b) => (a.tries[0]?.when ?? 0) - (b.tries[0]?.when ?? 0));
}
