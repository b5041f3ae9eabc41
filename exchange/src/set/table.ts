import { bad, good, type Outcome } from '@tidy-sum/core';
import Papa from 'papaparse';
import { safeCell, unsafeCell } from './safe-cell';

/** The most characters of a table that is read in one piece. */
export const TABLE_LIMIT = 64_000_000;

/** A row of a table by the names of its columns, small letters; and where it stands, from 2, below the names. */
export type Row = { readonly at: number; readonly cells: ReadonlyMap<string, string> };

/** The names of columns as they are looked for: small letters, single spaces. */
export function columnName(cell: string): string {
	return unsafeCell(cell)
		.trim()
		.toLowerCase()
		.replace(/[\s_]+/gu, ' ');
}

/** What may stand between cells: a spreadsheet of a country that writes decimals with a comma takes semicolons. */
const DELIMITERS = [',', ';', '\t'] as const;

/** What stands between the cells, by the names of the columns; their own text has none of it. */
export function delimiterOf(text: string): string {
	const [names = ''] = text.slice(0, 10_000).split(/[\r\n]/u, 1);
	const times = (sign: string) => names.split(sign).length;
	return DELIMITERS.reduce((best, sign) => (times(sign) > times(best) ? sign : best));
}

/**
 * A table from comma-separated values (RFC 4180), whatever stands between its cells.
 * @returns its columns and rows, of which there may be none; `too-large` where it cannot be read in one piece.
 */
export function readTable(
	text: string,
): Outcome<{ readonly columns: readonly string[]; readonly rows: readonly Row[] }> {
	if (text.length > TABLE_LIMIT) return bad('too-large', 'This table is too long to read at once.');
	const { data } = Papa.parse<string[]>(text, { skipEmptyLines: false, delimiter: delimiterOf(text) });
	const [names = [], ...body] = data;
	const columns = names.map(columnName);
	const rows = body.flatMap((cells, i): Row[] => {
		if (isEmptyRow(cells)) return [];
		return [{ at: i + 2, cells: rowCells(columns, cells) }];
	});
	return good({ columns, rows });
}

/** Whether nothing stands in a row. */
export function isEmptyRow(cells: readonly string[]): boolean {
	return cells.every((cell) => cell.trim() === '');
}

/** What is said of a table that has only the names of its columns. */
export const NO_ROWS = 'There are no rows under the column names.';

/** The cells of a row by the names of the columns; empty ones are left out. */
export function rowCells(columns: readonly string[], cells: readonly string[]): ReadonlyMap<string, string> {
	const named = new Map<string, string>();
	for (const [i, cell] of cells.entries()) {
		const name = columns[i];
		const text = unsafeCell(cell).trim();
		if (name && text !== '') named.set(name, text);
	}
	return named;
}

/** The mark of UTF-8 before a file: without it a spreadsheet takes µ and ² for letters of another encoding. */
export const UTF8_MARK = '\uFEFF';

/** Rows as comma-separated values, each cell made safe; lines end as RFC 4180 has it. */
export function tableText(rows: readonly (readonly string[])[]): string {
	return `${Papa.unparse(rows.map((row) => row.map(safeCell)))}\r\n`;
}
