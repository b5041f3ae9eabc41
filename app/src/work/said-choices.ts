import { factTable, type GoesBy, listed, sayRounding } from '@tidy-sum/core';
import type { Support } from './my-shelf';
import type { NumbersWay } from './numbers';
import * as words from './words';

type Choice<T> = { readonly value: T; readonly label: string; readonly says: string };

/** How much is said on the Desk before the check, each with what it means. */
export const SUPPORT: readonly Choice<Support>[] = [
	{
		value: 'close',
		label: 'close',
		says: words.theNumbersAreFilledInFor,
	},
	{
		value: 'light',
		label: 'light',
		says: words.youWriteUnitsAndNumbersThe,
	},
	{ value: 'none', label: 'none', says: words.noHelpUntilTheCheck },
];

/** How the numbers of a line are shown, each with what it means. */
export const NUMBERS: readonly Choice<NumbersWay>[] = [
	{ value: 'worked', label: 'worked', says: words.youSeeTheProductsAndThe },
	{
		value: 'laid-out',
		label: words.laidOut,
		says: words.youSeeTheProductsOfTopAnd,
	},
	{ value: 'covered', label: 'covered', says: words.youWorkOutTheNumbers },
];

function labelOf<T>(choices: readonly Choice<T>[], chosen: T): string {
	return choices.find(({ value }) => value === chosen)?.label ?? '';
}

/** What the class goes by that an exercise came with, in a sentence; '' where it says nothing of what is chosen. */
export function sayGoesBy({ support, numbers, tables, ties, decimal, rounding, given }: GoesBy = {}): string {
	const says = [
		support && words.support(labelOf(SUPPORT, support)),
		numbers && words.numbers(labelOf(NUMBERS, numbers)),
		tables && words.theTablesOf(listed(tables.map((name) => factTable(name).title))),
		ties && words.aHalfRounded(ties),
		...(rounding ?? []).map((row) => words.answersInRounded(row.unit, sayRounding(row))),
		given && words.theNumbersOfTheProblem,
		decimal && words.aAsTheDecimalMark(decimal),
	].filter((one) => one !== undefined);
	return says.length ? words.thisProblemCameWithThe(listed(says)) : '';
}
