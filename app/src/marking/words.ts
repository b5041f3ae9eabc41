import { countOf } from '@tidy-sum/core';

export const aFile = 'a file';

export const aRound = 'a Round';

export const theBook = 'the book';

export function marked(title: string): string {
	return `${title} marked`;
}

export const theMarkedAnswers = 'The marked answers';

export const csvWithTheFourChecksThe = 'CSV with the four checks, the slips and what to look at';

export const theReport = 'The report';

export const aPageToPrint = 'a page to print';

export const theResult = 'The result';

export const stoppedHereIsWhatWasMarked = 'Stopped. Here is what was marked so far.';

export const markAClasssAnswers = 'Mark a class’s answers';

export const rounds = 'Rounds';

export const stop = 'Stop';

export const keepWhatIsMarked = 'keep what is marked';

export const markThem = 'Mark them';

export const youNeedTheExercisesAndACsv =
	'You need the exercises, and a CSV with one answer in each row. Its columns are student, exercise and answer, and working if you have it. Nothing leaves this device.';

export const whereAreTheExercises = 'Where are the exercises?';

export const fileOfExercises = 'File of exercises';

export const csvJsonOrQti = 'CSV, JSON or QTI';

export const codeOfTheRound = 'Code of the Round';

export const k7mAe = '4k7m-9ae';

export const fileOfAnswers = 'File of answers';

export const csv = 'CSV';

export const pointsForEachLineOptional = 'Points for each line (optional)';

export const valueUnit = 'value 2, unit 1';

export const forExampleLineValueFigures =
	'For example: line 1, value 2, figures 1, unit 1. A line you leave out gives no points.';

export function ofMarked(done: number, of: number): string {
	return `${done} of ${of} marked…`;
}

export const readingTheFiles = 'Reading the files…';

export function all(rowCount: number): string {
	return `All ${rowCount}`;
}

export function answers(rows: number, counts: string): string {
	return `${rows} answers: ${counts}.`;
}

export const mostCommonSlips = 'Most common slips';

export const noSlipWasNamed = 'No slip was named.';

export function slipWithCount(title: string, count: number): string {
	return `${title}, ${countOf(count, 'time')}`;
}

export const byExercise = 'By exercise';

export function mostCommon(slip: string): string {
	return `Most common: ${slip}`;
}

export const byStudent = 'By student';

export function ofPoints(got: number, of: number): string {
	return `${got} of ${of} points`;
}

export const notRead = 'Not read';

export const markingStoppedEarlyPlease = 'Marking stopped early. Please try again.';

const mostLostFirst = 'most lost first';

export function slipKinds(number: number): string {
	return countOf(number, 'kind');
}

export function rowsNotRead(number: number): string {
	return countOf(number, 'row');
}

export function exercisesByLost(number: number): string {
	return `${countOf(number, 'exercise')}, ${mostLostFirst}`;
}

export function studentsByLost(number: number): string {
	return `${countOf(number, 'student')}, ${mostLostFirst}`;
}
