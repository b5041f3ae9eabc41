import type { LinePaper } from '@tidy-sum/exchange';
import { fileName } from '@tidy-sum/exchange/form-rows';
import { lineText } from '@tidy-sum/exchange/line-text';
import { workOnFiles } from '../worker/form-worker';
import type { TakeForm } from './take-form';
import * as words from './words';

/** An exercise with the answer as it was typed, and the line on the paper. */
export type Answered = { readonly exercise: string; readonly answer: string; readonly paper: LinePaper };

/** One's own answers as a file a class's answers are marked from. */
export function answerForms(title: string, answered: () => readonly Answered[]): readonly TakeForm[] {
	return [
		{
			name: 'answers',
			label: words.myAnswersAsCsv,
			says: words.withTheirLinesForATeacher,
			make: async () => {
				const rows = answered().map(({ exercise, answer, paper: { chain, worked } }) => ({
					student: '',
					exercise,
					answer,
					working: chain.factors.length ? lineText(chain, worked) : '',
				}));
				if (!rows.length) return words.nothingHasBeenWorkedHere;
				const content = await workOnFiles((jobs) => jobs.writeAnswers(rows));
				return { content, name: fileName(words.answers(title), 'csv'), type: 'text/csv', says: [] };
			},
		},
	];
}
