import type { VerdictLine } from '@tidy-sum/core';
import { countedWords } from '@tidy-sum/core/ask';
import { check as checkAnswer } from '@tidy-sum/core/practice';
import { askCheckSchema } from '@tidy-sum/schema/ask';
import { op } from '../op';

function line({ verdict, why, follows }: VerdictLine) {
	return { verdict, why, ...(follows === undefined ? {} : { follows }) };
}

export const check = op(askCheckSchema, ({ exercise, answer, chain }) => {
	const made = checkAnswer(exercise, answer, chain);
	if (!made.ok) return made;
	const { right, slips, first } = made.value;
	const lines = {
		line: line(made.value.line),
		value: line(made.value.value),
		figures: line(made.value.figures),
		unit: line(made.value.unit),
	};
	const counted = countedWords(exercise, answer, chain);
	return { ok: true, value: { ...lines, right, slips, first, counted } };
});
