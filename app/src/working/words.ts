export const theStartWrittenAgain = 'the start, written again';

export function afterFactor(number: number): string {
	return `after factor ${number}`;
}

export const valuesWrittenOnTheWay = 'Values written on the way';

export function firstToFail(name: string): string {
	return `${name} · the first one that does not follow`;
}

export function writtenTheLineGives(written: string, number: string): string {
	return `written ${written}; the line gives ${number}`;
}

export const yourLine = 'Your line';

export const theWorkedLine = 'The worked line';

export const compareItWith = 'Compare it with';

export const myLine = 'my line';

export const theWorkedLineLabel = 'the worked line';

export const theWorking = 'The working';

export const theWorkingLabel = 'the working';

export const yourLineLabel = 'your line';

export function noWorkedLine(why: string | null): string {
	return `No worked line can be made: ${why ?? 'you do not need one here'}`;
}

export const aWorking = 'A working';

export const desk = 'Desk';

export const openItOnTheDesk = 'Open it on the Desk';

export const theWorkingTypedOrPasted = 'The working, typed or pasted';

export const ftInFtIn = '5.5 ft × 12 in / 1 ft = 66 in';

export const yourOwnFromPaperAFriendsOr =
	'Your own from paper, a friend’s or a book’s, in one line or step by step. LaTeX works too.';

export function onlyTheFirstCharactersOfA(limit: number): string {
	return `Only the first ${limit} characters of a working are read.`;
}

export function notReadAsPartOfTheLine(unread: string): string {
	return `Not read as part of the line: ${unread}.`;
}

export const checkItsAnswer = 'Check its answer';

export const itHasNoAnswerToCheckYet = 'It has no answer to check yet.';

export const theAnswer = 'the answer';
