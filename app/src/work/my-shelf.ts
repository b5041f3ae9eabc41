import type { Fact, GoesBy, TableName } from '@tidy-sum/core';
import { TABLE_NAMES } from '@tidy-sum/core';
import type { NUMBERS, Step, SUPPORTS } from '@tidy-sum/schema';
import { folding } from './history';
import { SHELF } from './list-names';
import type { WorksState } from './works-reducer';

/** How much the Desk says before the check. */
export type Support = (typeof SUPPORTS)[number];

/** A fact of one's own, with the name it is kept under. */
export type OwnFact = { readonly id: string; readonly fact: Fact };

/** One's own Shelf: facts added, the tables in use, the support chosen, and how the numbers are shown, where that was. */
export type Shelf = {
	readonly own: readonly OwnFact[];
	readonly allowed: readonly TableName[];
	readonly support: Support;
	readonly numbers: (typeof NUMBERS)[number] | null;
};

const EMPTY: Shelf = { own: [], allowed: TABLE_NAMES, support: 'close', numbers: null };

const DOES: { readonly [K in Step['do']]?: (shelf: Shelf, step: Extract<Step, { do: K }>) => Shelf } = {
	keep: (shelf, { id, fact }) => ({
		...shelf,
		own: [...shelf.own.filter((one) => one.id !== id), { id, fact }],
	}),
	drop: (shelf, { id }) => ({ ...shelf, own: shelf.own.filter((one) => one.id !== id) }),
	allow: (shelf, { table, allowed }) => ({
		...shelf,
		allowed: TABLE_NAMES.filter((name) => (name === table ? allowed : shelf.allowed.includes(name))),
	}),
	support: (shelf, { level }) => ({ ...shelf, support: level }),
	numbers: (shelf, { way }) => ({ ...shelf, numbers: way }),
};

function after(shelf: Shelf, step: Step): Shelf {
	const does = DOES[step.do] as ((shelf: Shelf, step: Step) => Shelf) | undefined;
	return does ? does(shelf, step) : shelf;
}

/** The Shelf that the steps of a body come to. */
export const shelfOf = folding(EMPTY, after);

/** The Shelf as it is with an exercise: what the class goes by, that it came with, holds before what one has chosen. */
export function shelfWith(shelf: Shelf, by: GoesBy | undefined): Shelf {
	if (!by) return shelf;
	return {
		...shelf,
		allowed: by.tables ?? shelf.allowed,
		support: by.support ?? shelf.support,
		numbers: by.numbers ?? shelf.numbers,
	};
}

/** The Shelf in force. */
export function shelfIn(works: WorksState): Shelf {
	return shelfOf(works.byId[works.open[SHELF] ?? '']?.body);
}
