import type { Outcome } from '../numeral/fault';
import { within } from '../numeral/fault';
import type { Numeral } from '../numeral/numeral';
import { parseNumeral } from '../numeral/parse-numeral';
import { parseUnit } from '../unit/parse-unit';
import type { Unit } from '../unit/unit';

/** A number with its unit, both as written; a unit of one is "". */
export type Quantity = { readonly number: string; readonly unit: string };

/** A quantity as it is typed: "2.75 in/h", "36" where it has no unit. */
export function writtenQuantity({ number, unit }: Quantity): string {
	return `${number} ${unit}`.trim();
}

/** A quantity read: `number` is null where none is written yet. */
export type ReadQuantity = { readonly number: Numeral | null; readonly unit: Unit };

type Options = { readonly counted?: boolean; readonly mayLack?: boolean };

/**
 * Reads both halves of a quantity.
 * @param options.counted take unknown words for counted things.
 * @param options.mayLack let the number be "" (units first, numbers later).
 * @returns the quantity, or a fault with `in` set to "number" or "unit".
 */
export function readQuantity(quantity: Quantity, options: Options = {}): Outcome<ReadQuantity> {
	const unit = parseUnit(quantity.unit, options);
	if (!unit.ok) return { ok: false, fault: within(unit.fault, 'unit') };
	if (options.mayLack && quantity.number.trim() === '') return { ok: true, value: { number: null, unit: unit.value } };
	const number = parseNumeral(quantity.number);
	if (!number.ok) return { ok: false, fault: within(number.fault, 'number') };
	return { ok: true, value: { number: number.value, unit: unit.value } };
}

/** A quantity as the tables of this project write it: the number, a space, the unit. "2.75 in/h", "1 fl oz". */
export function quantityOfRow(text: string): Quantity {
	const [number = '', ...unit] = text.trim().split(' ');
	return { number, unit: unit.join(' ') };
}
