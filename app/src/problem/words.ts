export function takeItAs(about: string, exact: boolean): string {
	return `${about}: take it as ${exact ? 'measured' : 'exact'}`;
}

export const itsNumberIs = 'Its number is';

export const factsOfTheProblem = 'Facts of the problem';

export const remove = 'Remove';

export const typeWith = 'Type with';

export const theKeysHere = 'the keys here';

export const theDevicesKeyboard = 'the device’s keyboard';

export const theseTemperaturesAre = 'These temperatures are';

export const aDifference = 'a difference';

export const bySignificantFigures = 'by significant figures';

export const toANumberOfFigures = 'to a number of figures';

export const toAPlace = 'to a place';

export const notRounded = 'not rounded';

export const theAnswerIsRounded = 'The answer is rounded';

export const howFarItIsRounded = 'How far it is rounded';

export const onePlaceCoarser = 'one place coarser';

export const oneFigureFewer = 'one figure fewer';

export function to(says: string): string {
	return `to ${says}`;
}

export const onePlaceFiner = 'one place finer';

export const oneFigureMore = 'one figure more';

export const startFrom = 'Start from';

export const inHKmInHToFFtIn = '2.75 in/h, 150 km in 2.5 h, 50 to 68 °F, 7 ft 5 in';

export function readsAs(value: string): string {
	return `Reads as ${value}`;
}

export const inLabel = ' in ';

export const toLabel = ' to ';

export function over(second: string): string {
	return ` over ${second}`;
}

export const and = ', and ';

export function toOfUntil(until: string): string {
	return ` to ${until}`;
}

export const aFactFromTheProblem = 'A fact from the problem';

export const jarsCrate = '12 jars = 1 crate';

export const addTheFact = 'Add the fact';

export const anyForm = 'any form';

export const aFraction = 'a fraction';

export const theAnswerIs = 'The answer is';

export function isReadAsAThingYouCount(counted: string): string {
	return `${counted} is read as a thing you count.`;
}

export const andLabel = ' and ';

export const writeItsNumberIn = 'Write its number in';

export function fromTo(from: string, to: string): string {
	return `from ${from} to ${to}`;
}
