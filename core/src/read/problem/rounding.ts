import type { Rounding } from '../../exercise/exercise';

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
	tenth: -1,
	hundredth: -2,
	thousandth: -3,
};
const COUNT = '(\\d{1,2}|one|two|three|four|five|six|seven|eight|nine)';

/** The rounding a text asks for. */
export function roundingIn(text: string): Rounding | null {
	const nearest = /\bnearest\s+(thousandth|hundredth|tenth|whole|one|unit|ten|hundred|thousand)s?\b/iu.exec(text)?.[1];
	if (nearest) return { place: PLACES[nearest.toLowerCase()] ?? 0 };
	const count = (word: string) => COUNTS[word.toLowerCase()] ?? Number(word);
	const places = new RegExp(`\\b${COUNT}\\s+(?:decimals?|decimal places?)\\b`, 'iu').exec(text)?.[1];
	if (places) return { place: -count(places) };
	const figures = new RegExp(`\\b${COUNT}\\s+(?:significant|sig\\.?)\\s+(?:figures?|digits?|figs?\\.?)`, 'iu').exec(
		text,
	)?.[1];
	return figures && count(figures) > 0 ? { significant: count(figures) } : null;
}
