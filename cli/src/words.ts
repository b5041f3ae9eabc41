export function theRequestHasTheWrongShape(message: undefined | string): string {
	return `The request has the wrong shape: ${message ?? 'unknown'}.`;
}

export function aRequestLineCanHaveUpTo(limit: number): string {
	return `A request line can have up to ${limit} bytes.`;
}

export const thisLineIsNotJson = 'This line is not JSON.';

export function thereIsNoOperation(op: string): string {
	return `There is no operation “${op}”.`;
}

export function theFileCannotBeRead(file: string): string {
	return `The file ${file} cannot be read.`;
}

export function theFileCannotBeWritten(file: string): string {
	return `The file ${file} cannot be written.`;
}

export function thePaperIs(papers: string): string {
	return `The paper is ${papers}.`;
}

export const leftOut = 'left out, ';

export function andMore(number: number): string {
	return `and ${number} more`;
}

export const theseAnswersAreNotUtfText =
	'These answers are not UTF-8 text. Save the file again as UTF-8, then try again.';

export const theAnswersCannotBeRead = 'The answers cannot be read.';

export const theFileOfAnswersIsEmpty = 'The file of answers is empty.';

export function theFileCannotBeWrittenOfTo(to: string): string {
	return `The file ${to} cannot be written.`;
}

export function theAnswersCannotBeMarked(message: string): string {
	return `The answers cannot be marked: ${message}`;
}

export function forExample(examples: string): string {
	return `\nFor example:\n${examples}\n`;
}

export const exitCodeWhenAllIsWellWhen =
	'Exit code: 0 if all is well, 1 if something is wrong or left out, 2 if the input cannot be read.';

export const theCoreOfTidySumWithoutA = 'The core of Tidy Sum without a screen.';

export const runTidySumHelpForAList = '(run tidy-sum help for a list)';

export const readsRequestsFromStandard =
	'reads requests from standard input, one JSON text a line, and answers each with one line';
