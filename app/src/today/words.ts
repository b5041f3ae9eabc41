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

export const chooseAnExercise = 'Choose an exercise';

export const theRecord = 'The Record';

export const yourProgress = 'your progress';

export const settings = 'Settings';

export const yourWorkIsOnTheServerWhich =
	'Your work is on the server, which cannot be reached right now. It loads as soon as the server is back.';

export const loadingYourWork = 'Loading your work…';

export const today = 'Today';

export const thisWeek = 'This week';

export const todayLabel = ', today';

export function exerciseCount(count: number): string {
	return countOf(count, 'exercise');
}
