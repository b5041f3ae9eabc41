export const theWorkedLine = 'the worked line';

export const theOtherTry = 'the other try';

export const withTheWorkedLine = 'With the worked line';

export const thisShowsItAndIsNotedInThe = 'this shows it, and is noted in the Record';

export function withTry(number: number): string {
	return `With try ${number}`;
}

export const tryAgainFromTheStart = 'Try again from the start';

export const andKeepThisLine = 'and keep this line';

export const yours = 'Yours';

export const theWorkedLineTitle = 'The worked line';

export const theOtherTryTitle = 'The other try';

export const continueWithTheOtherOne = 'Continue with the other one';

export function compareYourLineWithThe(value: string): string {
	return `${value}Compare your line with the worked one. Or try the exercise again and compare both tries.`;
}

export function raiseToAPower(factor: string): string {
	return `Raise ${factor} to a power`;
}

export const raiseTheFactor = 'Raise the factor';

export function toThePower(power: number): string {
	return `to the power ${power}`;
}

export const whetherThisFactorIsExactOr = 'Whether this factor is exact or measured';

export const itsNumbersAre = 'Its numbers are';

export const theLineIsCompleteWorkOut = 'The line is complete. Work out the numbers and write the answer.';

export function stillHasToGo(value: string): string {
	return `Still has to go: ${value}.`;
}

export function step(number: number): string {
	return `Step ${number}`;
}

export function factor(number: number): string {
	return `Factor ${number}`;
}

export const theOtherWay = 'The other way';

export const turnOver = 'Turn over';

export const remove = 'Remove';

export const change = 'Change';

export const earlier = 'Earlier';

export const later = 'Later';

export const theBottomCannotBe = 'The bottom cannot be 0.';

export function isReadAsAThingYouCount(counted: string, nearCount: number, near: string): string {
	return `${counted} is read as a thing you count.${nearCount ? ` Or did you mean ${near}?` : ''}`;
}

export function numberOn(side: string): string {
	return `Number on ${side === 'top' ? 'top' : 'the bottom'}`;
}

export function unitOn(side: string): string {
	return `Unit on ${side === 'top' ? 'top' : 'the bottom'}`;
}

export function theNumbersOver(top: string, bottom: string): string {
	return `The numbers: ${top} over ${bottom}`;
}

export const unitsFirstPutTheUnitYou = 'Units first. Put the unit you want to cancel on the opposite side.';

export const nowTheNumbersEachWithIts = 'Now the numbers, each with its own unit.';

export const dividedBy = 'divided by';

export const openBracket = 'open bracket';

export const closeBracket = 'close bracket';

export const timesTenToThe = 'times ten to the';

export const keysPressed = 'Keys pressed';

export const fillInTheLine = 'Fill in the line';

export const clear = 'Clear';

export const erase = 'Erase';

export const keysOfTheCalculator = 'Keys of the calculator';

export const putBracketsRoundABottom =
	'Put brackets round a bottom with several numbers, or the second one multiplies. EE is the power of ten.';

export const whichFactorIsWrong = 'Which factor is wrong?';

export const theLineSomeoneWrote = 'The line someone wrote';

export function factorOfNumber(number: number): string {
	return `factor ${number}`;
}

export function factorIsYourAnswer(answer: string): string {
	return `Factor ${answer} is your answer.`;
}

export const touchTheFactorThatIsWrong = 'Touch the factor that is wrong.';

export const check = 'Check';

export function factsWith(unit: string): string {
	return `Facts with ${unit}`;
}

export const searchByNameOrSymbol = 'Search by name or symbol';

export const mileFtWater = 'mile, ft, water…';

export function noTableHasTryAnotherUnitOn(unit: string): string {
	return `No table has ${unit}. Try another unit on the line, or write the factor yourself.`;
}

export function mustGoFactsWithIt(leads: string): string {
	return `${leads} must go. Facts with it`;
}

export const searchAll = 'Search all';

export const writeAFactor = 'Write a factor';

export const addOrSubtract = 'Add or subtract';

export const theWholeShelf = 'The whole Shelf';

export const myOwnFact = 'My own fact';

export function readAs(meant: string): string {
	return `Read as ${meant}.`;
}

export function yourShelfHasNothingCalled(search: string): string {
	return `Your Shelf has nothing called ${search}. You can write the factor yourself, or add the fact.`;
}

export const onAMacPressCmdForCtrlTab =
	'On a Mac, press Cmd for Ctrl. Tab moves from one unit to the next, and Enter opens it.';

export const calculator = 'Calculator';

export const sideBySide = 'Side by side';

export const useThisResult = 'Use this result';

export const handIn = 'Hand in';

export const replay = 'Replay';

export const howYouBuiltThisLine = 'how you built this line';

export const andKeepThisLineToo = 'and keep this line too';

export const aWorking = 'A working';

export const toCompareWithThisLine = 'to compare with this line';

export const keysOfTheKeyboard = 'Keys of the keyboard';

export const eraseThisLine = 'Erase this line';

export const hereAndOnEveryDevice = 'here and on every device';

export const eraseThisProblemAndAllIts = 'Erase this problem and all its lines for good, here and on every device?';

export const eraseThisLineForGoodHere =
	'Erase this line for good, here and on every device? You can still work the exercise again.';

export const eraseItForGood = 'Erase it for good';

export const keepIt = 'Keep it';

export const inSettingsYouChooseHowMuch =
	'In Settings you choose how much help you get, which tables you use, and how numbers look.';

