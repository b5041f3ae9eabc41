import { countOf } from '@tidy-sum/core';

export const notOnTheClassList = ' · not on the class list';

export const factsOfMyOwn = 'Facts of my own';

export const change = 'Change';

export const remove = 'Remove';

export const noneYetAddAFactFromYour = 'None yet. Add a fact from your book or your teacher to use it on a line.';

export const undo = 'Undo';

export const onTheShelf = 'on the Shelf';

export const redo = 'Redo';

export const theDeskAndItsHintsUseOnly =
	'The Desk and its hints use only these tables. Your own facts and those of the problem are always there.';

export const searchByNameOrSymbol = 'Search by name or symbol';

export const mileFtWater = 'mile, ft, water…';

export function nothingIsCalledTryThe(search: string): string {
	return `Nothing is called ${search}. Try the symbol or another name, or add your own fact below.`;
}

export function readAs(meant: string): string {
	return `Read as ${meant}:  `;
}

export function factCount(shownCount: number): string {
	return countOf(shownCount, 'fact');
}
