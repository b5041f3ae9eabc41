/** Marks of direction and others that are not seen, as they come along when something is copied (Unicode, 23.2). */
const UNSEEN = /[\u00ad\u200b-\u200f\u202a-\u202e\u2060\u2066-\u2069\ufeff]/gu;

/** A pasted text with a space for each mark that is not seen, so that every place in it stays what it is. */
export function legible(text: string): string {
	return text.replace(UNSEEN, ' ');
}
