import type { Factor, Start } from '../chain/chain';
import type { Fact } from '../fact/fact';
import type { DecimalMark } from '../numeral/decimal-mark';
import type { Quantity } from '../quantity/quantity';
import type { GoesBy } from './goes-by';

/** An answer that is one quantity: its unit, perhaps its form. */
export type UnitWant = { readonly unit: string; readonly form?: 'scientific' | 'plain' | 'fraction' };

/**
 * What each kind of answer asks for, by the field of `want` that asks for it. A kind adds its own line where it stands
 * (`answer/`), so that to add one is to add a file.
 */
export interface Wants {
	readonly unit: UnitWant;
}

/** The field of `want` by which a kind of answer is known. */
export type WantField = keyof Wants;

/** What an answer should be. */
export type Want = Wants[WantField];

/** How the answer is to be rounded: by the figures of the inputs, to a number of figures, to a place, or not rounded. */
export type Rounding = 'figures' | 'none' | { readonly significant: number } | { readonly place: number };

/** What a quantity in the problem's text is there for. */
export type Role = 'start' | 'fact' | 'spare';

/** A quantity in the text: its span in UTF-16 units, and its role. */
export type Mark = { readonly at: readonly [number, number]; readonly role: Role };

/** A problem with everything its key is worked from (contract, "check"). */
export type Exercise = {
	readonly prompt: string;
	readonly start?: Start;
	readonly exactStart?: boolean;
	readonly difference?: boolean;
	/** The end of a range that begins at the start. */
	readonly until?: Quantity;
	/** Quantities to add to the start, or to each other where there is none. */
	readonly terms?: readonly Quantity[];
	/** Whether the start and the terms are one measure in parts (5 ft 7 in) or a sum; where it is left out, they tell. */
	readonly parts?: boolean;
	/** Quantities to multiply the start by: 12 ft by 15 ft. */
	readonly times?: readonly Quantity[];
	/** What a comma before three digits means in its numbers and in answers to it; that of the class where it is left out. */
	readonly decimal?: DecimalMark;
	readonly facts: readonly Fact[];
	readonly marks?: readonly Mark[];
	readonly want: Want;
	readonly rounding: Rounding;
	/** The factors of the key, where it is worked as a line. */
	readonly line?: readonly Factor[];
	/** What the class it is worked in goes by. */
	readonly goesBy?: GoesBy;
};

/** An exercise that asks for one kind of answer. */
export type Asking<K extends WantField> = Exercise & { readonly want: Wants[K] };

/** An exercise whose answer is one quantity. */
export type UnitExercise = Asking<'unit'>;

/** An exercise that is worked as a line: from a start to a quantity. */
export type LineExercise = UnitExercise & { readonly start: Start };

/** An exercise of a book, which always has something to start from: a short name, a title for lists, what it trains, and the skill that is of, where it is of one. */
export type BookExercise = Exercise & {
	readonly start: Start;
	readonly name: string;
	readonly title: string;
	readonly trains: string;
	readonly skill?: string;
};
