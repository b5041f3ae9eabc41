import { BOOK, type Exercise, judge } from '@tidy-sum/core';
import { answerKey, check, fresh, SKILLS } from '@tidy-sum/core/practice';
import { bookInSet, mutable, type SetExercise, setOf } from '../src/set';

/** The book as a set. */
export const BOOK_SET = setOf('The book', bookInSet(BOOK));

/** Fresh exercises of every skill and level, so many of each. */
export function freshSet(seed: string, count: number) {
	const exercises = SKILLS.flatMap(({ skill }) =>
		[1, 2, 3].flatMap((level): SetExercise[] => {
			const made = fresh({ skill, seed, level, count });
			if (!made.ok) throw new Error(made.fault.message);
			return made.value.map((exercise, i) => ({ name: `${skill}-${level}-${i + 1}`, skill, ...mutable(exercise) }));
		}),
	);
	return setOf('Fresh ones', exercises);
}

/** The key of an exercise as it is told. */
export function keyText(exercise: Exercise): string {
	const key = answerKey(exercise);
	if (!key.ok) throw new Error(`${exercise.prompt}: ${key.fault.message}`);
	return key.value.text;
}

/** What a check says of some answers to an exercise: the right one, one with a digit more, one without its unit. */
export function verdictsOf(exercise: Exercise): readonly string[] {
	const right = keyText(exercise);
	return [right, right.replace(/(\d)(?=\D*$)/u, '$17'), right.split(' ')[0] as string].map((answer) => {
		const made = check(exercise, answer);
		if (!made.ok) return made.fault.code;
		const { line, value, figures, unit, slips } = made.value;
		return [line.verdict, value.verdict, figures.why, unit.verdict, ...slips.map(({ code }) => code)].join(' | ');
	});
}

/** Whether an answer is right in all that is asked. */
export function isRight(exercise: Exercise, answer: string): boolean {
	const judged = judge(exercise, answer);
	return judged.ok && judged.value.lines.right;
}
