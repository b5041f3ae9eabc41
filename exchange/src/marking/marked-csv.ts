import { VERDICT_LINES } from '@tidy-sum/core';
import { tableText } from '../set/table';
import type { MarkedRow } from './mark';

/** The names of the columns that marked answers have. */
export function markedColumns(withPoints: boolean): readonly string[] {
	return [
		'student',
		'exercise',
		'answer',
		'working',
		...VERDICT_LINES,
		'right',
		...(withPoints ? ['points', 'of'] : []),
		'slips',
		'look at',
		'not read',
	];
}

/** A marked answer as a row; one that could not be read has its reason in the last column, and nothing judged. */
export function markedCells({ row, marked, why }: MarkedRow, withPoints: boolean): readonly string[] {
	const { student, exercise, answer, working, at } = row;
	const points = marked?.points;
	return [
		student,
		exercise,
		answer,
		working,
		...VERDICT_LINES.map((line) => marked?.lines[line].verdict ?? ''),
		marked ? (marked.lines.right ? 'yes' : 'no') : '',
		...(withPoints ? [points ? `${points.got}` : '', points ? `${points.of}` : ''] : []),
		marked?.slips.map(({ title }) => title).join('; ') ?? '',
		marked?.look ?? '',
		marked ? '' : `Row ${at}: ${why}.`,
	];
}

/** Marked answers as comma-separated values, with the names of their columns. */
export function markedCsv(rows: readonly MarkedRow[], withPoints = false): string {
	return tableText([markedColumns(withPoints), ...rows.map((row) => markedCells(row, withPoints))]);
}

/** Answers to be filled in or handed over: the columns that `mark` reads. */
export function answersCsv(
	rows: readonly {
		readonly student: string;
		readonly exercise: string;
		readonly answer: string;
		readonly working?: string;
	}[],
): string {
	const withWorking = rows.some(({ working }) => working);
	return tableText([
		['student', 'exercise', 'answer', ...(withWorking ? ['working'] : [])],
		...rows.map(({ student, exercise, answer, working }) => [
			student,
			exercise,
			answer,
			...(withWorking ? [working ?? ''] : []),
		]),
	]);
}
