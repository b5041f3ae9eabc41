import { countOf } from '@tidy-sum/core';

export const aProblemOfMyOwn = 'A problem of my own';

export function theExerciseCannotBeWorked(name: string, message: string): string {
	return `the exercise ${name} cannot be worked: ${message}`;
}

export function exerciseOfItsRound(number: number): string {
	return `Exercise ${number} of its Round`;
}

export function howManySignificantFigures(figures: string): string {
	return `How many significant figures has ${figures}?`;
}

export function of(number: number, problemCount: number): string {
	return `${number} of ${problemCount}`;
}

export const howThisSheetIsGoing = 'How this sheet is going';

export const toTheSheet = 'to the sheet';

export function ofOfNumber(number: number, bookCount: number): string {
	return `${number} of ${bookCount}`;
}

export const howThisRoundIsGoing = 'How this Round is going';

export const toTheRound = 'to the Round';

export const toAllProblems = 'to all problems';

export function ofYouWantSoMustGoTouchOn(wanted: undefined | string, go: undefined | string, beside: boolean): string {
	return `1 of 3. You want ${wanted}, so ${go} must go. Touch ${go} on the line${beside ? ', or choose one of its facts beside the line' : ''}.`;
}

export function ofTheseFactsHaveInThem(go: undefined | string, wanted: undefined | string): string {
	return `2 of 3. These facts have ${go} in them. Touch the one that links ${go} and ${wanted}.`;
}

export function doesNotCancelYetTurnThe(go: undefined | string): string {
	return `${go} does not cancel yet. Turn the factor over, or remove it and try another fact.`;
}

export function thatCancelsButNowYouHave(
	stands: undefined | string,
	wanted: undefined | string,
	start: string,
): string {
	return `That cancels, but now you have ${stands} and not ${wanted}. Remove it, and use the fact with both ${start} and ${wanted}.`;
}

export function nothingCancelsWithThat(start: string, wanted: undefined | string): string {
	return `Nothing cancels with that factor, whichever way up. Remove it, and use the fact with both ${start} and ${wanted}.`;
}

export function ofOnTopAndOnTheBottom(start: string, wanted: undefined | string): string {
	return `3 of 3. ${start} on top and ${start} on the bottom cancel, so only ${wanted} is left. The line is complete. Touch Answer.`;
}

export function ofMultiplyAcrossTheTopAnd(start: string, wanted: undefined | string): string {
	return `3 of 3. ${start} cancels, so only ${wanted} is left. Multiply across the top and divide by the bottom. Write the answer with ${wanted}, then check it.`;
}

export const thatWasAWholeLineTouchA =
	'That was a whole line: touch a unit, choose a fact, turn it the right way up, write the answer. Every exercise works like this.';

export function thisFactLinksAndButYouWant(go: string, elsewhere: string, wanted: string): string {
	return `This fact links ${go} and ${elsewhere}, but you want ${wanted}. Touch the one that has both.`;
}

export function ofWhichWayUpIsOnTopOfThe(go: string): string {
	return `2 of 3. Which way up? ${go} is on top of the line, so it must be on the bottom of the factor to cancel. Touch that one.`;
}

export const aProblemYouWereBringing = 'A problem you started to bring';

export const problems = 'Problems';

export const notStarted = 'not started';

export const checkedNotRightYet = 'checked, not right yet';

export const lineWasShown = 'line was shown';

export const rightLineWasShown = 'right, line was shown';

export const theRoundCouldNotBeMade = 'The Round could not be made. Please open it again.';

export const myOwnProblem = 'my own problem';

export function is(value: string, quantity: string): string {
	return `${value} is ${quantity}.`;
}

export const theNumbersAreFilledInFor =
	'The numbers are filled in for you. A factor that cannot cancel, or is not equal, says so at once.';

export const youWriteUnitsAndNumbersThe =
	'You write units and numbers. The check tells you whether top and bottom are equal.';

export const noHelpUntilTheCheck = 'No help until the check.';

export const youSeeTheProductsAndThe = 'You see the products and the result under the line.';

export const laidOut = 'laid out';

export const youSeeTheProductsOfTopAnd = 'You see the products of top and bottom under the line. You divide.';

export const youWorkOutTheNumbers = 'You work out the numbers yourself.';

export function support(support: string): string {
	return `${support} support`;
}

export function numbers(numbers: string): string {
	return `numbers ${numbers}`;
}

export function theTablesOf(tables: string): string {
	return `the tables of ${tables}`;
}

export function aHalfRounded(ties: string): string {
	return `a half rounded ${ties === 'even' ? 'to the even digit' : 'away from zero'}`;
}

export function answersInRounded(unit: string, row: null | string): string {
	return `answers in ${unit} rounded ${row}`;
}

export const theNumbersOfTheProblem = 'the numbers of the problem exact';

export function aAsTheDecimalMark(decimal: string): string {
	return `a ${decimal} as the decimal mark`;
}

export function thisProblemCameWithThe(says: string): string {
	return `This problem came with the rules of a class: ${says}. They are used here, whatever you choose.`;
}

export function over(top: string, bottom: string): string {
	return `${top} over ${bottom}`;
}

export function add(shift: string): string {
	return `add ${shift || 'a number'}`;
}

export function setAside(aside: string): string {
	return `set ${aside} aside`;
}

export function putBesideIt(term: string): string {
	return `put ${term} beside it`;
}

export function overOfTop(top: string, bottom: string, power: number): string {
	return `${top} over ${bottom}${power > 1 ? `, to the power ${power}` : ''}`;
}