export const settings = 'Settings';

export const nextHint = 'Next hint';

export const thatWasTheLastHintForThis = 'That was the last hint for this step.';

export const plain = 'Plain';

export const scientific = 'Scientific';

export const engineeringNotation = 'Engineering';

export const fraction = 'Fraction';

export const theFormOfTheNumber = 'The form of the number';

export const writeIt = 'Write it';

export function inLabel(mix: string): string {
	return `In ${mix}`;
}

export const addOrSubtractIt = 'Add or subtract it?';

export const stepsThatAreNotFactors = 'Steps that are not factors';

export const typeOrPasteItsText = 'Type or paste its text';

export const changeItsText = 'Change its text';

export const toTheLine = 'To the line';

export const yourFactor = 'Your factor';

export function theFactorOnTheLineIsYour(exercise: string): string {
	return `The factor on the line is your answer: ${exercise}.`;
}

export const yourAnswerIsOneFactorOnThe =
	'Your answer is one factor on the line. Touch the unit that must go, or write the factor yourself.';

export const startFromIt = 'Start from it';

export const itIsPartOfAFact = 'It is part of a fact';

export const notNeeded = 'Not needed';

export const itLinksTwoUnitsSoItIsA =
	'It links two units, so it is a conversion factor and not the start. What does the question ask about?';

export const youCanAnswerTheQuestion = 'You can answer the question without it. What does the question ask about?';

export const theQuestionAsksAboutThis = 'The question asks about this one. Look at it again.';

export const itIsNotLinkedToAnything = 'It is not linked to anything else here.';

export const itLinksTwoUnitsAndYouMay = 'It links two units, and you may need that on the line.';

export function whatIsHereFor(exercise: string): string {
	return `What is ${exercise} here for?`;
}

export const startFromWhatTheQuestion =
	'Start from what the question asks about. An amount “per” or “in each” is a fact, and becomes a factor.';

export const nextQuantity = 'Next quantity';

export const theQuestionAsksForAnother = 'The question asks for another unit. Read its last sentence again.';

export const thisIsTheUnitOfTheAnswerIt =
	'This is the unit of the answer. It is what should be left on the line at the end.';

export function theLineStartsFrom(top: string, bottom: string | null): string {
	return `The line starts from ${top}${bottom === null ? '' : ` over ${bottom}`}.`;
}

export const startFromSomethingElse = 'Start from something else';

export const thisStep = 'This step';

export const adds = 'Adds';

export const takesAway = 'Subtracts';

export function howMuchIn(before: string): string {
	return `How much, in ${before || 'the unit you have now'}`;
}

export function howManyWhole(unit: string): string {
	return `How many whole ${unit}`;
}

export function howMany(unit: string): string {
	return `How many ${unit}`;
}

export function itIsUsedUnroundedRoundOnce(isHidden: boolean, worked: string, figures: null | number): string {
	return `${isHidden ? 'The result is covered. Using it uncovers it.' : `The line gives ${worked}.`} It is used unrounded${figures === null ? '' : `, and ${figures} of its figures count`}. Round once, at the end.`;
}

export const asTheNextStart = 'As the next start';

export const orAsAFactTheAmountForOne = 'Or as a fact: the amount for one…';

export const tank = 'tank';

export function savedOnYourShelfAsTheFact(kept: string): string {
	return `Saved on your Shelf as the fact for one ${kept}.`;
}

export const asAFact = 'As a fact';

export const theLineHasNoResultYet = 'The line has no result yet, because a number is missing.';

export function readsAs(typing: string): string {
	return `Reads as ${typing}`;
}

export const exactAsWritten = 'exact as written';

export function to(significant: number, figuresText: string): string {
	return `${significant} to ${figuresText}`;
}

export function askedFor(wanted: string): string {
	return `Asked for: ${wanted}.`;
}

export const useTheKeysForNumbers = 'use the keys for numbers';

export const useTheKeyboardOfTheDevice = 'use the keyboard of the device';

export function thisCannotBeCheckedYet(unchecked: string): string {
	return `This cannot be checked yet. ${unchecked}`;
}

export const youLookedAtTheWorkedLine = 'You looked at the worked line, and the Record says so.';

export const nextExercise = 'Next exercise';

export const theAnswerItself = 'the answer';

export const allRight = 'All right';

export const lookingForTheSlip = 'Looking for the slip…';

export const stop = 'Stop';

export const showTheWorkedLine = 'Show the worked line';

export function nobodyCanTellWhetherThe(text: string): string {
	return `Nobody can tell whether the zeros of ${text} count. How was it measured?`;
}

export function ofCountTheAnswerMayHaveOr(figures: string, text: string, figures2: string): string {
	return `${figures} of ${text} count: ${figures2}. The answer may have ${figures}, or fewer if another number has fewer.`;
}

export function thatIs(count: string): string {
	return `that is ${count}`;
}

export const number = 'number';

export const unit = 'unit';

export const takeItToTheAnswer = 'Take it to the answer';

export const takeIt = 'Take it';

export function toTheAnswer(number: string): string {
	return `${number} to the answer`;
}

export const keyedBefore = 'What you keyed into the calculator';

export const changeIt = 'Change it';

export const lookAtTheLine = 'Look at the line';

export const leaveItAndGoOn = 'Leave it and go on';

export const itComesBackUnderToday = 'Today brings it back to you.';

export const abc = 'abc';

export const closeTheAnswer = 'Close the answer';

export const looking = 'looking';
