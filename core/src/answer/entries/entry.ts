import type { Exercise } from '../../exercise/exercise';
import type { Outcome } from '../../numeral/fault';
import type { RoundingTarget } from '../../numeral/round';

/** A way a number may be given: rounded so far it is this value, and it is written like one of these; null: in any way. */
export type Taken = {
	readonly rounded: RoundingTarget | null;
	readonly value: string;
	/** The value to one figure or place more, which some who round twice give; left out where it is exact. */
	readonly finer?: { readonly rounded: RoundingTarget; readonly value: string };
	readonly written: readonly string[] | null;
};

/** A number by itself. */
export type NumberEntry = {
	readonly by: 'number';
	readonly name: string;
	/** What stands before it, as it is written. */
	readonly label: string;
	/** The unit that stands behind it, printed; '' where it is typed, or there is none. */
	readonly behind: string;
	readonly taken: readonly Taken[];
	/** Whether its sign is said already by a part before it. */
	readonly signSaid?: true;
};

/** Two numbers of which only what one is over the other counts. */
export type OverEntry = Omit<NumberEntry, 'by' | 'behind' | 'signSaid'> & {
	readonly by: 'over';
	readonly behind: readonly [top: string, bottom: string];
	readonly written: readonly [top: string, bottom: string];
};

/** Words or signs, one of several writings. */
export type TextEntry = {
	readonly by: 'text';
	readonly name: string;
	readonly label: string;
	readonly written: readonly string[];
};

/** One of several things. */
export type ChoiceEntry = {
	readonly by: 'choice';
	readonly name: string;
	readonly label: string;
	readonly options: readonly string[];
	/** Which of them is right, from 0. */
	readonly right: number;
};

/** A part of an answer as a program asks for it that reads numbers and compares letters, and can do no more. */
export type Entry = NumberEntry | OverEntry | TextEntry | ChoiceEntry;

/** An answer as such parts. */
export type Entries = {
	readonly entries: readonly Entry[];
	/** A line that is looked at and not worked, printed; '' where there is none. */
	readonly shows: string;
	/** What is right and is not taken so, or is taken and is not quite right, in sentences. */
	readonly cannot: readonly string[];
};

/** How the answer to an exercise of one kind comes apart. */
export type EntriesOf<E extends Exercise> = (exercise: E) => Outcome<Entries>;
