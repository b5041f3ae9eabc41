/** How a formula of a spreadsheet begins, be it in full width; a cell that begins so is written with a mark before it. */
const FORMULA = '[=+\\-@\\t\\r＝＋－＠]';

/**
 * What a spreadsheet takes for a number or a date and writes anew: 27.10 becomes 27.1, 1.5e3 becomes 1500, 3/4 a day in
 * March. The figures of a number are what is asked here, so it keeps its mark too.
 */
const REWRITTEN =
	'(?:\\d+\\.\\d*0|\\d+\\.|0\\d+|\\.\\d+|\\d[\\d.]*[eE][-+]?\\d+|(?:\\d+ )?\\d+[/:-]\\d+(?:[/:-]\\d+)?|\\d{16,})$';

const MARKED = new RegExp(`^'*(?:${FORMULA}|${REWRITTEN})`, 'u');

/**
 * A text as a cell that no spreadsheet runs as a formula or writes anew: with an apostrophe before what it would.
 * @example safeCell('-40 °C') // "'-40 °C"
 */
export function safeCell(text: string): string {
	return MARKED.test(text) ? `'${text}` : text;
}

/** The same as it was before. */
export function unsafeCell(cell: string): string {
	return cell.startsWith("'") && MARKED.test(cell) ? cell.slice(1) : cell;
}
