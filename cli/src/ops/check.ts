import { type Chain, countedWords, type Exercise, type VerdictLine } from '@tidy-sum/core';
import { check as checkAnswer } from '@tidy-sum/core/practice';
import { askCheckSchema } from '@tidy-sum/schema';
import { op } from '../op';

function line({ verdict, why }: VerdictLine): { verdict: string; why: string } {
	return { verdict, why };
}

export const check = op(askCheckSchema, ({ exercise, answer, chain }) => {
	const made = checkAnswer(exercise as Exercise, answer, chain as Chain | undefined);
	if (!made.ok) return made;
	const { right, slips, first } = made.value;
	const lines = {
		line: line(made.value.line),
		value: line(made.value.value),
		figures: line(made.value.figures),
		unit: line(made.value.unit),
	};
	const counted = countedWords(exercise as Exercise, answer, chain as Chain | undefined);
	return { ok: true, value: { ...lines, right, slips, first, counted } };
});
