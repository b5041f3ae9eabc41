/** How a formula of a spreadsheet begins; a cell that begins so is written with a mark before it. */
const BEGINS = /^'*[=+\-@\t\r]/u;

/**
 * A text as a cell that no spreadsheet runs as a formula: with an apostrophe before a sign that begins one.
 * @example safeCell('-40 °C') // "'-40 °C"
 */
export function safeCell(text: string): string {
	return BEGINS.test(text) ? `'${text}` : text;
}

/** The same as it was before. */
export function unsafeCell(cell: string): string {
	return cell.startsWith("'") && BEGINS.test(cell) ? cell.slice(1) : cell;
}
