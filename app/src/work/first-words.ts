/** How much of a problem a list shows, in characters. */
const FIRST_WORDS = 90;

/** The first words of a problem, so that one knows it again. */
export function firstWords(text: string): string {
	return text.length > FIRST_WORDS ? `${text.slice(0, FIRST_WORDS).replace(/\s+\S*$/, '')} …` : text;
}
