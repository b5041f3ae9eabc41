export const myAnswersAsCsv = 'My answers as CSV';

export const withTheirLinesForATeacher = 'with their lines, for a teacher to mark';

export const nothingHasBeenWorkedHere = 'Nothing has been worked here yet.';

export function answers(title: string): string {
	return `${title} answers`;
}

export function theServerDoesNotHaveYetTry(what: string): string {
	return `The server does not have ${what} yet. Try again in a moment.`;
}

export function viewOnlyLinkMade(isCopied: boolean, what: string, until: string | null): string {
	const copied = isCopied ? 'The link is copied. ' : '';
	const ends = until === null ? '' : ` It ends on ${until}.`;
	return `${copied}Whoever has it can see ${what} and each step, and cannot change it.${ends} You can withdraw it under Settings, Desks and devices.`;
}

export const theLinkWorksUntilYou = 'The link works until you withdraw it under Settings, Desks and devices.';

export const showItToSomeone = 'Show it to someone';

export function aViewOnlyLinkTo(what: string): string {
	return `a view-only link to ${what}`;
}

export const thisDidNotWorkPleaseTry = 'This did not work. Please try again.';

export const noEndDate = 'No end date';

export const untilYouWithdrawIt = 'until you withdraw it';

export function leftOut(where: string, says: string): string {
	return `Left out, ${where}: ${says}`;
}

export function round(code: string): string {
	return `round ${code}`;
}

export const oneMoment = 'One moment…';

export function savedAs(name: string): string {
	return `Saved as ${name}.`;
}

export const saveACopy = 'Save a copy';

export const youHaveNotCheckedAnAnswer = 'You have not checked an answer yet, so there is nothing to save.';

export const oneRowForEachTryForA = 'one row for each try, for a spreadsheet';

export const theSameForOtherPrograms = 'the same, for other programs';
