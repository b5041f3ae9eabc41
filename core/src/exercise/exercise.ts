import type { Factor, Start } from '../chain/chain';
import type { Fact } from '../fact/fact';
import type { Quantity } from '../quantity/quantity';

/** What an answer should be: a unit, perhaps in a form. */
export type Want = { readonly unit: string; readonly form?: 'scientific' | 'plain' | 'fraction' };

/** How the answer is to be rounded: by the figures of the inputs, to a count, to a place, or not at all. */
export type Rounding = 'figures' | 'none' | { readonly significant: number } | { readonly place: number };

/** What a quantity in the problem's text is there for. */
export type Role = 'start' | 'fact' | 'spare';

/** A quantity in the text: its span in UTF-16 units, and its role. */
export type Mark = { readonly at: readonly [number, number]; readonly role: Role };

/** A problem with everything its key is worked from (contract, "check"). */
export type Exercise = {
	readonly prompt: string;
	readonly start: Start;
	readonly exactStart?: boolean;
	readonly difference?: boolean;
	readonly until?: Quantity;
	readonly terms?: readonly Quantity[];
	readonly facts: readonly Fact[];
	readonly marks?: readonly Mark[];
	readonly want: Want;
	readonly rounding: Rounding;
	/** The factors of the key, where it is worked as a line. */
	readonly line?: readonly Factor[];
};

/** An exercise of a book: a short name, a title for lists, and what it trains. */
export type BookExercise = Exercise & { readonly name: string; readonly title: string; readonly trains: string };
