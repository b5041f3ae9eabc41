import { countOf } from '@tidy-sum/core';

export const continueLabel = 'Continue';

export const toPractise = 'To practise';

export const aFirstRound = 'A first Round';

export const startNewExercises = 'Start 5 new exercises';

export const sheets = 'Sheets';

export function problemsRightBegun(stateCount: number, right: number, number: number): string {
	return `${stateCount} problems: ${right} right, ${number} started.`;
}

export function continueWith(says: string, number: string | number): string {
	return `${says} Continue with ${number}.`;
}

export const convertQuantitiesAsYouDoOn =
	'Convert quantities as you do on paper, factor by factor, until only the unit you want is left. Every line is checked and explained.';

export const workYourFirstLine = 'Work your first line';

export const bringAProblem = 'Bring a problem';

export const ofYourOwnOrAWholeSheet = 'of your own, or a whole sheet';

export const aLineThatBuildsItself =
	'A line: 1.254 km times 1000 m over 1 km. Kilometres cancel, metres are left, and the answer is 1254 m.';

export const km = 'km';

export const wanted = 'wanted';

export const cancelled = 'cancelled';

export const onlyMIsLeft = 'Only m is left: the line is complete.';

export function theLineSoFar(start: string, blocks: number): string {
	return `The line so far: ${start} and ${countOf(blocks, 'factor')}.`;
}

export const yourRound = 'Your Round';

export const goOnWithYourRound = 'Go on with your Round';

export function ofRoundRight(right: number, count: number): string {
	return `${right} of ${count} right.`;
}

export const orTryOneOfThese = 'Or try one of these';

export const allExercises = 'All exercises';

export function dayOfWeek(day: string, isToday: boolean, count: number, right: number): string {
	const how = count ? `, ${right} right at once` : '';
	return `${day}${isToday ? ', today' : ''}: ${countOf(count, 'exercise')}${how}`;
}

export const greenIsRightAtOnce = 'How many exercises you worked each day. Green is the part that was right at once.';

export const chooseAnExercise = 'Choose an exercise';

export const theRecord = 'The Record';

export const yourProgress = 'your progress';

export const settings = 'Settings';

export const yourWorkIsOnTheServerWhich =
	'Your work is on the server, which cannot be reached right now. It loads as soon as the server is back.';

export const loadingYourWork = 'Loading your work…';

export const today = 'Today';

export const thisWeek = 'This week';

export const aClass = 'Class';

export const joinOrTeach = 'join or teach one';

export const yourClass = 'Your class';

/** How far the sheet of a class is: "Heron 4 in 8b: 3 of 12 right, due Friday 4 Dec". */
export function seatSays(says: string, title: string, right: number, count: number, due: string | null): string {
	return `${says} in ${title}: ${rightOf(right, count)}${due ? `, due ${due}` : ''}`;
}

export function rightOf(right: number, count: number): string {
	return `${right} of ${count} right`;
}

export function waitForTheNetwork(count: number): string {
	return `${countOf(count, 'answer')} ${count === 1 ? 'waits' : 'wait'} for the network`;
}
