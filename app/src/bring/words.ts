import { countOf } from '@tidy-sum/core';

export const oneProblem = 'one problem';

export function aSheetOf(count: number): string {
	return `a sheet of ${count}`;
}

export const aWrittenWorking = 'a written working';

export const keepAsASheet = 'Keep as a sheet';

export const keepIt = 'Keep it';

export const lookAtTheWorking = 'Look at the working';

export const toTheLine = 'To the line';

export const thisIs = 'This is';

export const bringAProblem = 'Bring a problem';

export const changeTheProblem = 'Change the problem';

export const back = 'Back';

export const toTheSheet = 'to the sheet';

export const toAllProblems = 'to all problems';

export const toTheDesk = 'to the Desk';

export const undo = 'Undo';

export const redo = 'Redo';

export function thisTextHasCharactersAndIs(textCount: number, limit: number): string {
	return `This text has ${textCount} characters, and ${limit} is the most that can be saved. Please cut it in two, or it is gone when you close the page.`;
}

export const typeOrPasteItAsItIsOnYour =
	'Type or paste it as it is on your sheet. The start, the facts and the unit asked for are marked as you type. You can change each one.';

export const aPhoto = 'Take a photo';

export const ofTheProblem = 'of the problem';

export const handwritingIsNotRead = 'Printed text is read. Handwriting is not.';

export function onlyThisFileWasRead(name: string): string {
	return `Only ${name} was read. Bring the others one by one.`;
}

export const aPictureOrFile = 'A picture or file';

export const fromThisDeviceATextOr =
	'from this device: a picture, a PDF, a Word file, a text, or exercises as CSV, JSON or QTI';

export function onlyTheFirstCharactersOf(limit: number): string {
	return `Only the first ${limit} characters of this long text are read. All of it is kept.`;
}

export function theFile(name: string): string {
	return `The file ${name}`;
}

export function readNothingIsSavedYet(title: string, count: number, leftCount: number): string {
	return `${title}: ${countOf(count, 'exercise was', 'exercises were')} read${leftCount ? `, ${leftCount} left out` : ''}. Nothing is saved yet.`;
}

export const notNow = 'Not now';

export const leftOut = 'Left out';

export function andMore(number: number): string {
	return `And ${number} more.`;
}

export function aSheetTakesProblemsThe(limit: number, number: number): string {
	return `A sheet takes ${limit} problems. The first ones are taken, and ${number} are left out.`;
}

export const read = 'Read';

export const addIt = 'Add it';

export const addThem = 'Add them';

export const sharedWithYou = 'Shared with you';

export function sharedWithYouOfHanded(handed: string, problemCount: number): string {
	return `Shared with you: ${handed} (${countOf(problemCount, 'problem')})`;
}

export function andSeeHowItWasWorkedOut(take: string): string {
	return `${take}, and see how it was worked out`;
}

export const aProblemInThisLinkHasA =
	'A problem in this link has a number or a unit I cannot read. Nothing was added. Ask for the link again.';

export const forThisApp = 'For this app';

export const theProblemsThemselvesTo = 'the problems themselves, to open again under “Bring a problem”';

export function thisIsTooLongForALink(madeCount: number, limit: number): string {
	return `This is too long for a link (${madeCount} characters, ${limit} at most). Save it as a file and send that.`;
}

export const theLinkIsCopiedWhoever =
	'The link is copied. Whoever opens it gets the problem and sees each step you did.';

export const theLinkIsCopiedWhoeverOpensItGets =
	'The link is copied. Whoever opens it gets the same problems, and none of your work.';

export const hereIsTheLinkSelectItAnd = 'Here is the link. Select it and copy it.';

export const shareTheseProblems = 'Share these problems';

export const copyALink = 'Copy a link';

export const withTheseProblems = 'with these problems';

export const copyALinkWithMyWorking = 'Copy a link with my working';

export const withTheseProblemsAndEach = 'with these problems and each step you did';

export const theFileCannotBeReadAsAPage =
	'This kind of file cannot be read. Bring a JPEG or PNG picture, a PDF or a text, or type the problem.';

export const aProblemAWholeSheetOrA = 'A problem, a whole sheet, or a written working';

export const aSledRunsAt = 'A sled runs at 3.6\u00a0m/s. What is that in km/h?';

