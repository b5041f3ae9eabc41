import { askedBy, type BookExercise, type Chain, type FourLines, goalOf, judge, type Outcome } from '@tidy-sum/core';
import { answerOf } from './line-of-work';
import type { Work } from './work';

/** What goes to the check: the exercise, the answer, and the line where a block was laid. */
export type Sent = { readonly exercise: BookExercise; readonly answer: string; readonly line: Chain | undefined };

/** What goes to the check of an exercise as it is worked. */
export function sentOf(exercise: BookExercise, work: Work, chain: Chain): Sent {
	const want = goalOf(exercise);
	const comes = askedBy(exercise).line === 'may-lack' && chain.factors.length > 0;
	const line = { ...chain, ...(want === null ? {} : { want }) };
	return { exercise, answer: answerOf(exercise, work), line: comes ? line : undefined };
}

/** The verdict on work that was sent to the check, or why there is none; null for work that was not sent. */
export function verdictOf(exercise: BookExercise, work: Work, chain: Chain): Outcome<FourLines> | null {
	if (!work.checked) return null;
	const { answer, line } = sentOf(exercise, work, chain);
	const made = judge(exercise, answer, line);
	// A line that cannot be judged does not keep the answer from it.
	const judged = made.ok || !line ? made : judge(exercise, answer);
	return judged.ok ? { ok: true, value: judged.value.lines } : judged;
}
