import type { Span } from '../../numeral/fault';
import type { Found } from './found';
import type { Linked } from './linked';
import { isUnit } from './words';

/** A cell of a table with where it is in the text. */
type Cell = { readonly at: Span; readonly text: string };

const SEPARATOR = /\||\t/u;

/** The cells of a line; empty if it is not a row of a table. */
function cellsOf(line: string, from: number): readonly Cell[] {
	if (!SEPARATOR.test(line)) return [];
	const cells: Cell[] = [];
	let at = from;
	for (const part of line.split(SEPARATOR)) {
		if (part.trim() !== '') cells.push({ at: [at, at + part.length], text: part.trim() });
		at += part.length + 1;
	}
	return cells.length > 1 ? cells : [];
}

/** The unit the head of a column names: "Mass (g)", "grams"; null where it names none. */
function unitOfHead({ text }: Cell): string | null {
	const inside = /\(([^)]+)\)\s*$/u.exec(text)?.[1];
	if (inside !== undefined && isUnit(inside)) return inside;
	return [text, text.toLowerCase()].find(isUnit) ?? null;
}

/** The rows of a table below a head that names units: the cells of each, with the unit of its column. */
function rowsOf(text: string): readonly (readonly { readonly at: Span; readonly unit: string | null }[])[] {
	const lines: { readonly line: string; readonly from: number }[] = [];
	let at = 0;
	for (const line of text.split('\n')) {
		lines.push({ line, from: at });
		at += line.length + 1;
	}
	const cells = lines.map(({ line, from }) => cellsOf(line, from));
	const head = cells.findIndex(
		(row) => row.length > 1 && row.every((cell) => !/\d/.test(cell.text)) && row.some(unitOfHead),
	);
	if (head < 0) return [];
	const units = (cells[head] as readonly Cell[]).map(unitOfHead);
	const below = cells.slice(head + 1);
	const end = below.findIndex((row) => row.length !== units.length);
	return below
		.slice(0, end < 0 ? below.length : end)
		.map((row) => row.map((cell, k) => ({ at: cell.at, unit: units[k] ?? null })));
}

/** The quantities of a text, those in a table with the unit of their column if they have no unit. */
export function withUnitsOfTable(text: string, found: readonly Found[]): readonly Found[] {
	const cells = rowsOf(text).flat();
	if (!cells.length) return found;
	return found.map((one) => {
		const cell = one.unit === '' ? cells.find(({ at: [from, to] }) => one.at[0] >= from && one.at[0] < to) : undefined;
		return cell?.unit ? { ...one, unit: cell.unit } : one;
	});
}

/** Each row of a table with two quantities as a fact. */
export function factsOfTable(text: string, found: readonly Found[]): readonly Linked[] {
	return rowsOf(text).flatMap((row): Linked[] => {
		const of = row.map(({ at: [from, to] }) =>
			found.findIndex(({ at, unit }) => unit !== '' && at[0] >= from && at[0] < to),
		);
		const [one, other] = of.map((i) => found[i]);
		if (of.length !== 2 || !one || !other) return [];
		const [left, right] = [one, other].map(({ number, unit }) => ({ number, unit }));
		return left && right ? [{ fact: { left, right }, of }] : [];
	});
}
