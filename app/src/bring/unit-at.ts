import { parseUnit } from '@tidy-sum/core';

/** Words that are units as well, and are not meant so in a sentence. */
const NO_UNITS = new Set(['a', 'an', 'as', 'at', 'in', 'i', 'pa', 'second']);

const WORD = /[\p{L}°µμΩ%][\p{L}\d°µμΩ%/²³·^]*/gu;

function isUnit(text: string): boolean {
	const read = parseUnit(text);
	const isBare = read.ok && read.value.parts.every(({ label }) => label === undefined);
	// “In kilograms” is no product: of two words one is no unit by itself, as in cubic feet.
	const [first = '', second] = text.split(/\s+/u);
	const isProduct = second !== undefined && parseUnit(first).ok && parseUnit(second).ok;
	return isBare && !isProduct && !NO_UNITS.has(text.toLowerCase());
}

/**
 * The unit that a text names at a place, with its span; of two words where they are one unit. Null where it names none there.
 * @example unitAt('What is the mass in grams?', 22) // { at: [20, 25], text: 'grams' }
 */
export function unitAt(
	text: string,
	place: number,
): { readonly at: readonly [number, number]; readonly text: string } | null {
	const words = [...text.matchAll(WORD)].map(({ 0: word, index }) => ({ from: index, to: index + word.length }));
	const i = words.findIndex(({ from, to }) => place >= from && place <= to);
	const [before, word, behind] = [words[i - 1], words[i], words[i + 1]];
	if (!word) return null;
	const spans = [
		[word.from, behind?.to ?? word.to],
		[before?.from ?? word.from, word.to],
		[word.from, word.to],
	] as const;
	const at = spans.find((span) => !text.slice(...span).includes('\n') && isUnit(text.slice(...span)));
	return at ? { at, text: text.slice(...at) } : null;
}
