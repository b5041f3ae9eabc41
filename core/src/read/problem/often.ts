import type { Found, NumberAt } from './found';

/** The unit of how often something is done in a time: time/day. */
export const TIMES = /^time\/(\p{L}+)$/u;

/** How often something is done in a time: three times a day, twice an hour. */
const OFTEN = /^(?:\s+times)?\s+(?:an?|per|each|every)\s+(second|minute|hour|day|week|month|year)\b/iu;

/** A number of times, in a text that says how often: 14 times a minute, and how long for 350 times? */
const COUNTED = /^\s+times\b(?!\s+(?:as|more|less|the)\b)/iu;
const OFTEN_ANYWHERE = /\btimes\s+(?:an?|per|each|every)\s/iu;

/** How often a text says something is done, where a number of it begins so; null for another number. */
export function oftenAt(text: string, { from, to, number }: NumberAt): Found | null {
	const rest = text.slice(to);
	const counted = COUNTED.exec(rest);
	if (counted && !OFTEN.test(rest) && OFTEN_ANYWHERE.test(text))
		return { at: [from, to + counted[0].length], number, unit: 'time' };
	const match = OFTEN.exec(rest);
	const isOften = match && (/^\s+times\b/iu.test(match[0]) || FREQUENT.has(text.slice(from, to).toLowerCase()));
	return match && isOften
		? { at: [from, to + match[0].length], number, unit: `time/${match[1]?.toLowerCase()}` }
		: null;
}

/** Words that say how often. */
const FREQUENT: ReadonlyMap<string, string> = new Map([
	['twice', '2'],
	['thrice', '3'],
]);
const FREQUENTLY = /\b(?:twice|thrice)(?=\s+(?:an?|per|each|every)\s)/giu;

/** The words of a text that say how often, as numbers. */
export function frequencies(text: string): readonly NumberAt[] {
	return [...text.matchAll(FREQUENTLY)].map(({ 0: word, index }) => ({
		from: index,
		to: index + word.length,
		number: FREQUENT.get(word.toLowerCase()) ?? '',
	}));
}
