import { countOf } from '@tidy-sum/core';

export const aWrittenLineSuchAsCmInCmIn = 'a written line, such as "91 cm * 1 in/2.54 cm = 36 in"';

export const theResultAsJson = 'the result as JSON';

export const checkAWrittenWorkingIts = 'check a written working: its first mistake, and how many figures it allows';

export const tidySumCheckCmInCmFtInFt = 'tidy-sum check "91 cm * 1 in/2.54 cm * 1 ft/12 in = 2.99 ft"';

export const whatTheLineStartsFromSuch = 'what the line starts from, such as "26 mi/h"';

export const theUnitItShouldEndInSuchAs = 'the unit it should end in, such as ft/s';

export const theLineAndItsResultAsJson = 'the line and its result as JSON';

export const theLineAsLatex = 'the line as LaTeX';

export const workALineFromAQuantityToA =
	'work a line from a quantity to a unit, and say how many figures the result may have';

export const tidySumConvertMiHFtS = 'tidy-sum convert "26 mi/h" ft/s';

export const tidySumConvertDegcKJson = 'tidy-sum convert "12.5 degC" K --json';

export function is(value: string, text: string, unit: string): string {
	return `${value} is ${text} ${unit}.`;
}

export function answers(rows: number, counts: string): string {
	return `${rows} answers: ${counts}.`;
}

export function notRead(row: string): string {
	return `  not read: ${row}`;
}

export const csvWithTheColumnsStudent =
	'CSV with the columns student, exercise, answer and, if you have it, working; - for standard input';

export const theExercisesAFileTheCodeOf = 'the exercises: a file, the code of a Round, or book';

export const whereToWriteTheMarked = 'where to write the marked answers as CSV; standard output by default';

export const whereToWriteAPageToPrint =
	'where to write a page to print, with the class, the most common slips, each exercise and each student';

export const pointsForEachLineLineValue = 'points for each line: "line 1, value 2, figures 1, unit 1"';

export const a4OrLetterForTheReportA4By = 'a4 or letter, for the report; a4 by default';

export const markTheAnswersOfAClassWith = 'mark the answers of a class, with the slips and what to look at';

export const tidySumMarkAnswersCsvSet = 'tidy-sum mark answers.csv --set set.json -o marked.csv --report report.html';

export const tidySumMarkAnswersCsvSetKS5faF =
	'tidy-sum mark answers.csv --set 910k-s5fa-f --points "value 2, figures 1, unit 1"';

export const giveTheExercisesTooSetSet = 'Give the exercises too: --set set.json';

export const onlyOneOfTheTwoCanBeRead = 'Only one of the two can be read from standard input.';

export const stoppedTheAnswersMarkedSo = 'Stopped. The answers marked so far are kept.';

export const cannotBeTold = 'unclear';

export function to(until: string): string {
	return ` to ${until}`;
}

export function over(under: string): string {
	return ` over ${under}`;
}

export function start(told: string): string {
	return `  start: ${told}`;
}

export function notSure(starts: string): string {
	return `  not sure: it may start from ${starts}`;
}

export function fact(left: string, right: string): string {
	return `  fact: ${left} = ${right}`;
}

export function notNeeded(spare: string): string {
	return `  not needed: ${spare}`;
}

export function wanted(wanted: string): string {
	return `  wanted: ${wanted}`;
}

export const aTextWithAProblemOrAPageOf =
	'a text, a picture, a PDF or a Word file with a problem or a page of them; - for standard input';

export const readAProblemOrEachProblem = 'read a problem, or each problem of a page';

export const tidySumReadProblemTxt = 'tidy-sum read problem.txt';

export const echoFtToYdTidySumRead = 'echo "14 ft to yd" | tidy-sum read -';

export const tidySumReadSheetJpg = 'tidy-sum read sheet.jpg';

export function readWithDoubt(read: readonly string[]): string {
	return `Please check against the page: ${new Intl.ListFormat('en', { type: 'conjunction' }).format(read)}.`;
}

export const thisIsNoText = 'This file is not a text, a picture, a PDF or a Word file that can be read.';

export const thereIsNoProblemInThisText = 'There is no problem in this text.';

export const theCodeOfTheRound = 'the code of the Round';

export const writeTheExercisesOfARound = 'write the exercises of a Round in any form';

export const tidySumRoundKS5faFFormHtml = 'tidy-sum round 910k-s5fa-f --form html -o round.html';

export const tidySumRoundKS5faFFormQtiO = 'tidy-sum round 910k-s5fa-f --form qti -o set.zip';

export function jsonByDefault(formnames: string): string {
	return `${formnames}; json by default`;
}

export const whereToWriteItStandard = 'where to write it; standard output by default';

export const theAddressOfTheAppForACode =
	'the address of the app, for a code picture on the work sheet that opens it there';

export const a4OrLetterForAWorkSheetA4 = 'a4 or letter, for a work sheet; a4 by default';

export function thereIsNoFormThereAre(name: string, formnames: string): string {
	return `There is no form “${name}”; there are ${formnames}.`;
}

export function thisFormIsNotTextSoGiveA(name: string, extension: string): string {
	return `This form is not text, so give a file: -o ${name}.${extension}`;
}

export function as(out: string, count: number, extension: string, label: string): string {
	return `${out}: ${countOf(count, 'exercise')} as ${extension === 'html' ? 'a work sheet' : label}.`;
}

export const aFileWithExercisesJsonCsvA =
	'a file with exercises (json, csv, a package or an item of QTI, a text), the code of a Round, or book';

export const writeASetOfExercisesIn = 'write a set of exercises in another form, and report each row';

export const tidySumSetSheetCsvFormHtml = 'tidy-sum set sheet.csv --form html -o sheet.html';

export const tidySumSetBookFormQtiOBook = 'tidy-sum set book --form qti -o book.zip';
