import { countOf } from '@tidy-sum/core';

export const rightAtOnce = 'right at once';

export const rightAfterAHint = 'right after a hint';

export const rightWithNumbersUncovered = 'right with numbers uncovered';

export const rightAfterAnotherTry = 'right after another try';

export const rightAfterSeeingTheLine = 'right after seeing the line';

export const notRightYet = 'not right yet';

export const notStarted = 'not started';

export const howItWent = 'How it went';

export const slips = 'Slips';

export function times(times: number): string {
	return ` (${times} times)`;
}

export function lookAtExercise(number: number): string {
	return `Look at exercise ${number}`;
}

export const theLinkIsCopiedWhoever = 'The link is copied. Whoever opens it gets the same exercises.';

export const copyTheLink = 'Copy the link';

export const handIn = 'Hand in';

export const theWholeRoundOnPaper = 'the whole Round on paper';

export function withTheCodeAnyoneGetsThe(code: string): string {
	return `With the code ${code} anyone gets the same exercises.`;
}

export const anotherRound = 'Another Round';

export const rounds = 'Rounds';

export function continueWith(number: number): string {
	return `Continue with ${number}`;
}

export const start = 'Start';

export function exercisesLevel(count: number, level: number, skills: string): string {
	return `${count} exercises, level ${level}: ${skills}.`;
}

export const aShortRoundOnTheseSlips = 'A short Round on these slips';

export const fiveNewExercises = 'five new exercises';

export const thisRound = 'this Round';

export function exerciseAsItWasWorked(number: number): string {
	return `Exercise ${number}, as it was worked`;
}

export const anotherRoundOfTheSame = 'Another Round of the same skills';

export const aRound = 'A Round';

export const makingTheRound = 'Making the Round…';

export function checkItOrStartYourOwnRound(code: undefined | string): string {
	return `${code ? `The code was “${code}”. ` : ''}Check it, or start your own Round.`;
}

export const plain = '1 plain';

export const tricky = '3 tricky';

export const notTriedYet = 'not tried yet';

export function ofRightAtOnce(atOnce: number, worked: number, isDue: boolean): string {
	return `${atOnce} of ${worked} right at once${isDue ? ', due' : ''}`;
}

export const orChooseWhatToPractise = 'Or choose what to practise';

export const touchASkillToChooseIt = 'Touch a skill to choose it.';

export function chosenWhichIsTheMostForOne(chosenCount: number): string {
	return `${chosenCount} chosen, which is the most for one Round.`;
}

export function chosenARoundCanMixUpTo(chosenCount: number, round: number): string {
	return `${chosenCount} chosen. A Round can mix up to ${round}.`;
}

export const whatToPractise = 'What to practise now';

export const aRoundIsASetOfExercises = 'A Round is a set of exercises with new numbers each time.';

export function chosenNames(names: string): string {
	return `In this Round: ${names}.`;
}

export function skillsToMix(count: number): string {
	return `${count} skills, up to 8 in one Round`;
}

export const fromATeacherOrAFriend = 'from a teacher or a friend';

export function roundsStarted(count: number): string {
	return countOf(count, 'Round');
}

export const toSaveLookAtOrMark = 'save it, look at your progress, or mark a class’s answers';

export const chooseThese = 'Choose these';

export const openARoundByItsCode = 'Open a Round by its code';

export const codeOfARound = 'Code of a Round';

export const k7mAe = '4k7m-9ae';

export const openIt = 'Open it';

export const startedBefore = 'Started before';

export function ofDone(valueCount: number, count: number): string {
	return `${valueCount} of ${count} done`;
}

export function startNewExercises(count: number): string {
	return `Start ${count} new exercises`;
}

export const howMany = 'How many';

export const level = 'Level';

export const yourPastWork = 'Your past work';

export const theRecord = 'The Record';

export const skillsSlipsTimes = 'skills, slips, times';

export const markAClasssAnswers = 'Mark a class’s answers';
