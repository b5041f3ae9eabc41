import { skillOfName } from '@tidy-sum/core/record';
import type { TryTaken } from '@tidy-sum/exchange/record';
import { bodiesIn } from '../work/bodies-in';
import { exerciseOf } from '../work/exercises';
import { workOf } from '../work/work';
import type { WorksState } from '../work/works-reducer';
import { workOnFiles } from '../worker/form-worker';
import type { TakeForm } from './take-form';
import * as words from './words';

/** Every try that is kept, with what came of it. */
export function triesTaken(works: WorksState): readonly TryTaken[] {
	return bodiesIn(works).flatMap((body) => {
		const { exercise, tries = [] } = body;
		if (!tries.length) return [];
		const title = exerciseOf(exercise, workOf(body))?.title ?? exercise;
		return tries.map(({ when, answer, right, seconds, slips, nudges, uncovered = 0, shown }) => ({
			when,
			exercise,
			title,
			skill: skillOfName(exercise),
			answer,
			right,
			seconds,
			slips,
			nudges,
			uncovered,
			shown,
		}));
	});
}

const TYPES = { csv: 'text/csv', json: 'application/json' } as const;

/** The forms of what one has worked. */
export function tryForms(works: () => Promise<WorksState>): readonly TakeForm[] {
	const form = (name: keyof typeof TYPES, label: string, says: string): TakeForm => ({
		name,
		label,
		says,
		make: async () => {
			const tries = triesTaken(await works());
			if (!tries.length) return words.youHaveNotCheckedAnAnswer;
			const content = await workOnFiles((jobs) => jobs.writeTries(name, tries));
			return { content, name: `what-i-worked.${name}`, type: TYPES[name], says: [] };
		},
	});
	return [form('csv', 'CSV', words.oneRowForEachTryForA), form('json', 'JSON', words.theSameForOtherPrograms)];
}
