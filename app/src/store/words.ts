export const theServerCannotBeReached =
	'The server cannot be reached right now. Nothing was changed. Try again in a moment.';

export const theServerNoLongerLetsThis = 'The server no longer lets this device open this desk.';

export const thisDeskWasErased = 'This desk was erased.';

export function thatWasTooMuchAtOnceTry(ceil: number): string {
	return `That was too much at once. Try again in ${ceil} seconds.`;
}

export const thisDeviceHasNoKeyToThat =
	'This device has no key to that desk. Make a code on a device that has it, under Settings.';

export const thisRecoverySheetDoesNot = 'This recovery sheet does not work. It was removed, or a sign is missing.';

export const thisLineCannotBeReadHereIt = 'This line cannot be read here. It is kept safe.';

export const thisLineIsOnTheServerWhich =
	'This line is on the server, which cannot be reached right now. It loads as soon as the server is back.';

export const loadingThisLineFromThe = 'Loading this line from the server…';

export function thereIsNoExerciseCalled(name: string): string {
	return `There is no exercise called “${name}”.`;
}

export const thisRoundHasNoSuchExercise = 'This Round has no such exercise.';

export const readingTheProblem = 'Reading the problem…';

export const makingTheRound = 'Making the Round…';
