export const someoneSharedThisRoundWith =
	'Someone shared this Round with you. You can replay each line, but you cannot change it.';

export function exercise(number: number): string {
	return `Exercise ${number}`;
}

export const itHasNotBeenStartedYet = 'It has not been started yet.';

export const back = 'Back';

export const toTheRound = 'to the Round';

export const toYourOwnWork = 'to your own work';

export function someoneSharedThisLineWith(title: string): string {
	return `Someone shared this line with you (${title}). You can replay it, but you cannot change it.`;
}

export const thereIsNothingToSeeHereThe =
	'There is nothing to see here. The link was withdrawn, or part of it is missing.';

export const nothingToSee = 'Nothing to see';

export const askThePersonWhoSentItForA = 'Ask the person who sent it for a new link. Your own work is not affected.';

export const loading = 'Loading…';

export function replay(title: string): string {
	return `Replay: ${title}`;
}

export const desk = 'Desk';

export const previous = 'Previous';

export const oneStep = 'one step';

export const pause = 'Pause';

export const play = 'Play';

export const next = 'Next';

export function of(at: number, count: number, says: string): string {
	return `${at} of ${count}. ${says}`;
}

export const theStepThatIsShown = 'The step that is shown';

export function stepOf(at: number, count: number, says: string): string {
	return `Step ${at} of ${count}: ${says}`;
}

export const theLineIsEmpty = 'The line is empty.';

export function wanted(number: string): string {
	return `Wanted: ${number}`;
}

export function itEquals(comesTo: string): string {
	return `It equals ${comesTo}.`;
}

export function answer(answer: string): string {
	return `Answer: ${answer}`;
}

export function checked(checked: string): string {
	return `Checked. ${checked}`;
}

export const showTheNumbers = 'Show the numbers';

export const largeTextForAClass = 'Large text, for a class';

export const speed = 'Speed';

export const useTheArrowKeysToMoveStep =
	'Use the arrow keys to move step by step, and the space bar to play or pause. Steps that were undone are shown too.';

export const thisLine = 'this line';

export const toTheLine = 'To the line';

export const thereAreNoStepsYetOnceYou =
	'There are no steps yet. Once you work on this exercise, you can replay each step here.';
