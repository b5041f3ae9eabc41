import { countOf, plural } from '@tidy-sum/core';

export const theBalanceTheUnitsLeftOn = 'The balance: the units left on top and on the bottom';

export const theLineIsEmpty = 'The line is empty.';

export function mustGo(go: number): string {
	return `${countOf(go, 'unit')} must go`;
}

export function missing(missing: number): string {
	return `${countOf(missing, 'unit')} ${plural(missing, 'is', 'are')} missing`;
}

export function theLineIsCompleteItsParts(parts: number, text: string): string {
	return `The line is complete. Its ${parts} parts are added, in ${text}.`;
}

export function theLineIsCompleteOnlyIs(text: string, aside: string): string {
	return `The line is complete. Only ${text || 'a plain number'} is left.${aside}`;
}

export function stillToAdd(toAdd: string): string {
	return ` Still to add: ${toAdd}.`;
}

export function setAsideTheWholeOnesThat(aside: string, add: string): string {
	return `Set aside the whole ones that are still in it.${aside}${add}`;
}

export function stepChangeOrRemove(number: number, say: string): string {
	return `step ${number}. ${say} Change or remove`;
}

export const turnOverRaiseOrRemove = 'Turn over, raise or remove';

export function factor(number: string, number2: number, side: string, quantity: string, does: string): string {
	return `${number}, factor ${number2}, ${side}: ${quantity}. ${does}`;
}

export const plus = 'plus';

export const times = 'times';

export function factorOfNumber(number: number, factor: string): string {
	return `Factor ${number}: ${factor}`;
}

export const line = 'Line';

export const value = 'Value';

export const figures = 'Figures';

export const unit = 'Unit';

export const lookAgain = 'look again';

export const notClear = 'not clear';

export function showFactor(number: number): string {
	return `Show factor ${number}`;
}

export function thisMayBeWhy(also: undefined | string, title: string): string {
	return `This may be why: ${also ? 'two slips at once' : title}`;
}

export function or(title: string): string {
	return `Or: ${title}.`;
}

export const toSplit = 'to split';

export const mustGoLabel = 'must go';

export const setAside = 'set aside';

export const stillToAddLabel = 'still to add';

export const stillHasToBeAddedShowHow = 'still has to be added. Show how';

export const top = 'top';

export const bottom = 'bottom';

export const start = 'start';

export function theLineStartingFrom(top: string): string {
	return `The line, starting from ${top}`;
}

export const theLineWithNoStartYet = 'The line, with no start yet';

export function factorOfI(i: number): string {
	return `factor ${i}`;
}

export const theDigitsAreTheSame = 'The digits are the same.';

export function theDigitsAreTheSameButThe(shifted: number): string {
	return `The digits are the same, but the points are ${shifted} places apart.`;
}

export function theFirstDigitThatDiffersIs(parts: string): string {
	return `The first digit that differs is that of ${parts}.`;
}

export const theAnswersDigitByDigit = 'The answers, digit by digit';

export function dividedByIsWholeTimesIsSo(
	divided: undefined | string,
	unit: string,
	size: undefined | string,
	count: undefined | string,
	of: string,
	taken: undefined | string,
	rest: undefined | string,
): string {
	return `${divided} ${unit} divided by ${size} is ${count} whole ${of}. ${count} times ${size} is ${taken}, so ${rest} ${unit} are left.`;
}

export function whole(of: string): string {
	return `whole ${of}`;
}

export function left(unit: string): string {
	return `${unit} left`;
}

export const theWholeOnesAndTheRest = 'The whole ones and the rest';

export function wholeOfWhole(whole: string, unit: string): string {
	return `… ${whole} whole ${unit}`;
}

export function wholeOfWholeUnit(whole: string, unit: string): string {
	return `${whole} whole ${unit}`;
}

export function inWholesAndAPart(unit: string): string {
	return `${unit} in wholes and a part`;
}

export function andOfOneWhichIs(part: string, unit: string, size: string, unit2: string): string {
	return `and ${part} of one ${unit}, which is ${size} ${unit2}`;
}

export const aValueThatIsCovered = 'a value that is covered';

export function notTheTemperatureYou(stands: string): string {
	return `${stands}: not the temperature you started from.`;
}

export function theTemperatureYouStarted(stands: string): string {
	return `${stands}, the temperature you started from.`;
}

export function countedFromTheTemperature(stands: string, zero: null | string): string {
	return `${stands}, counted from 0 ${zero}: the temperature you started from.`;
}

export function to(text: string): string {
	return ` to ${text}`;
}

export function step(i: number): string {
	return `step ${i}`;
}

export function theScales(lanes: string): string {
	return `The scales. ${lanes}`;
}

export function howScalesRead(startHolds: boolean, hasRings: boolean): string {
	const bars = startHolds
		? 'The dashed line is the temperature you started from. Each bar begins at its own zero.'
		: 'A bar with a square end has left the temperature you started from.';
	return hasRings ? `${bars} A ring shows where that number would be on the scale.` : bars;
}

export const turnItOverOrChooseWhich = 'Turn it over, or choose which figures count';

export function toOfNumber(number: string, number2: string): string {
	return `${number} to ${number2}`;
}

export function theStart(text: string, side: string, quantity: string, until: string | null, does: string): string {
	return `${text}, the start, ${side}: ${quantity}${until === null ? '' : ` to ${until}`}. ${does}`;
}

export const showWhatItDoes = 'Show what it does';

export const theStartTitle = 'The start';

export const theLine = 'The line';

export function theLineFrom(start: string, result: string): string {
	return `The line from ${start} ${result}`.trim();
}
