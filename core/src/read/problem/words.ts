import { parseUnit } from '../../unit/parse-unit';

/** Words that say what something does: behind a quantity they are no thing it is of. */
export const VERBS = new Set(
	'cost costs weigh weighs last lasts flow flows hold holds make makes need needs take takes fill fills cover covers use uses contain contains give gives carry carries'.split(
		' ',
	),
);

/** Words that end a unit: they join quantities, or begin the next part of a sentence. */
export const JOINS = new Set([
	...VERBS,
	...'i we my our your me us them a an and are as at be by can do does for from had has have he her his how if into is it its no not of off on one or out over she so than that the their then they this to up was were what when which while who will with you your each every all more less times through down about after before until during only apart long wide high deep tall thick heavy old end left'.split(
		' ',
	),
]);

const WORD = /^[\p{L}°′″µμΩÅ%'"][\p{L}\d°′″µμΩÅ%^⁻⁰¹²³⁴⁵⁶⁷⁸⁹·/()*-]*/u;

/** A word of a text, with its place. */
export type Word = { readonly text: string; readonly from: number; readonly to: number };

/** The words after a place on the same line, up to the next stop or number. */
export function wordsAfter(text: string, from: number): readonly Word[] {
	const words: Word[] = [];
	let at = from;
	while (words.length < 6) {
		const gap = /^[ \t\u00a0\u2009\u202f]{0,2}(?:-(?=\p{L}))?/u.exec(text.slice(at))?.[0].length ?? 0;
		const match = WORD.exec(text.slice(at + gap));
		if (!match) break;
		// A bar before a number is no part of a unit: 250 mg/5 mL.
		const word = match[0]
			.replace(/\/\d.*$/, '')
			.replace(/-old$/, '')
			.replace(/[-·/(*]+$/, '')
			.replace(/(?<!\([^)]*)\)+$/, '');
		if (word === '') break;
		words.push({ text: word, from: at + gap, to: at + gap + word.length });
		at += gap + word.length;
		if (word.length < match[0].length) break;
	}
	return words;
}

/** Runs of words that were asked for before; a text asks for the same ones again and again. */
const KNOWN = new Map<string, boolean>();
const KNOWN_LIMIT = 4000;

/** Whether a run of words is a unit of the tables. */
export function isUnit(text: string): boolean {
	const before = KNOWN.get(text);
	if (before !== undefined) return before;
	const known = parseUnit(text).ok;
	if (KNOWN.size >= KNOWN_LIMIT) KNOWN.clear();
	KNOWN.set(text, known);
	return known;
}

/** A word that may name a counted thing. */
export const COUNTED = /^\p{Ll}[\p{Ll}-]+$/u;

/** Signs of money. */
export const MONEY: ReadonlyMap<string, string> = new Map([
	['dollar', '$'],
	['euro', '€'],
]);
