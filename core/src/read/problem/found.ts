import type { Span } from '../../numeral/fault';
import type { Quantity } from '../../quantity/quantity';
import type { Unit } from '../../unit/unit';
import { unitNamed } from './unit-kinds';

/** A quantity found in a text, before its role is known. */
export type Found = Quantity & { readonly at: Span };

/** A number of a text: where it is, and in digits. */
export type NumberAt = { readonly from: number; readonly to: number; readonly number: string };

/** The unit of a quantity, its words taken for counted things where no table knows them. */
export function unitOf({ unit }: Quantity): Unit | null {
	return unitNamed(unit);
}
