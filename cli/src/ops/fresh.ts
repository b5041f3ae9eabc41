import { answerKey, fresh as freshExercises } from '@tidy-sum/core/practice';
import { askFreshSchema } from '@tidy-sum/schema/ask';
import { op } from '../op';

export const fresh = op(askFreshSchema, (ask) => {
	const made = freshExercises(ask);
	if (!made.ok) return made;
	const exercises = made.value.map((exercise) => {
		const key = answerKey(exercise);
		return { ...exercise, key: key.ok ? key.value : null };
	});
	return { ok: true, value: { exercises } };
});