export const kmHOrFtAndIn = 'km/h, or ft and in';

export const aQuantityToStartFrom = 'A quantity to start from';

export const theUnitOfTheAnswer = 'The unit of the answer';

export const useThis = 'Use this';

export function problemsFoundKeepThemAsA(problemCount: number): string {
	return `${problemCount} problems found. Keep them as a sheet, then work them one by one.`;
}

export function aSheetTakesProblemsTheRest(limit: number): string {
	return `A sheet takes ${limit} problems. The rest stays in the text and is not on the sheet.`;
}

export const notOnTheSheet = 'These lines are in no problem:';

export const linesToFillIn = 'Lines to fill in, for names and answers, are left out.';

export const addAsAProblem = 'Add as a problem';

export function noFactLeads(from: string, to: string): string {
	return `I see no fact that leads from ${from} to ${to}.`;
}

export const touchTheNumberOfTheFact = 'If the text gives one, touch its number.';

export const startFromIt = 'Start from it';

export const itIsPartOfAFact = 'It is part of a fact';

export const notNeeded = 'Not needed';

export function whatGoesWith(text: string): string {
	return `What ${text} goes with`;
}

export const whichTwoBelongTogether = 'Which two belong together?';

export const crate = '1 crate';

export const addTheFact = 'Add the fact';

export function thePlaceOf(text: string): string {
	return `The place of ${text}`;
}

export function whatIsHereFor(chosen: string): string {
	return `What is ${chosen} here for?`;
}

export const thisIsNotTheUnitAskedFor = 'This is not the unit asked for';

export const thisIsNotAboutRounding = 'This is not about rounding';

export const thisIsTheUnitAskedFor = 'This is the unit asked for';

export const close = 'Close';

export const startFromWhatTheQuestion =
	'Start from what the question asks about. An amount “per” or “in each” is a fact, and becomes a factor.';

export const whatWasRead = 'What was read';

export const whatIReadTouchOneToChange = 'What I read. Touch one to change what it is for.';

export const changeWhatItIsFor = 'change what it is for';

export const theStartOfTheLine = 'The start of the line';

export const thisIsARangeBothEndsAre = 'This is a range. Both ends are converted.';

export function onTheLineAdd(terms: string): string {
	return `On the line, add ${terms}.`;
}

export function wanted(asked: boolean, exercise: string, difference: boolean): string {
	return `Wanted: ${asked ? exercise : 'not said yet'}${difference ? ', of a difference' : ''}.`;
}

export const closeTheFields = 'Close the fields';

export const fillItInYourself = 'Fill it in yourself';

export const startWantedRoundingAnd = 'start, wanted, rounding and facts';

export const nothingWasFoundInItYet = 'Nothing was found in it yet.';

export const beingRead = 'being read…';

export const handIn = 'Hand in';

export function continueWith(number: string | number): string {
	return `Continue with ${number}`;
}

export const start = 'Start';

export function problemsRightBegunStillTo(
	problemCount: number,
	right: number,
	number: number,
	number2: number,
): string {
	return `${problemCount} problems: ${right} right, ${number} started, ${number2} still to do.`;
}

export const rename = 'Rename';

export const theTitleOfTheSheet = 'The title of the sheet';

export const theProblemWasRemovedFrom = 'The problem was removed from the sheet.';

export const bringItBack = 'Bring it back';

export function problem(number: string | number): string {
	return `problem ${number}`;
}

export const eraseThisSheet = 'Erase this sheet';

export const hereAndOnEveryDevice = 'here and on every device';

export const eraseTheSheetAndAllIts = 'Erase the sheet and all its lines for good, here and on every device?';

export const eraseItForGood = 'Erase it for good';

export const thereIsNoSuchSheetOnThis = 'There is no such sheet on this desk.';

export const theStart = 'the start';

export const aFact = 'a fact';

export const notNeededLabel = 'not needed';

export const theRounding = 'the rounding';

export const notSortedYet = 'not sorted yet';

export const whatDoesTheLineStartFrom = 'What does the line start from?';

export const whatShouldTheAnswerBeIn = 'What should the answer be in?';

export const thisFileIsTooLongToRead = 'This file is too long to read.';

export const readingTheFile = 'Reading the file…';

export const theFileCouldNotBeRead = 'The file could not be read. Please try again.';
