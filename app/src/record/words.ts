import { countOf } from '@tidy-sum/core';

export const asATable = 'As a table';

export const before = 'Before';

export function onePointOf(label: string): string {
	return `one point of ${label}`;
}

export const after = 'After';

export const today = 'Today';

export const tomorrow = 'Tomorrow';

export const nothingIsDueInTheNextTwo =
	'Nothing is due in the next two weeks. Skills from your Rounds come back here when it is time to practise them.';

export const nothingIsDue = 'nothing is due';

export const dueInTheNextTwoWeeks = 'Due in the next two weeks';

export function daysWithSomethingDue(days: number, first: string | null): string {
	const next = first === null ? '' : `, first ${first}`;
	return `${countOf(days, 'day has', 'days have')} something due${next}. The number is how many kinds of exercise are due.`;
}

export const day = 'Day';

export const whatIsDue = 'what is due';

export const exercise = 'Exercise';

export const lastWorked = 'Last worked';

export const kind = 'Kind';

export const howItWent = 'How it went';

export const tries = 'Tries';

export const time = 'Time';

export const rightAtOnce = 'right at once';

export const withHelp = 'with help';

export const afterAnotherTry = 'after another try';

export const notYet = 'not yet';

export function ofPiecesOfWork(found: number, of: number, pages: number, number: number): string {
	return `${found} of ${of} pieces of work${pages > 1 ? `, page ${number} of ${pages}` : ''}.`;
}

export const allWorkThatWasChecked = 'All work that was checked';

export const pageBefore = 'Page before';

export const nextPage = 'Next page';

export const searchAllWork = 'Search all work';

export const honeyRates = 'honey, rates…';

export const skills = 'Skills';

export const slips = 'Slips';

export const due = 'Due';

export const all = 'All';

export const workAsATable = 'work, as a table';

export const theRecord = 'The Record';

export const youHaveNotCheckedAnAnswer = 'You have not checked an answer yet. Once you do, you see here how it went.';

export const chooseAnExercise = 'Choose an exercise';

export const whatToLookAt = 'What to look at';

export const problemsOfMyOwn = 'Problems of my own';

export const aShortRoundOfIt = 'A short Round of it';

export function kindCount(skillCount: number): string {
	return countOf(skillCount, 'kind');
}

export function workedOfTheLatestKindComes(worked: number, kinds: string): string {
	return `${countOf(worked, 'exercise')} worked, of ${kinds}. The columns are the last 12 weeks, all on one scale. Touch one to step through its weeks.`;
}

export function rightAtOnceOf(atOnce: number, worked: number): string {
	return `${atOnce} of ${worked} right at once`;
}

export const skill = 'Skill';

export const youMadeItInYourLatest = 'You made it in your latest exercise of this kind.';

export function youHaveNotMadeItSinceIn(last: string, awayFor: number): string {
	return `You have not made it since ${last}, in ${countOf(awayFor, 'exercise')}.`;
}

export function timeCount(count: number): string {
	return countOf(count, 'time');
}

export function answer(answer: string): string {
	return `Answer: ${answer}`;
}

export function overTime(title: string): string {
	return `${title}, over time`;
}

export function eachTimeIsADotFromToToday(date: string): string {
	return `Each time is a dot, from ${date} to today.`;
}

export const seeHowItHappened = 'See how it happened';

export const replayTheLineOfThisTry = 'replay the line of this try';

export const toTheDesk = 'To the Desk';

export const aShortRoundOnIt = 'A short Round on it';

export const when = 'When';

export const answerTitle = 'Answer';

export function theSlipThatCostsMost(from: string): string {
	return `The slip that came most in the last four weeks is first. Each dot is a time, from ${from} to today.`;
}

export const noSlipWasNamedSoFar = 'No slip was named so far.';

export function exercisesHalfOfThemTookTo(
	count: number,
	quarter: string,
	most: string,
	middle: string,
	shortest: string,
	longest: string,
): string {
	return `${count} exercises. Half of them took ${quarter} to ${most}. The middle one took ${middle}, the shortest ${shortest}, the longest ${longest}.`;
}

export const onceThreeExercisesOfAKind = 'Once three exercises of a kind are right, you see here how long they took.';

export function howLongYouTakeToGetAn(longest: string): string {
	return `How long you take to get an exercise right. It is not a race. The whole width is ${longest} minutes.`;
}

export const aQuarter = 'a quarter';

export const theMiddle = 'the middle';

export const threeQuarters = 'three quarters';

export const theRecordCouldNotBeMade = 'The Record could not be made. Please open it again.';

export function readingTriesOfPartsAre(tries: number, done: number, partCount: number): string {
	return `Reading ${tries} tries: ${done} of ${partCount} parts are ready.`;
}

export function weekByWeek(title: string): string {
	return `${title}, week by week`;
}

export function atMostInOne(weekCount: number, most: number): string {
	return `${countOf(weekCount, 'week')}, at most ${countOf(most, 'exercise')} in one.`;
}

export function weekOf(date: string, of: string): string {
	return `Week of ${date}: ${of || 'no exercises'}.`;
}

export const weekOfTitle = 'Week of';

export const rightAfterAHint = 'right after a hint';

export const rightWithNumbersUncovered = 'right with numbers uncovered';

export const rightAfterAnotherTry = 'right after another try';

export const rightAfterSeeingTheLine = 'right after seeing the line';

export const notRightYet = 'not right yet';

export const rightWithHelp = 'right with help';

export const lineShownOrNotRightYet = 'line shown, or not right yet';

export const whatTheColoursMean = 'What the colours mean';
