/** Units that people shorten with a point. */
const SHORTENED = 'lbs?|hrs?|mins?|secs?|ft|in|yd|oz|gal|sq|cu|pt|qt|mi|approx';

/** A point behind a shortened unit, and not at the end of a sentence: 2.2 lbs. make 1 kg, 56 sq. ft. */
const POINT = new RegExp(
	`(?<=\\d\\s?|\\b(?:sq|cu)\\.?\\s?|\\bto\\s|\\bin\\s)\\b(${SHORTENED})\\.(?=\\s*(?:[\\p{Ll}\\d,;)=+]|$))`,
	'gu',
);
/** The same above a bar: 0.85 in./min. */
const ABOVE = new RegExp(`\\b(${SHORTENED})\\.(/\\p{L}+)`, 'gu');

/**
 * A text with a space for each point that only shortens a unit, so that a sentence ends where its point is. It is as long as
 * before, so that places in it stay.
 */
export function withoutShortening(text: string): string {
	return text.replace(ABOVE, '$1$2 ').replace(POINT, '$1 ');
}

/** How long a line of wrapped text is at least, and where one before a capital is. */
const WRAPPED = 25;
const WRAPPED_BEFORE_CAPITAL = 60;

/** What begins an entry of a list: a bullet, 3., b), Q: */
const ENTRY = /^\s*(?:[-–•*▪‣]\s|\d{1,2}[.)]\s|\(?\p{Ll}{1,3}\)\s|\p{L}{1,12}\s?:)/u;

/** Whether a line goes on in the next one, as in text copied from a page. */
function goesOn(line: string, next: string): boolean {
	// A gap alone is for what the line before it asks.
	if (/^\s*(?:_{2,}|…)\s*$/u.test(next)) return true;
	if (/[\t|]/u.test(line + next) || /[.?!:;]\s*$/u.test(line) || ENTRY.test(next) || next.trim() === '') return false;
	return line.trim().length >= (/^\s*\p{Lu}\p{Ll}/u.test(next) ? WRAPPED_BEFORE_CAPITAL : WRAPPED);
}

/** A text copied from a page with a space in place of each end of a line within a sentence. It is as long as before. */
export function unwrapped(text: string): string {
	const lines = text.split('\n');
	return lines.reduce((left, next, i) => `${left}${goesOn(lines[i - 1] ?? '', next) ? ' ' : '\n'}${next}`);
}

/** A comma that can only be a decimal mark: 2,5 kg; 0,025 t. */
const DECIMAL =
	/(?<![\d.,\p{L}])(?:\d{1,3}(?:\.\d{3})+,\d+|\d+,\d{1,2}|\d+,\d{4,}|0,\d+)(?![\d,]|-?\p{L}{3,}|\s*(?:points?|marks?|pts?)\b)/gu;
/** Where numbers with a comma are a list: questions 1,2. */
const LISTS = /\b(?:questions?|problems?|exercises?|nos?\.?|numbers?|pages?)\s+$/iu;

/** Whether a text has a comma that can only be its decimal mark. */
export function hasDecimalComma(text: string): boolean {
	return [...text.matchAll(DECIMAL)].some(({ index }) => !LISTS.test(text.slice(0, index)));
}
