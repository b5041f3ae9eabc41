export const notStarted = 'not started';

export const startedNotRightYet = 'started, not right yet';

export const myOwn = 'my own';

export function problemsRight(stateCount: number, right: number): string {
	return `${stateCount} problems, ${right} right`;
}

export const myOwnTitle = 'My own';

export function isRemoved(removed: string): string {
	return `“${removed}” is removed.`;
}

export const bringItBack = 'Bring it back';

export function showAll(foundCount: number): string {
	return `Show all ${foundCount}`;
}

export const noneOfYourOwnProblemsMatch = 'None of your own problems match.';

export const noExerciseInTheBookMatches = 'No exercise in the book matches.';

export const problems = 'Problems';

export const bringAProblem = 'Bring a problem';

export const chooseByHowFarYouAre = 'choose by how far you are';

export function trainsHowFar(trains: string, howFar: string): string {
	return `${trains} · ${howFar}`;
}

export const searchTheProblems = 'Search the problems';

export const honeyARateC = 'honey, a rate, °C…';

export const kind = 'Kind';

export const howFar = 'How far';
