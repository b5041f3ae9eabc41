import type { FourLines } from '@tidy-sum/core';
import type { Queried, Step } from '@tidy-sum/schema';
import { dequal } from 'dequal';
import { folding } from './history';
import { QUERIES } from './list-names';
import type { Sent } from './sent';
import type { WorksState } from './works-reducer';

/** An answer that the student thinks is right, with the name it is kept under. */
export type Query = { readonly id: string; readonly queried: Queried };

const NONE: readonly Query[] = [];

function after(queries: readonly Query[], step: Step): readonly Query[] {
	if (step.do === 'query')
		return [...queries.filter(({ id }) => id !== step.id), { id: step.id, queried: step.queried }];
	return step.do === 'unquery' ? queries.filter(({ id }) => id !== step.id) : queries;
}

const queriesOf = folding(NONE, after);

/** The answers that the student thinks are right, in the order they were kept. */
export function queriesIn(works: WorksState): readonly Query[] {
	return queriesOf(works.byId[works.open[QUERIES] ?? '']?.body);
}

/** What was sent to the check and what that said, as it is kept where the student thinks the answer is right. */
export function queriedOf({ exercise, answer, line }: Sent, verdict: FourLines): Queried {
	const { name: _, title, trains: __, skill: ___, ...asked } = exercise;
	const said = (name: 'line' | 'value' | 'figures' | 'unit') => ({
		verdict: verdict[name].verdict,
		why: verdict[name].why,
	});
	return {
		title,
		exercise: asked as Queried['exercise'],
		answer,
		start: line?.factors.length ? line.start : null,
		factors: [...(line?.factors ?? [])] as Queried['factors'],
		said: { line: said('line'), value: said('value'), figures: said('figures'), unit: said('unit') },
	};
}

/** The id under which the same answer, by the same line, is kept already; undefined where it is not. */
export function queryFor(queries: readonly Query[], made: Queried): string | undefined {
	const same = (one: Queried) =>
		one.answer === made.answer && one.exercise.prompt === made.exercise.prompt && dequal(one.factors, made.factors);
	return queries.find(({ queried }) => same(queried) && queried.title === made.title)?.id;
}

/**
 * The answers as a file: one request of the check a line (JSON Lines), so that each can be asked once more, with what
 * was said of it.
 */
export function queriesText(queries: readonly Query[]): string {
	return queries
		.map(({ queried: { title, exercise, answer, start, factors, said } }) => {
			const chain = start ? { chain: { start, factors } } : {};
			return `${JSON.stringify({ op: 'check', exercise, answer, ...chain, title, said })}\n`;
		})
		.join('');
}