export const aFactor = 'A factor';

export function factor(number: number): string {
	return `Factor ${number}`;
}

export const theStart = 'the start';

export const aFact = 'a fact';

export const notNeeded = 'not needed';

export const nothingYet = 'nothing yet';

export const theAnswerIsNotRounded = 'The answer is not rounded.';

export function theAnswerIsRounded(rounding: null | string): string {
	return `The answer is rounded ${rounding ?? 'by significant figures'}.`;
}

export const theTopWasWritten = 'the top was written';

export const theBottomWasWritten = 'the bottom was written';

export const thePartToAddWasWritten = 'the part to add was written';

export const thePartSetAsideWasWritten = 'the part set aside was written';

export const thePartBesideTheLineWas = 'the part beside the line was written';

export const theProblemWasOpened = 'The problem was opened.';

export const theProblemWasWrittenDown = 'The problem was written down.';

export function isNow(at: string, roles: string): string {
	return `${at} is now ${roles}.`;
}

export function theLineStartsFrom(start: string): string {
	return `The line starts from ${start}.`;
}

export const theTemperatureIsA = 'The temperature is a difference.';

export const theTemperatureIsAReading = 'The temperature is a reading.';

export function theNumberOfTheStartIs(exact: boolean): string {
	return `The number of the start is ${exact ? 'exact' : 'measured'}.`;
}

export const theStartWasRemoved = 'The start was removed.';

export const theStartWasTurnedOver = 'The start was turned over.';

export function aFactWasAdded(left: string, right: string): string {
	return `A fact was added: ${left} = ${right}.`;
}

export function aFactWasRemoved(left: string, right: string): string {
	return `A fact was removed: ${left} = ${right}.`;
}

export function theAnswerShouldBeIn(partCount: number, parts: string, unit: string): string {
	return `The answer should be in ${partCount ? parts : unit}.`;
}

export function wantedIs(wanted: string): string {
	return `Wanted is ${wanted}.`;
}

export const theUnitAskedForWasRemoved = 'The unit asked for was removed.';

export const aWrittenWorkingWasPlaced = 'A written working was placed beside it.';

export const theWrittenWorkingWas = 'The written working was removed.';

export function wasPlaced(block: string, factor: string): string {
	return `${block} was placed: ${factor}.`;
}

export function wasTurnedOver(block: string, value: string): string {
	return `${block} was turned over${value}.`;
}

export function wasRaisedToThePower(block: string, power: number): string {
	return `${block} was raised to the power ${power}.`;
}

export function isNoLongerRaised(block: string): string {
	return `${block} is no longer raised.`;
}

export function wasMovedToPlace(block: string, number: number): string {
	return `${block} was moved to place ${number}.`;
}

export function isOfBlock(block: string, exact: null | boolean): string {
	return `${block} is ${exact === null ? 'exact or measured by its own numbers' : exact ? 'exact' : 'measured'}.`;
}

export const theStartTitle = 'The start';

export function figuresThatCount(figures: number): string {
	return countOf(figures, 'figure counts', 'figures count');
}

export function aFactorWasRemoved(value: string): string {
	return `A factor was removed${value}.`;
}

export function theAnswerWasWritten(text: string): string {
	return `The answer was written: ${text}.`;
}

export const theAnswerWasRemoved = 'The answer was removed.';

export const theAnswerWasChecked = 'The answer was checked.';

export const theWorkedLineWasShown = 'The worked line was shown.';

export const aHintWasShown = 'A hint was shown.';

export const aCoveredNumberWasShown = 'A covered number was shown.';

export function problemsWerePutOnTheSheet(problemCount: number): string {
	return `${problemCount} problems were put on the sheet.`;
}

export function itWasNamed(title: string): string {
	return `It was named “${title}”.`;
}

export const itWasAdded = 'It was added.';

export const theOrderWasChanged = 'The order was changed.';

export const oneWasRemovedFromTheList = 'One was removed from the list.';

export function anOwnFactWasSaved(left: string, right: string): string {
	return `An own fact was saved: ${left} = ${right}.`;
}

export const anOwnFactWasRemoved = 'An own fact was removed.';

export function theTableInUse(table: string, allowed: boolean): string {
	return `The table “${table}” ${allowed ? 'is' : 'is not'} in use.`;
}

export function theSupportIs(level: string): string {
	return `The support is ${level}.`;
}

export function theAnswerWasSavedAsOneYou(answer: string): string {
	return `The answer ${answer} was saved as one you think is right.`;
}

export const anAnswerIsNoLongerSavedAs = 'An answer is no longer saved as one you think is right.';

export function theNumbersAre(way: string): string {
	return `The numbers are ${way}.`;
}

export const thereAreNoStepsYet = 'There are no steps yet.';

export function undone(undone: string): string {
	return `Undone: ${undone}`;
}

export const thereIsNothingLeftToUndo = 'There is nothing left to undo.';

export function redone(redone: string): string {
	return `Redone: ${redone}`;
}

export const thereIsNothingLeftToRedo = 'There is nothing left to redo.';

export const anEmptySheet = 'An empty sheet';

export function exerciseOfRound(number: number, code: string): string {
	return `exercise ${number} of Round ${code}`;
}

export const started = 'started';

export function theClassIsTaught(title: string): string {
	return `You teach the class “${title}”.`;
}

export function aSeatWasTaken(title: string, says: string): string {
	return `You joined the class “${title}” as ${says}.`;
}

export const aClassWasLeft = 'A class was left.';
