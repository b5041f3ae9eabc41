import { type VerdictLine, writtenQuantity } from '@tidy-sum/core';
import { countedWords } from '@tidy-sum/core/ask';
import { check as checkAnswer } from '@tidy-sum/core/practice';
import { readWorking } from '@tidy-sum/core/problem';
import { askCheckSchema } from '@tidy-sum/schema/ask';
import type { z } from 'zod';
import { op } from '../op';

function line({ verdict, why, follows }: VerdictLine) {
	return { verdict, why, ...(follows === undefined ? {} : { follows }) };
}

/** What is sent to the check: the answer and the line, or what a written working says of both; and what of it fails first. */
function sentIn({ answer, chain, working }: z.infer<typeof askCheckSchema>) {
	if (working === undefined) return { answer: answer ?? '', chain, first: null };
	const read = readWorking(working);
	const { start, factors } = read;
	return {
		answer: read.answer ? writtenQuantity(read.answer) : '',
		chain: start && factors.length ? { start, factors } : undefined,
		first: read.first,
	};
}

export const check = op(askCheckSchema, (request) => {
	const { decimal } = request;
	const exercise = decimal ? { decimal, ...request.exercise } : request.exercise;
	const { answer, chain, first: fails } = sentIn(request);
	const made = checkAnswer(exercise, answer, chain);
	if (!made.ok) return made;
	const { right, slips, first } = made.value;
	const lines = {
		line: { ...line(made.value.line), ...(fails?.what === 'claim' ? { claim: fails.at } : {}) },
		value: line(made.value.value),
		figures: line(made.value.figures),
		unit: line(made.value.unit),
	};
	const counted = countedWords(exercise, answer, chain);
	const named = slips.map(({ also: _, ...slip }) => slip);
	return { ok: true, value: { ...lines, right, slips: named, first, counted } };
});
