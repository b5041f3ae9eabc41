import { bad, good, type Outcome } from '@tidy-sum/core';
import { columnName, rowCells } from '../set/table';

/** An answer of a class: who gave it, to which exercise, and the working where it is handed in too. */
export type AnswerRow = {
	/** The row it stands in, from 2, below the names of the columns. */
	readonly at: number;
	readonly student: string;
	readonly exercise: string;
	readonly answer: string;
	readonly working: string;
};

/** The columns of answers, each with the other names it goes by. */
const COLUMNS: readonly (readonly [keyof Omit<AnswerRow, 'at'>, readonly string[]])[] = [
	['student', ['student', 'name', 'who', 'pupil']],
	['exercise', ['exercise', 'problem', 'question', 'item', 'number']],
	['answer', ['answer', 'response', 'result']],
	['working', ['working', 'line', 'work']],
];

/** How the cells of a row become an answer. */
export type AnswerReader = (cells: readonly string[], at: number) => AnswerRow;

/**
 * How rows are read below these names of columns, which may stand in any order.
 * @returns it; `shape` where the exercise, or both the answer and the working, have no column.
 */
export function answerReader(names: readonly string[]): Outcome<AnswerReader> {
	const columns = names.map(columnName);
	const found = COLUMNS.map(([field, also]) => [field, also.find((name) => columns.includes(name))] as const);
	const named = new Map(found);
	if (!named.get('exercise'))
		return bad(
			'shape',
			'The first row names the columns. One must be “exercise”, with the name or number of the exercise.',
		);
	if (!named.get('answer') && !named.get('working'))
		return bad('shape', 'The first row names the columns. One must be “answer” or “working”.');
	return good((cells, at) => {
		const row = rowCells(columns, cells);
		const cell = (field: keyof Omit<AnswerRow, 'at'>) => row.get(named.get(field) ?? '') ?? '';
		return {
			at,
			student: cell('student'),
			exercise: cell('exercise'),
			answer: cell('answer'),
			working: cell('working'),
		};
	});
}
