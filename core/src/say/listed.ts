// A formatter is slow to make and quick to use.
const AND = new Intl.ListFormat('en-GB', { type: 'conjunction' });
const OR = new Intl.ListFormat('en-GB', { type: 'disjunction' });

/** Words that a person typed, in quotation marks: “quick”. */
export function quoted(words: string): string {
	return `“${words}”`;
}

/** A unit inside a sentence: "mi", "g of salt"; in quotation marks where it would be read as a word: “in”. */
export function unitWord(unit: string): string {
	const plain = unit.replace(/\{([^{}]*)\}/g, ' of $1');
	return READ_AS_WORDS.has(plain) ? quoted(plain) : plain;
}

const READ_AS_WORDS = new Set(['in', 'a', 'at', 'are']);

/** "in and h", "in, m and h". */
export function listed(words: readonly string[]): string {
	return AND.format(words);
}

/** "in or h", "in, m or h". */
export function either(words: readonly string[]): string {
	return OR.format(words);
}

/** A sentence with its first letter large. */
export function capital(text: string): string {
	return text.replace(/^\p{Ll}/u, (letter) => letter.toUpperCase());
}
