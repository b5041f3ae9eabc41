import { factTable, type GoesBy, listed, sayRounding } from '@tidy-sum/core';
import type { Support } from './my-shelf';
import type { NumbersWay } from './numbers';

type Choice<T> = { readonly value: T; readonly label: string; readonly says: string };

/** How much is said on the Desk before the check, each with what it means. */
export const SUPPORT: readonly Choice<Support>[] = [
	{
		value: 'close',
		label: 'close',
		says: 'Numbers follow the units; a block that cannot cancel, or whose sides are not equal, says so at once.',
	},
	{
		value: 'light',
		label: 'light',
		says: 'You write units and numbers; whether top and bottom are equal is said at the check.',
	},
	{ value: 'none', label: 'none', says: 'Nothing is said until the check.' },
];

/** How the numbers of a line are shown, each with what it means. */
export const NUMBERS: readonly Choice<NumbersWay>[] = [
	{ value: 'worked', label: 'worked', says: 'The products and the result stand under the line.' },
	{
		value: 'laid-out',
		label: 'laid out',
		says: 'The products above and below stand under the line; you divide.',
	},
	{ value: 'covered', label: 'covered', says: 'You work the numbers yourself, from the line.' },
];

function labelOf<T>(choices: readonly Choice<T>[], chosen: T): string {
	return choices.find(({ value }) => value === chosen)?.label ?? '';
}

/** What the class goes by that an exercise came with, in a sentence; '' where it says nothing of what is chosen. */
export function sayGoesBy({ support, numbers, tables, ties, decimal, rounding, given }: GoesBy = {}): string {
	const says = [
		support && `${labelOf(SUPPORT, support)} support`,
		numbers && `numbers ${labelOf(NUMBERS, numbers)}`,
		tables && `the tables of ${listed(tables.map((name) => factTable(name).title))}`,
		ties && `a half rounded ${ties === 'even' ? 'to the even digit' : 'away from zero'}`,
		...(rounding ?? []).map((row) => `answers in ${row.unit} rounded ${sayRounding(row)}`),
		given && 'the numbers of the problem exact',
		decimal && `a ${decimal} as the decimal mark`,
	].filter((one) => one !== undefined);
	return says.length
		? `This problem came with what its class goes by: ${listed(says)}. That holds here, whatever is chosen.`
		: '';
}
