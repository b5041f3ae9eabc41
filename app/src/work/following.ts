import { BOOK, placeInRound, shownCode } from '@tidy-sum/core';
import { madeRound } from './made-rounds';

/** Where an exercise is among others, and what follows it. */
export type Following = {
	/** Its place, to be read beside its title; '' for a problem of one's own. */
	readonly aside: string;
	/** The code of its Round; null outside of Rounds. */
	readonly round: string | null;
	/** The name of the next exercise; null after the last one of a Round. */
	readonly next: string | null;
};

/** The place of an exercise in its Round, else in the book, which begins again after its last. */
export function followingOf(name: string): Following {
	const at = BOOK.findIndex((other) => other.name === name);
	const inRound = placeInRound(name);
	const round = inRound && madeRound(inRound.code);
	const next = round ? round.exercises[inRound.place + 1] : BOOK[(at + 1) % BOOK.length];
	const inBook = at < 0 ? '' : `${at + 1} of ${BOOK.length}`;
	return {
		aside: inRound ? `Round ${shownCode(inRound.code)}` : inBook,
		round: inRound?.code ?? null,
		next: next?.name ?? null,
	};
}
