import type { Exercise, Fact, Factor, Quantity, Role, Rounding, Start, Want } from '@tidy-sum/core';
import type { Told } from '@tidy-sum/schema';

/** What the student has said by hand; it holds over what is read of the text. */
export type ByHand = {
	readonly start: boolean;
	readonly want: boolean;
	readonly rounding: boolean;
	readonly difference: boolean;
	readonly exactStart: boolean;
	/** Facts added, facts taken out of those that were read, and places given. */
	readonly facts: readonly Fact[];
	readonly dropped: readonly Fact[];
	readonly marks: readonly { readonly at: Placed['at']; readonly role: Role | 'none' }[];
};

/** A factor on the line, with the name it was placed under. */
export type Block = { readonly id: string; readonly factor: Factor };

/** A place given to a quantity of the problem's text. */
export type Placed = { readonly at: readonly [number, number]; readonly role: Role };

/** What stands on the Desk after the steps so far; all of it follows from them. */
export type Work = {
	/** The exercise as it was posed, where it was made for a Round. */
	readonly posed: Exercise | null;
	/** The text of a problem of one's own. */
	readonly text: string;
	readonly placed: readonly Placed[];
	readonly start: Start | null;
	readonly startFigures: number | null;
	/** Whether the start was turned over. */
	readonly turned: boolean;
	readonly stated: readonly Fact[];
	/** The unit a line is to end in, as the student has said it; of a measure in parts the smallest. */
	readonly want: string | null;
	/** What a problem of one's own asks for, of whatever kind, and how its answer is rounded; null where that is not told. */
	readonly asked: Want | null;
	readonly rounding: Rounding | null;
	/** The other end of a range, the further parts of a start, and whether it is a difference of temperatures. */
	readonly until: Quantity | null;
	readonly terms: readonly Quantity[];
	readonly difference: boolean;
	readonly exactStart: boolean;
	/** What was read of the text; null where nothing was read yet. */
	readonly told: Told | null;
	/** What the student has said over what was read. */
	readonly byHand: ByHand;
	/** Somebody's written working, laid beside; '' where there is none. */
	readonly working: string;
	/** The name of a problem of one's own, where it was given one. */
	readonly title: string;
	readonly blocks: readonly Block[];
	readonly answer: string;
	readonly checked: boolean;
	/** Whether the worked line was asked for; it stays so, whatever is done afterwards. */
	readonly shown: boolean;
	/** How many steps of nudges were asked for. */
	readonly nudged: number;
	/** The covered numbers that were looked at; no undo covers them again. */
	readonly uncovered: readonly string[];
};
