export const hint = 'Hint';

export const keys = 'Keys';

export const ofTheKeyboard = 'of the keyboard';

export const thereIsAnotherLineForThis = 'There is another line for this exercise too.';

export const showTheOtherLine = 'Show the other line';

export const theShelfAndTheTools = 'The Shelf and the tools';

export const yourFirstLineWithAGuide = 'Your first line, with a guide';

export const done = 'Done';

export const stopTheGuide = 'Stop the guide';

export const theGuideThroughYourFirst = 'the guide through your first line';

export const uncover = 'Uncover';

export function afterStep(step: number): string {
	return `after step ${step}`;
}

export function afterFactor(factor: number): string {
	return `after factor ${factor}`;
}

export function theValue(name: string): string {
	return `the value ${name}`;
}

export function running(value: string, to: string | null, unit: string, together = false): string {
	return `${value} ${to === null ? '' : `to ${to} `}${unit}${together ? ' together' : ''}`;
}

export const onAScientificCalculator = 'On a scientific calculator, where EE is the key for the power of ten:';

export const together = 'together';

export const workOutTheNumbersYourself = 'Work out the numbers yourself.';

export const theProductsAboveAndBelow = 'the products above and below';

export const theResultOfTheLine = 'the result of the line';

export const hideTheSteps = 'Hide the steps';

export const stepByStepAndKeys = 'Step by step, and keys';

export const calculator = 'Calculator';

export const facts = 'Facts';

export const factsWithTheUnitThatMustGo = 'facts with the unit that must go';

export const searchTheFactsByName = 'search the facts by name';

export const factor = 'Factor';

export const theStart = 'The start';

export const whatIsWanted = 'What should the answer be in?';

export const whatEachQuantityIsFor = 'what each quantity is for';

export const aProblemOfMyOwn = 'A problem of my own';

export const aHint = 'A hint';

export const aHintLabel = 'a hint';

export const yourAnswer = 'Your answer';

export const writeTheAnswerOrSeeThe = 'write the answer, or see the check';

export const checked = 'Checked';

export const thisLine = 'This line';

export const whatYouCanDoWithTheLine = 'what you can do with the line';

export const sideBySide = 'Side by side';

export const useThisResult = 'Use this result';

export const keysOfTheDesk = 'Keys of the Desk';

export const thisSheet = 'this sheet';

export const theStartLabel = 'the start';

export const aFact = 'a fact';

export const notNeeded = 'not needed';

export const theProblem = 'The problem';

export const typeOrPasteAProblemOrEnter = 'Type or paste a problem, or enter its start and the unit asked for.';

export function sayWhatItIsFor(shown: string, role: string | null): string {
	return `${shown}, ${role ?? 'not sorted yet'}. Say what it is for`;
}

export const change = 'Change';

export function times(count: number): string {
	return `${count} times`;
}

export const topAndBottomOfThisFactor = 'Top and bottom of this factor are not equal, so it changes the value.';

export function isNowOn(base: string, worked: string, side: string): string {
	return `${base} is now ${worked} on ${side}.`;
}

export function cancelsBut(gone: string, twice: string): string {
	return `${gone} cancels, but ${twice}`;
}

export function putItOnTheToCancelIt(twice: string, side: string): string {
	return `${twice} Put it on the ${side === 'top' ? 'bottom' : 'top'} to cancel it.`;
}

export const nothingOnTheLineCancels = 'Nothing on the line cancels with this factor yet.';

export const ctrlZ = 'Ctrl Z';

export const ctrlShiftZ = 'Ctrl Shift Z';

export const ctrlY = 'Ctrl Y';

export const writeAFactorYourself = 'write a factor yourself';

export const nextFactorOnTheLine = 'next factor on the line';

export const factorBefore = 'factor before';

export const turnTheOpenFactorOver = 'turn the open factor over';

export const raiseTheOpenFactorNoPower = 'raise the open factor: no power, square, cube';

export const moveTheOpenFactorEarlier = 'move the open factor earlier';

export const moveTheOpenFactorLater = 'move the open factor later';

export const removeTheOpenFactor = 'remove the open factor';

export const toTheOtherExercises = 'to the other exercises';

export const esc = 'Esc';

export const closeWhatIsOpen = 'close what is open';

export const thisPartCouldNotBeShown =
	'This part could not be shown. Your line is saved. Undo your last step, or try again.';

export const tryAgain = 'Try again';

export const iThinkThisIsRight = 'I think this is right';

export const savedWithYourLineAndWhat =
	'Saved, with your line and what the check said. Settings has all such answers as a file for your teacher.';

export const takeItBack = 'Take it back';

export const toolsOfTheDesk = 'Tools of the Desk';

export const back = 'Back';

export const undo = 'Undo';

export const redo = 'Redo';

export const answer = 'Answer';

export const line = 'Line';

export const whatYouCanDoWithIt = 'what you can do with it';

export const checkedAllRight = 'Checked: all right.';

export const checkedSeeWhatWasFound = 'Checked. See what was found.';

export const checkedOpenAnswerToSeeWhat = 'Checked. Open Answer to see what was found.';

export const youNeedNoLineHereWriteThe = 'You need no line here. Write the answer, then check it.';

export const firstChooseWhatTheLine = 'First choose what the line starts from.';

export const nowChooseTheUnitOfThe = 'Now choose the unit of the answer.';

export const buildTheLineWriteTheAnswer = 'Build the line, write the answer, then check it.';

export const theUnitIsAlreadyRightWrite = 'The unit is already right. Write the answer.';

export const theLineIsCompleteWorkOut = 'The line is complete. Work out the numbers, then write the answer.';

export function touchToSetTheWholeOnes(share: string): string {
	return `Touch ${share} to set the whole ones aside and convert the rest.`;
}

export const touchThePartYouStillHaveTo = 'Touch the part you still have to add.';

export function touchToSeeWhatComesNext(text: string): string {
	return `Touch ${text} to see what comes next.`;
}

export function touchAUnitThatStillHasToGo(left: string): string {
	return `Touch a unit that still has to go: ${left}.`;
}

export const theUnitAskedForIsNotOnThe = 'The unit asked for is not on the line yet. Open Facts.';
