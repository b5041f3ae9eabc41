/** A unit inside a sentence, so that "in" is not read as a word: “in”. */
export function quoted(unit: string): string {
	return `“${unit.replace(/\{([^{}]*)\}/g, ' of $1')}”`;
}

/** "in and h", "in, m and h". */
export function listed(words: readonly string[]): string {
	return words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
}

/** A sentence with its first letter large. */
export function capital(text: string): string {
	return text.replace(/^\p{Ll}/u, (letter) => letter.toUpperCase());
}
