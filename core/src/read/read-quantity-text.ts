import { bad, good, type Outcome } from '../numeral/fault';
import type { Quantity } from '../quantity/quantity';
import { readAnswer } from './read-answer';

/**
 * A quantity as it is typed, its number and unit still as written: "36 crates", "2.75 in/h".
 * @returns the quantity, or what cannot be read; `empty` without a number.
 */
export function readQuantityText(text: string): Outcome<Quantity> {
	const typed = text.trim();
	const read = readAnswer(typed);
	if (!read.ok) return read;
	if (!read.value.number) return bad('empty', 'Write a number first.', [0, typed.length]);
	return good(read.value.written);
}
