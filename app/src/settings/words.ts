import { countOf, plural } from '@tidy-sum/core';

export const answersIThinkAreRight = 'Answers I think are right';

export const remove = 'Remove';

export const saveThemAsAFile = 'Save them as a file';

export const forYourTeacherOrForThe =
	'For your teacher, or for the makers of this app. It has each exercise, your line, your answer and what the check said, and no names.';

export const sameAsTheDevice = 'same as the device';

export const oneLetterWorksAsACommandOn =
	'One letter works as a command on the Desk: F opens the facts. Turn this off if letters get pressed or spoken by mistake.';

export const singleLettersDoNothingThe =
	'Single letters do nothing. The arrow keys, Esc, Delete and keys with Ctrl or Cmd still work.';

export const writeDecimalsAsAComma = 'Write decimals as 2.54. A comma before three digits groups them, as in 1,250.';

export const writeDecimalsAsHereIsA = 'Write decimals as 2,54. Here 1,250 is a little more than one.';

export const decimalMark = 'Decimal mark';

export const ifYourClassOrAProblemSays = 'If your class or a problem says otherwise, that is used.';

export const working = 'Working';

export const supportWhileWorking = 'Support while working';

export const openTheNextStepByItself = 'Open the next step by itself';

export const theFactsOpenWhenOne =
	'The facts open when one unit still has to go, and the answer opens when the line is complete. With no support, nothing opens.';

export const nothingOpensUntilYouTouch = 'Nothing opens until you touch it.';

export const theNumbersOfTheLine = 'The numbers of the line';

export const aRoundAlwaysUsesLaidOut = 'A Round always uses “laid out”.';

export const thisDevice = 'This device';

export const lightOrDark = 'Light or dark';

export const sizeOfText = 'Size of text';

export const motion = 'Motion';

export const keysOfOneLetterOnTheDesk = 'Keys of one letter, on the Desk';

export const settings = 'Settings';

export const today = 'Today';

export const yourFirstLineWithAGuide = 'Your first line, with a guide';

export const convertAJarOfHoneyOnThe = 'Convert a jar of honey on the Desk. A guide shows each step.';

export const startTheGuide = 'Start the guide';

export const thisDidNotWorkNothingWas = 'This did not work. Nothing was changed. Please try again.';

export function ofWork(count: number): string {
	return `${countOf(count, 'piece')} of work`;
}

export function newHere(added: string, added2: number): string {
	return `${added} ${plural(added2, 'is', 'are')} new here`;
}

export function newerThanWhatWasHere(followed: number): string {
	return `${followed} newer than what was here`;
}

export function alreadyHere(known: number): string {
	return `${known} already here`;
}

export function inTheFileCouldNotBeReadAnd(aside: string, aside2: number): string {
	return ` ${aside} in the file could not be read and ${plural(aside2, 'was', 'were')} left out.`;
}

export function stillLoadingFromTheServer(away: string, away2: number): string {
	return `${away} ${plural(away2, 'is', 'are')} still loading from the server. Try again when everything is here.`;
}

export const oneMoment = 'One moment…';

export function savedAs(store: string): string {
	return `Saved as ${store}.`;
}

export const yourData = 'Your data';

export function sentToTheCheck(work: string, tries: number, where: string): string {
	return `${work}, checked ${countOf(tries, 'time')}. ${where}`;
}

export function stillLoadingFromThere(work: string, away: number): string {
	return `${work} ${plural(away, 'is', 'are')} still loading from there.`;
}

export function withTheAppThisTakes(size: string): string {
	return `With the app itself this takes ${size} in this browser.`;
}

export const allMyWorkAsAFile = 'All my work as a file';

export const loadWork = 'Load work';

export const fromSuchAFileWithoutLosing = 'from such a file, without losing or doubling anything here';

export const theFileHasEveryLineWithAll =
	'The file has every line with all its steps, your problems, sheets, facts and settings. It has no names in it.';

export const desksAndDevices = 'Desks and devices';

export const addADeviceMakeARecovery = 'add a device, make a recovery sheet, leave or erase a desk';
