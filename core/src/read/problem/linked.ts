import type { Fact } from '../../fact/fact';
import type { Quantity } from '../../quantity/quantity';

/** A quantity without its place. */
export function plain({ number, unit }: Quantity): Quantity {
	return { number, unit };
}

/** A fact a text states, with the quantities it is made of by their place in the list. */
export type Linked = { readonly fact: Fact; readonly of: readonly number[] };
