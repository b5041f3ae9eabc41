export function handIn(title: string): string {
	return `Hand in: ${title}`;
}

export const toTheDesk = 'To the Desk';

export const name = 'Name';

export function date(date: string): string {
	return `Date ${date}`;
}

export function wanted(wanted: string): string {
	return `Wanted: ${wanted}`;
}

export const theLine = 'The line';

export const thereIsNoLine = 'There is no line.';

export function answer(answer: string): string {
	return `Answer: ${answer}`;
}

export const thereIsNoAnswerYet = 'There is no answer yet.';

export function checked(verdict: string, shown: boolean, nudged: number, uncoveredCount: number): string {
	return `Checked. ${verdict}${shown ? ' The worked line was shown.' : ''}${nudged ? ` Hints: ${nudged}.` : ''}${uncoveredCount ? ` Numbers uncovered: ${uncoveredCount}.` : ''}`;
}

export const opensInAnyProgram = 'opens in any program';

export const forLatex = 'for LaTeX';

export const forAWebPageOrAWord = 'for a web page or a word processor';

export function theIsCopied(label: string): string {
	return `The ${label} is copied.`;
}

export function hereIsTheSelectItAndCopyIt(label: string): string {
	return `Here is the ${label}. Select it and copy it.`;
}

export const aWorking = 'A working';

export const toCompareWithThisLine = 'to compare with this line';

export const printOrSaveAsPdf = 'Print, or save as PDF';

export function copy(label: string): string {
	return `Copy ${label}`;
}

export const toTheSheet = 'To the sheet';

export const toTheRound = 'To the Round';

export function notDoneYetOf(open: string, openCount: number, exerciseCount: number): string {
	return `Not done yet: ${open} (${openCount} of ${exerciseCount}).`;
}

export function allAreDone(exerciseCount: number): string {
	return `All ${exerciseCount} are done.`;
}
