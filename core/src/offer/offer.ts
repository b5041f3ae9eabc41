import type { Chain, Factor } from '../chain/chain';
import type { WorkedChain } from '../chain/work-chain';
import type { Exercise } from '../exercise/exercise';

/** One way a step can be laid on the line: the step itself, its text there, and said aloud. */
export type Way = {
	readonly factor: Factor;
	/** What is laid before it by the same touch: the factor that changes the degrees. */
	readonly after?: Factor;
	readonly text: string;
	readonly say: string;
};

/** A step that is no factor, offered where a unit is touched: what it goes by, and the ways it can be laid. */
export type Offer = {
	readonly key: string;
	/** What it goes by, as print has it, and said aloud. */
	readonly text: string;
	readonly say: string;
	/** Why, or where that is from. */
	readonly about: string;
	readonly ways: readonly Way[];
};

/** What an offer is made for. */
export type OfferAt = {
	readonly exercise: Exercise;
	readonly chain: Chain;
	readonly worked: WorkedChain;
	/** The touched unit; '' where none is. */
	readonly unit: string;
	/** Whether numbers are filled in, or are the student's to write. */
	readonly fills: boolean;
};

/** What a kind of step offers on a line as it stands. */
export type Offers = (at: OfferAt) => readonly Offer[];
