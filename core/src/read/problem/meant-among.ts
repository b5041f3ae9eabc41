import { singular } from '../../unit/singular';
import type { Found } from './found';
import type { Free } from './measure';
import { isUnit, JOINS } from './words';

/** Words for how a thing is measured. The start is the quantity with the word of the question, or the word that goes with it. */
const MEASURED =
	/\b(?:how (?:many\s+[\p{L}/²³ ]+?\s+)?(long|wide|high|deep|tall|thick|heavy)|(?:what|give|find|express|convert|write)\b[^.?!]*?\b(length|width|height|depth|thickness))\b/iu;

const WITH_NOUN: Readonly<Record<string, string>> = {
	length: 'long',
	width: 'wide',
	height: 'high|tall',
	depth: 'deep',
	thickness: 'thick',
};

/** How far before a quantity its name is looked for, and how far behind it the word that measures. */
const BEFORE = 60;
const BEHIND = 40;

/** A word of a difference in the last sentence: how many degrees warmer is that? */
const DIFFERS = /\b(?:warmer|colder|hotter|cooler)\b(?=[^.?!]*\?)/iu;

/** The word a question measures with: long, of how long or what length. */
function wordAsked(text: string): string | undefined {
	const differs = DIFFERS.exec(text);
	if (differs) return differs[0];
	const [, adjective, noun] = MEASURED.exec(text) ?? [];
	return adjective ?? WITH_NOUN[noun?.toLowerCase() ?? ''];
}

/** Those with the word the question measures with: “48 mm wide and 66 m long … how many feet long”. */
function byMeasure(text: string, may: readonly Free[]): readonly Free[] {
	const word = wordAsked(text);
	if (word === undefined) return [];
	const isBehind = new RegExp(`^\\s*(?:${word})\\b`, 'iu');
	return may.filter(({ quantity: { at } }) => isBehind.test(text.slice(at[1], at[1] + BEHIND)));
}

/** Those whose name is in the question: “his dog 21 kg … how heavy is the dog?” */
function byName(text: string, found: readonly Found[], may: readonly Free[], question: string): readonly Free[] {
	const before = may.map(({ quantity, i }) => text.slice(found[i - 1]?.at[1] ?? 0, quantity.at[0]));
	// One patient and another: the name does not tell them apart.
	if (before.some((words) => /\b(?:another|other|second)\b/iu.test(words))) return [];
	const asked = new Set(nounsOf(question));
	return may.filter((_, k) => {
		const clauses = (before[k] ?? '').slice(-BEFORE).split(/[,;.]|\b(?:and|but|while)\b/iu);
		return nounsOf(clauses.at(-1) ?? '').some((noun) => asked.has(noun));
	});
}

const ASKS = /[.?!,]\s+(?=how\b|what\b)[^?]*/giu;

/**
 * Of several quantities that may be the start those that the question means: with the word it measures with, the only one in its own
 * clause, or the only one it names. Empty if the question does not tell them apart.
 */
export function meantAmong(text: string, found: readonly Found[], may: readonly Free[]): readonly Free[] {
	const measured = byMeasure(text, may);
	if (measured.length) return measured;
	const asks = [...text.matchAll(ASKS)].at(-1);
	if (!asks) return [];
	const [from, to] = [asks.index, asks.index + asks[0].length];
	const within = may.filter(({ quantity }) => quantity.at[0] > from && quantity.at[0] < to);
	const meant = within.length ? within : byName(text, found, may, asks[0]);
	return meant.length === 1 ? meant : [];
}

/** The words of a text that may name a thing: the dog of “his dog 21 kg”. */
function nounsOf(text: string): readonly string[] {
	const words = [...text.toLowerCase().matchAll(/(?<![\p{L}\d/])\p{Ll}{3,}(?![\p{L}/])/gu)].map(([word]) =>
		singular(word),
	);
	return words.filter((word) => !JOINS.has(word) && !isUnit(word) && !ASKED.has(word));
}

/** Words of a question that name no thing. */
const ASKED = new Set(
	'many much what give find express convert write mass length volume height width time weight number have'.split(' '),
);
