export const valueAndTargetAreOnTheSame = 'Value and target are on the same rung, so nothing changes.';

export function oneFactorTheGoesWithThe(from: string, base: string): string {
	return `${from}, one factor. The 1 goes with the prefix, the power of ten with ${base}.`;
}

export function throughTheGoesWithEach(from: string, base: string): string {
	return `${from}, through ${base}. The 1 goes with each prefix, the power of ten with ${base}.`;
}

export function raiseTheWholeFactorToThe(ordinals: undefined | string, raised: number): string {
	return `Raise the whole factor to the ${ordinals ?? `${raised}th`} power. Each power of ten of the prefix then counts ${raised} times.`;
}

export function oneStepOfTenOfTheUnitIsOne(at: string, at2: string, abs: number): string {
	return `One step of ten of the unit is one power: 10${at} and 10${at2} are ${abs} apart.`;
}

export const guessFirstWhichNumber =
	'Guess first. Which number belongs at the target, and where does the power of ten go? Then show it.';

export const showTheTargetAndTheFactors = 'Show the target and the factors';

export const hideTheTargetToGuessFirst = 'Hide the target, to guess first';

export const theseFactors = 'these factors';

export const thisFactor = 'this factor';

export const theValueOnItsRung = 'The value, on its rung';

export const theTargetOnItsRung = 'The target, on its rung';

export function theLadderOf(name: string): string {
	return `The Ladder of ${name}`;
}

export const km = '2.5 km';

export const tooLongToWriteOut = 'too long to write out';

export const aValueWithItsUnit = 'A value with its unit';

export const typeAValueWithAMetricUnit =
	'Type a value with a metric unit, such as 2.5 km or 40 cm^2, to put it on a rung.';

export function toTheOfTheBase(value: string, at: number, at2: number): string {
	return `${value}, 10 to the ${at < 0 ? 'minus ' : ''}${at2} of the base`;
}

export const dragAnEndToMoveItDragPast = 'Drag an end to move it. Drag past the edge for more prefixes.';

export function moveThe(end: string): string {
	return `Move the ${end}`;
}

export function theARungUp(end: string): string {
	return `the ${end} a rung up`;
}

export function theARungDown(end: string): string {
	return `the ${end} a rung down`;
}
