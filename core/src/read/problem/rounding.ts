import type { Rounding } from '../../exercise/exercise';
import type { Span } from '../../numeral/fault';

const COUNTS: Readonly<Record<string, number>> = {
	one: 1,
	two: 2,
	three: 3,
	four: 4,
	five: 5,
	six: 6,
	seven: 7,
	eight: 8,
	nine: 9,
};
const PLACES: Readonly<Record<string, number>> = {
	thousand: 3,
	hundred: 2,
	ten: 1,
	whole: 0,
	one: 0,
	unit: 0,
	cent: -2,
	tenth: -1,
	hundredth: -2,
	thousandth: -3,
};
const COUNT = '(\\d{1,2}|one|two|three|four|five|six|seven|eight|nine)';

function count(word: string): number {
	return COUNTS[word.toLowerCase()] ?? Number(word);
}

/** The place a decimal such as 0.01 or 100 ends at. */
function placeOf(text: string): number | null {
	if (/^0?\.0*1$/.test(text)) return -(text.length - text.indexOf('.') - 1);
	return /^10*$/.test(text) ? text.length - 1 : null;
}

/** How a rounding is asked for: a row each, with an example; the first that fits holds. */
const ASKS: readonly {
	readonly example: string;
	readonly by: RegExp;
	readonly rounding: (word: string) => Rounding | null;
}[] = [
	{
		example: 'to the nearest tenth, nearest whole number',
		by: /\bnearest\s+(thousandth|hundredth|tenth|whole|one|unit|ten|hundred|thousand|cent)s?\b/iu,
		rounding: (word) => ({ place: PLACES[word.toLowerCase()] ?? 0 }),
	},
	{
		example: 'to the nearest 0.01',
		by: /\bnearest\s+(0?\.0*1|10*)(?![\d.])/iu,
		rounding: (word) => {
			const place = placeOf(word);
			return place === null ? null : { place };
		},
	},
	{
		example: 'to the nearest inch',
		by: /\bnearest\s+(?!\d)(\p{L}{2,})/iu,
		rounding: () => ({ place: 0 }),
	},
	{
		example: 'to whole degrees',
		by: /\bto\s+(?:the\s+)?whole\s+(?!numbers?\b)(\p{L}{3,})/iu,
		rounding: () => ({ place: 0 }),
	},
	{
		example: 'to 2 decimal places, 2 d.p.',
		by: new RegExp(`\\b${COUNT}\\s*(?:decimal\\s+(?:places?|digits?)|decimals?\\b|d\\.?\\s?p\\b\\.?)`, 'iu'),
		rounding: (word) => ({ place: -count(word) }),
	},
	{
		example: '3 significant figures, 3 sig figs, 3 s.f.',
		by: new RegExp(
			`\\b${COUNT}\\s*(?:significant\\s+(?:figures?|digits?)|sig\\.?\\s*(?:figures?|digits?|figs?\\.?)|s\\.?\\s?f\\b\\.?)`,
			'iu',
		),
		rounding: (word) => (count(word) > 0 ? { significant: count(word) } : null),
	},
	{
		example: 'round to a whole number',
		by: /\b(?:round(?:ed)?|as|to|give)\b[^?.!]{0,20}\ba\s+(whole)\s+number\b/iu,
		rounding: () => ({ place: 0 }),
	},
];

/** The rounding a text asks for, and where it says so. */
export function roundingIn(text: string): { readonly rounding: Rounding; readonly at: Span } | null {
	for (const { by, rounding } of ASKS) {
		const match = by.exec(text);
		const asked = match ? rounding(match[1] ?? '') : null;
		if (match && asked) return { rounding: asked, at: [match.index, match.index + match[0].length] };
	}
	return null;
}

/** The spans of a text that only say how to round; a number in them is no quantity. */
export function roundingSpans(text: string): readonly (readonly [number, number])[] {
	return ASKS.flatMap(({ by }) => {
		const all = new RegExp(by.source, `${by.flags}g`);
		return [...text.matchAll(all)].map((match) => [match.index, match.index + match[0].length] as const);
	});
}
