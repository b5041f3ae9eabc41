import { bad, good, type Outcome } from '@tidy-sum/core';

/** How a text of two bytes a letter begins. */
const WIDE: readonly (readonly [number, number, string])[] = [
	[0xff, 0xfe, 'utf-16le'],
	[0xfe, 0xff, 'utf-16be'],
];

/** The encoding of a text by how its bytes begin. */
export function encodingOf(bytes: Uint8Array): string {
	return WIDE.find(([first, second]) => bytes[0] === first && bytes[1] === second)?.[2] ?? 'utf-8';
}

/**
 * The text that bytes hold: UTF-8, with or without its mark, or UTF-16 with it.
 * @returns it; `encoding` where the bytes are no such text.
 */
export function textOf(bytes: Uint8Array): Outcome<string> {
	try {
		const text = new TextDecoder(encodingOf(bytes), { fatal: true }).decode(bytes);
		if (!text.includes('\0')) return good(text);
	} catch {
		// No text of that kind: told below.
	}
	return bad('encoding', 'This file is not UTF-8 text. Save it again as UTF-8, then try again.');
}
