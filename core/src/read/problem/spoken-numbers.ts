import type { Span } from '../../numeral/fault';

/** A number a text has in words, with its place and the same number in digits. */
export type SpokenNumber = { readonly at: Span; readonly number: string };

const SMALL: Readonly<Record<string, number>> = {
	...Object.fromEntries(
		'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'
			.split(' ')
			.map((word, i) => [word, i]),
	),
	...Object.fromEntries(
		'twenty thirty forty fifty sixty seventy eighty ninety'.split(' ').map((word, i) => [word, 20 + 10 * i]),
	),
};
const LARGE: Readonly<Record<string, number>> = { hundred: 100, thousand: 1000, million: 1_000_000 };
const PARTS: Readonly<Record<string, string>> = {
	half: '1/2',
	'a half': '1/2',
	'one half': '1/2',
	quarter: '1/4',
	'a quarter': '1/4',
	'one quarter': '1/4',
	'a third': '1/3',
	'one third': '1/3',
	'two thirds': '2/3',
	'three quarters': '3/4',
};

const WORD = `(?:${Object.keys(SMALL).join('|')})`;
const WHOLE = `(?:(?:an?\\s+)?(?:hundred|thousand|million|dozen)|${WORD})(?:(?:[\\s-]+(?:and\\s+)?)(?:${WORD}|hundred|thousand|million|dozen)\\b)*`;
const PART = Object.keys(PARTS)
	.sort((a, b) => b.length - a.length)
	.join('|')
	.replaceAll(' ', '\\s+');

/** Three quarters of an hour; half a litre; two and a half; thirty-six; a dozen; minus twelve. */
const SPOKEN = new RegExp(
	`(?<![\\p{L}\\d-])(?:(minus)\\s+)?(?:(?:(${PART})(?:\\s+of)?\\s+an?|(${WHOLE})(?:\\s+and\\s+(a\\s+half|a\\s+quarter|three\\s+quarters))?)(?![\\p{L}-])|(${PART})(?=\\s+of\\s+the))`,
	'giu',
);

/** A number in digits with a word for its size, or a part of something: 150 million, 3/4 of a day. */
const MIXED =
	/(?<![\p{L}\d])minus\s+(\d+(?:\.\d+)?)(?![\d.])|(?<![\p{L}\d.,])(\d+(?:\.\d+)?)\s+(million|thousand|dozen)\b|(?<![\p{L}\d.,])(\d\/\d)\s+of\s+an?\b/giu;

/** A whole number in digits and a part in words: 2 and a half. */
const AND_PART = /(?<![\p{L}\d.,])(\d+)\s+and\s+(a\s+half|a\s+quarter|three\s+quarters)\b/giu;

/** The whole number some words say: three hundred and five. */
function wholeOf(words: string): number {
	let [sum, part] = [0, 0];
	for (const word of words.toLowerCase().split(/[\s-]+/u)) {
		if (word in SMALL) part += SMALL[word] as number;
		else if (word === 'dozen') part = (part || 1) * 12;
		else if (word === 'hundred') part = (part || 1) * 100;
		else if (word in LARGE) {
			sum += (part || 1) * (LARGE[word] as number);
			part = 0;
		}
	}
	return sum + part;
}

function partOf(words: string): string {
	return PARTS[words.toLowerCase().replace(/\s+/g, ' ')] ?? '';
}

/**
 * The numbers a text has in words, in reading order: “thirty-six” is 36, “half an hour” has 1/2, “150 million” is 150e6. “One” and
 * “a” alone are left out.
 */
export function spokenNumbers(text: string): readonly SpokenNumber[] {
	const found: SpokenNumber[] = [];
	for (const match of text.matchAll(SPOKEN)) {
		const [all, minus, partOfOne, whole, andPart, lone] = match;
		const part = partOfOne ?? lone;
		if (whole !== undefined && /^one$/iu.test(whole) && andPart === undefined) continue;
		const number =
			part !== undefined
				? partOf(part)
				: `${wholeOf(whole ?? '')}${andPart === undefined ? '' : ` ${partOf(andPart.replace(/^a\s+/iu, ''))}`}`;
		found.push({ at: [match.index, match.index + all.length], number: `${minus ? '-' : ''}${number}` });
	}
	for (const match of text.matchAll(MIXED)) {
		const [all, below, digits, size, part] = match;
		const sizes: Readonly<Record<string, string>> = { million: 'e6', thousand: 'e3' };
		const word = size?.toLowerCase() ?? '';
		const sized = part ?? (word === 'dozen' ? `${Number(digits) * 12}` : `${digits}${sizes[word] ?? ''}`);
		const number = below === undefined ? sized : `-${below}`;
		found.push({ at: [match.index, match.index + all.length], number });
	}
	for (const { 0: all, 1: digits, 2: part = '', index } of text.matchAll(AND_PART))
		found.push({ at: [index, index + all.length], number: `${digits} ${partOf(part.replace(/^a\s+/iu, ''))}` });
	return found.sort((a, b) => a.at[0] - b.at[0]);
}
