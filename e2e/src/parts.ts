import type { Part } from './named';

/*
 * The parts of the line and of its panels, by the test ids that stay for scripts (docs/testing.md): there are many of each, and
 * what they are called changes with what is done.
 */

type Side = 'top' | 'bottom';

/** A unit of the line: of the start, or of the block with this number, from 0. */
export function unitAt(unit: string, side: Side, block = -1): Part {
	return { id: `unit-${block}-${side}-${unit}` };
}

/** A number of the line: of the start, or of the block with this number, from 0. */
export function numberAt(block: number | 'start', side: Side): Part {
	return { id: `number-${block}-${side}` };
}

/** A fact one can take, as `1in=2.54cm`; it may have opened by itself. */
export function factOf(fact: string): Part {
	return { id: `fact-${fact}`, opens: true };
}

/** Of the two ways a fact can be laid, the one with this unit on the bottom. */
export function withBelow(unit: string): Part {
	return { id: `place-${unit}-below` };
}

export function raisedTo(power: number): Part {
	return { id: `power-${power}` };
}

/** A step that is no factor, offered where a unit is touched. */
export function offerOf(offer: string): Part {
	return { id: `offer-${offer}` };
}

/** A step of the line that is no factor, by its number from 0. */
export function stepAt(step: number): Part {
	return { id: `step-${step}` };
}

/** One of the ways a step can go: the first adds, the second takes away. */
export function wayOf(way: number): Part {
	return { id: `way-${way}` };
}

/** Something that has no name of its own, by its test id: text that is read where it is, and not announced as anything. */
export function byId(id: string): Part {
	return { id };
}
