import type { Quantity } from '../quantity/quantity';

/** Whole ones that are set aside; `from` where they are taken from others set aside before: 1 h from 83 min. */
export type Wholes = Quantity & { readonly from?: string };

/** A conversion factor as a student writes it: one quantity over another, raised as a whole by `power`. */
export type Factor = {
	readonly top: Quantity;
	readonly bottom: Quantity;
	/** Declared exact or measured; otherwise worked out from the two sides. */
	readonly exact?: boolean;
	/** The problem states it, so like units need not be equal (1.5 mg for each 1 kg of body). */
	readonly given?: boolean;
	readonly power?: number;
	/** How many figures count, where the number does not show it: unclear zeros, or an unrounded result taken on. */
	readonly figures?: number;
	/**
	 * What is added after the factor, a number in the unit of the line there: a temperature shifts, a mixed
	 * measure sets its whole part aside. A step that only adds has plain ones above and below.
	 */
	readonly shift?: string;
	/**
	 * Whole ones of a measure that are set aside after it: 8 ft of 8.75 ft, or 8 ft of 105 in, which leaves 9 in. In
	 * their own unit; what is left is in the unit of the line at that point.
	 */
	readonly aside?: Wholes;
	/** A further part, to be added to the line so far: the factors after it belong to it. */
	readonly term?: Quantity;
};

/** A start: one quantity over 1, or one quantity over another (150 km in 2.5 h). */
export type Start = Quantity | { readonly top: Quantity; readonly bottom: Quantity };

/** The line: a start and its conversion factors, and the unit wanted in the end. */
export type Chain = {
	readonly start: Start;
	readonly exactStart?: boolean;
	/** How many figures of the start count, where its number does not show it. */
	readonly startFigures?: number;
	readonly factors: readonly Factor[];
	/** Whether what it adds up is one measure in parts or a sum; where it is left out, its quantities tell. */
	readonly parts?: boolean;
	readonly want?: string;
};

export const FACTORS_LIMIT = 60;
export const FACTOR_POWER_LIMIT = 9;

/** The index that stands for the start where factors are numbered from 0. */
export const START = -1;

/** Top and bottom of a start, whichever way it is written; a plain quantity has no bottom. */
export function sidesOfStart(start: Start): { readonly top: Quantity; readonly bottom: Quantity | null } {
	return 'top' in start ? start : { top: start, bottom: null };
}

/** A number with the other sign, as written; twice is as before. */
export function turnedSign(text: string): string {
	const minus = /^\s*[-−]\s*/;
	return minus.test(text) ? text.replace(minus, '') : `-${text.trim().replace(/^\+\s*/, '')}`;
}

/** A factor the other way up, and a bare step that adds the other way; twice is as before. */
export function turnedFactor(factor: Factor): Factor {
	if (factor.shift !== undefined && isBareStep(factor)) return { ...factor, shift: turnedSign(factor.shift) };
	return { ...factor, top: factor.bottom, bottom: factor.top };
}

/**
 * A start the other way up: two quantities change places; one quantity moves below a plain 1.
 * Twice is as before.
 */
export function turnedStart(start: Start): Start {
	const { top, bottom } = sidesOfStart(start);
	if (bottom && top.number === '1' && top.unit === '') return bottom;
	return { top: bottom ?? { number: '1', unit: '' }, bottom: top };
}

const PLAIN_ONE: Quantity = { number: '1', unit: '' };

/** A step that only adds: plain ones above and below, and what is added, as written. */
export function addingStep(shift: string): Factor {
	return { top: PLAIN_ONE, bottom: PLAIN_ONE, shift };
}

/** A step that sets whole ones of a measure aside. */
export function asideStep(aside: Wholes): Factor {
	return { top: PLAIN_ONE, bottom: PLAIN_ONE, aside };
}

/** A step that adds a further part to the line. */
export function termStep(term: Quantity): Factor {
	return { top: PLAIN_ONE, bottom: PLAIN_ONE, term };
}

/** Whether a step of a line has no fraction of its own: plain ones above and below, and something that is no factor. */
export function isBareStep(factor: Factor): boolean {
	const { top, bottom, shift, aside, term } = factor;
	const isStep = shift !== undefined || aside !== undefined || term !== undefined;
	return isStep && [top, bottom].every(({ number, unit }) => number === '1' && unit === '');
}

/** Whether a factor has another way up, or a step another way to go. */
export function mayTurn(factor: Factor): boolean {
	return factor.shift !== undefined || !isBareStep(factor);
}

/** Whether a step still waits for its number. */
export function isUnwritten({ shift, aside, term }: Factor): boolean {
	return [shift, aside?.number, term?.number].some((text) => text?.trim() === '');
}
