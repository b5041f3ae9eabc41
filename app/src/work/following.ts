import { BOOK, placeInRound, roundTitle } from '@tidy-sum/core';
import { madeRound } from './made-rounds';
import { type PlaceInSheet, problemName, sheetTitle } from './sheet';
import * as words from './words';

/** Where an exercise is among others, and what follows it. */
export type Following = {
	/** What it belongs to, where that is its title on the Desk: the sheet. */
	readonly title: string | null;
	/** Its place, to be read beside its title; '' for a problem that stands alone. */
	readonly aside: string;
	/** The Round or the sheet it belongs to: where that is, and how one is led there; null outside of both. */
	readonly among: { readonly path: string; readonly label: string } | null;
	/** Where one leaves the Desk to. */
	readonly out: { readonly path: string; readonly says: string };
	/** The name of the next exercise; null after the last one. */
	readonly next: string | null;
};

function inSheet({ name, sheet, at }: PlaceInSheet): Following {
	const next = at < 0 ? undefined : sheet.problems[at + 1];
	return {
		title: sheetTitle(sheet),
		aside: at < 0 ? '' : words.of(at + 1, sheet.problems.length),
		among: { path: `/sheet/${name}`, label: words.howThisSheetIsGoing },
		out: { path: `/sheet/${name}`, says: words.toTheSheet },
		next: next ? problemName(name, next.id) : null,
	};
}

/**
 * The place of an exercise on its sheet or in its Round, else in the book, which begins again after its last.
 * @param place where it stands on a sheet; null where it is on none.
 */
export function followingOf(name: string, place: PlaceInSheet | null = null): Following {
	if (place) return inSheet(place);
	const at = BOOK.findIndex((other) => other.name === name);
	const inRound = placeInRound(name);
	const round = inRound && madeRound(inRound.code);
	const next = round ? round.exercises[inRound.place + 1] : BOOK[(at + 1) % BOOK.length];
	const inBook = at < 0 ? '' : words.ofOfNumber(at + 1, BOOK.length);
	return {
		title: null,
		aside: inRound ? roundTitle(inRound.code) : inBook,
		among: inRound ? { path: `/round/${inRound.code}`, label: words.howThisRoundIsGoing } : null,
		out: inRound
			? { path: `/round/${inRound.code}`, says: words.toTheRound }
			: { path: '/problems', says: words.toAllProblems },
		next: next?.name ?? null,
	};
}
