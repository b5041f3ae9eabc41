import {
	type Exercise,
	type Quantity,
	readQuantityText,
	type Start,
	sidesOfStart,
	writtenQuantity,
} from '@tidy-sum/core';
import { readStarting } from '@tidy-sum/core/help';
import { CellFault, ITEMS, items } from './cell';

/** A number as most are written, and a unit that holds no sign of ours: read without asking the core. */
const PLAIN = /^([-−]?\d[\d.]*(?:e[-+]?\d+)?)(?: ([^\d\s|/;=()−-][^\s|;=()]*))?$/u;

/** A quantity whose number or unit holds spaces, with a bar between the two. */
const BARRED = ' | ';

/** A quantity of a cell: "2.75 in/h", or "3 1/2 | fl oz" where it could be cut in two places. */
export function readQuantityCell(text: string): Quantity {
	const cell = text.trim();
	const plain = PLAIN.exec(cell);
	if (plain) return { number: plain[1] as string, unit: plain[2] ?? '' };
	const bar = cell.indexOf('|');
	if (bar >= 0) return { number: cell.slice(0, bar).trim(), unit: cell.slice(bar + 1).trim() };
	const read = readQuantityText(cell);
	if (!read.ok) throw new CellFault(read.fault.message);
	return read.value;
}

/** The same written; what is read again is what was written. */
export function quantityCell(quantity: Quantity): string {
	const written = writtenQuantity(quantity);
	if (!/[;=()|]| (?:\/|over) /u.test(written)) {
		try {
			const again = readQuantityCell(written);
			if (again.number === quantity.number && again.unit === quantity.unit) return written;
		} catch {
			// Written with a bar, which needs no reading.
		}
	}
	return `${quantity.number}${BARRED}${quantity.unit}`;
}

/** What a line starts from: one quantity, or one over another: "3.6 km over 12.5 min". */
export function readStartCell(text: string): Pick<Exercise, 'start' | 'until' | 'terms'> {
	const [top = '', bottom, ...more] = text.split(/\s+over\s+/u);
	if (bottom !== undefined && !more.length)
		return { start: { top: readQuantityCell(top), bottom: readQuantityCell(bottom) } };
	try {
		return { start: readQuantityCell(text) };
	} catch (fault) {
		// As a person types it: a range, a measure in parts, a sum.
		const read = readStarting(text);
		if (read.ok) return read.value;
		throw fault;
	}
}

export function startCell(start: Start): string {
	const { top, bottom } = sidesOfStart(start);
	return bottom ? `${quantityCell(top)} over ${quantityCell(bottom)}` : quantityCell(top);
}

/** The further parts of a sum, and the units of a measure in parts. */
export function readTermsCell(text: string): Quantity[] {
	return items(text).map(readQuantityCell);
}

export function termsCell(terms: readonly Quantity[]): string {
	return terms.map(quantityCell).join(ITEMS);
}
